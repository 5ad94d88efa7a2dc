package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import roundpocket.core.explain.Named;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternPlace;
import roundpocket.core.plan.ColourStart;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.KnotWay;
import roundpocket.core.plan.SecondSock;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What a plan says can be decided is what can be decided. */
public class RecipeTest extends AppTest {
    private static final Map<String, Class<? extends Named>> CHOICES = Map.ofEntries(
            Map.entry("tube.way", Way.class),
            Map.entry("tube.toeStart", ToeStart.class),
            Map.entry("tube.legFrom", LegFrom.class),
            Map.entry("placing.school", PlacingSchool.class),
            Map.entry("opening.way", OpeningWay.class),
            Map.entry("opening.corners", Corners.class),
            Map.entry("heel.school", ShapingSchool.class),
            Map.entry("heel.leaning", Leaning.class),
            Map.entry("heel.parity", Parity.class),
            Map.entry("heel.close", Close.class),
            Map.entry("toe.school", ShapingSchool.class),
            Map.entry("toe.leaning", Leaning.class),
            Map.entry("toe.parity", Parity.class),
            Map.entry("toe.close", Close.class),
            Map.entry("finish.rib", Rib.class),
            Map.entry("finish.yarnAt", Needle.class),
            Map.entry("colour.second", SecondSock.class),
            Map.entry("colour.heel", ColourStart.class),
            Map.entry("colour.toe", ColourStart.class),
            Map.entry("colour.knots", KnotWay.class),
            Map.entry("order", KnitOrder.class),
            Map.entry("pattern.place", PatternPlace.class),
            Map.entry("pattern.motif", Motif.class),
            Map.entry("technique.turning", Turning.class),
            Map.entry("technique.provisional", Provisional.class),
            Map.entry("technique.roundStart", RoundStart.class),
            Map.entry("technique.heelWhen", HeelWhen.class));

    /** These need more than their name: a tube, phases, a mark or a distance. */
    private static final Set<String> NEED_MORE =
            Set.of("READY_TUBE", "OWN", "ON_THE_FOOT", "OWN_DISTANCE", "AT_COLOUR");

    @DataProvider
    public Object[][] begun() {
        return new Object[][] {
            {"{}"},
            {"{\"tube\": {\"way\": \"CUFF_DOWN\"}}"},
            {"{\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 64, \"rounds\": 400}}}"},
            {"{\"tube\": {\"toeStart\": \"CLOSED\"}}"},
            {"{\"tube\": {\"toeStart\": \"SHORT_ROWS\"}}"},
            {"{\"opening\": {\"way\": \"SNIP\"}}"},
            {"{\"heel\": {\"school\": \"THREE_SPEED\"}, \"toe\": {\"school\": \"SHORT_ROWS\"}}"},
            {"{\"size\": {\"stitches\": 68}}"},
            {"{\"colour\": {}}"},
            {"{\"pattern\": {\"place\": \"BOTH\"}}"},
        };
    }

    private ObjectNode spec(String choices) {
        ObjectNode spec = (ObjectNode) json().readTree("""
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "choices": %s}""".formatted(choices));
        if (choices.contains("colour")) {
            spec.set("striping", json().readTree("""
                {"bands": [{"name": "red", "colour": "#a13d4b", "lengthM": 5},
                           {"name": "blue", "colour": "#2b4a6f", "lengthM": 6}],
                 "knots": [{"atM": 60, "goesOnM": 3}]}"""));
        }
        return spec;
    }

    @Test(dataProvider = "begun")
    public void whatIsOfferedCanBeTakenAndWhatIsNotSaysWhy(String choices) {
        JsonNode recipe =
                body(post("/api/plans/preview", spec(choices).toString())).get("recipe");
        List<String> tried = new ArrayList<>();
        for (JsonNode choice : recipe.get("options")) {
            String path = choice.get("path").asString();
            assertThat(choice.get("options").valueStream().map(option -> option.get("id")
                            .asString()))
                    .as(path)
                    .contains(
                            choice.get("taken").asString(), choice.get("usual").asString());
            for (JsonNode option : choice.get("options")) {
                String id = option.get("id").asString();
                if (!NEED_MORE.contains(id) && !path.equals("tube.way")) {
                    ObjectNode changed = spec(choices);
                    // What goes with the start is given back to the usual with it.
                    if (path.equals("tube.toeStart")) {
                        ((ObjectNode) changed.get("choices")).remove("toe");
                    }
                    ObjectNode own = (ObjectNode) changed.get("choices");
                    if (path.contains(".")) {
                        own.withObjectProperty(path.split("\\.")[0]).put(path.split("\\.")[1], id);
                    } else {
                        own.put(path, id);
                    }
                    int status = post("/api/plans/preview", changed.toString())
                            .getResponse()
                            .getStatus();
                    assertThat(status).as("%s %s of %s", path, id, choices).isEqualTo(option.has("notNow") ? 422 : 200);
                    tried.add(path + " " + id);
                }
            }
        }
        assertThat(tried).hasSizeGreaterThan(20);
    }

    /** A school is one constant more: it is told wherever schools are. */
    @Test
    public void everyConstantIsOnTheRecipeInTheAlmanacAndInTheDescription() throws IOException {
        List<JsonNode> recipes = Stream.of(begun())
                .map(each -> body(post(
                                "/api/plans/preview", spec((String) each[0]).toString()))
                        .get("recipe"))
                .toList();
        String description = Files.readString(Path.of("..", "web", "public", "openapi.json"));
        List<String> almanac = body(get("/api/almanac"))
                .valueStream()
                .map(entry -> entry.get("id").asString())
                .toList();
        CHOICES.forEach((path, type) -> {
            List<String> constants =
                    Arrays.stream(type.getEnumConstants()).map(Named::name).toList();
            List<List<String>> offered = recipes.stream()
                    .flatMap(recipe -> recipe.get("options").valueStream())
                    .filter(choice -> choice.get("path").asString().equals(path))
                    .map(choice -> choice.get("options")
                            .valueStream()
                            .map(option -> option.get("id").asString())
                            .toList())
                    .toList();
            assertThat(offered).as(path).isNotEmpty().allSatisfy(ids -> assertThat(ids)
                    .containsExactlyInAnyOrderElementsOf(constants));
            assertThat(description).contains(constants);
            if (type != Needle.class) {
                assertThat(almanac)
                        .containsAll(constants.stream()
                                .map(name -> "school." + type.getSimpleName() + "." + name)
                                .toList());
            }
        });
        assertThat(recipes.stream()
                        .flatMap(recipe -> recipe.get("options").valueStream())
                        .map(choice -> choice.get("path").asString()))
                .as("no choice is left out of this test")
                .hasSameElementsAs(CHOICES.keySet());
    }

    @Test
    public void whoseAChoiceIsIsSaid() {
        JsonNode recipe = body(post(
                        "/api/plans/preview",
                        spec("{\"heel\": {\"school\": \"WEDGE\"}}").toString()))
                .get("recipe");
        assertThat(whose(recipe, "options", "heel.school")).isEqualTo("YOURS");
        assertThat(whose(recipe, "options", "toe.school")).isEqualTo("USUAL");
        assertThat(whose(recipe, "numbers", "heel.plainRounds")).isEqualTo("ADVISED");
        assertThat(recipe.get("numbers")).allSatisfy(number -> {
            assertThat(number.get("taken").asDouble())
                    .isBetween(number.get("min").asDouble(), number.get("max").asDouble());
            assertThat(number.get("tries")).allSatisfy(tried -> assertThat(tried.asDouble())
                    .isBetween(number.get("min").asDouble(), number.get("max").asDouble()));
        });
    }

    private static String whose(JsonNode recipe, String kind, String path) {
        return recipe.get(kind)
                .valueStream()
                .filter(choice -> choice.get("path").asString().equals(path))
                .map(choice -> choice.get("whose").asString())
                .findFirst()
                .orElseThrow();
    }
}
