package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.List;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import roundpocket.core.foot.Foot;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;
import tools.jackson.databind.JsonNode;

public class PreviewTest extends AppTest {
    private static final String SPEC = """
        {"foot": {"lengthMm": 246, "ballGirthMm": 231},
         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
         "yarn": {"lengthM": 420, "massG": 100, "onHandG": 50}}""";

    @Test
    public void theAnswerIsTheCoresPlanAndNothingIsStored() {
        int pairs = body(get("/api/pairs")).size();
        JsonNode plan = body(post("/api/plans/preview", SPEC));
        SockPlan core = new SockSpec(
                        new Foot(246, 231),
                        new Swatch(List.of(new Reading(31, 100)), List.of(new Reading(43, 100))),
                        new Yarn(420, 100, OptionalDouble.of(50)),
                        Choices.usual())
                .plan();
        assertThat(plan.at("/tube/heelLine/round/value").asInt())
                .isEqualTo(core.tube().heelLine().round().count());
        assertThat(plan.at("/yarn/roles/0/left/left/value").asDouble())
                .isCloseTo(core.yarn().left().orElseThrow().left().value(), withinPercentage(1e-9));
        assertThat(plan.at("/yarn/pairGrams/plusMinus").asDouble())
                .isCloseTo(core.yarn().pairGrams().plusMinus95(), withinPercentage(0.001)); // to six digits
        assertThat(plan.at("/heel/worked").size())
                .isEqualTo(core.heel().worked().size());
        assertThat(plan.at("/axis").size()).isEqualTo(core.tube().rounds().all().count());
        assertThat(body(get("/api/pairs"))).hasSize(pairs);
    }

    /** With more in the answer, numbers of steps move; the place of a figure leads to the same working. */
    @Test
    public void aFigureIsFoundByItsPlaceWhateverElseIsAsked() {
        String asking = SPEC.substring(0, SPEC.lastIndexOf('}')) + ", \"questions\": {\"atHandG\": 40}}";
        JsonNode plain = body(post("/api/plans/workings", SPEC));
        JsonNode asked = body(post("/api/plans/workings", asking));
        assertThat(asked.get("figures").has("/answers/leg/longestLeg")).isTrue();
        plain.get("figures").forEachEntry((place, number) -> {
            JsonNode there =
                    asked.get("steps").get(asked.get("figures").get(place).asInt());
            JsonNode here = plain.get("steps").get(number.asInt());
            assertThat(there.get("label")).as(place).isEqualTo(here.get("label"));
            assertThat(there.get("value")).as(place).isEqualTo(here.get("value"));
        });
    }

    @Test
    public void everyFigureHasItsStepAtItsPlaceAndInputsStandBeforeWhatIsMadeOfThem() {
        JsonNode plan = body(post("/api/plans/preview", SPEC));
        JsonNode workings = body(post("/api/plans/workings", SPEC));
        JsonNode steps = workings.get("steps");
        assertThat(workings.get("figures"))
                .hasSize(plan.findParents("plusMinus").size())
                .hasSizeGreaterThan(50);
        workings.get("figures").forEachEntry((place, number) -> {
            JsonNode figure = plan.at(place);
            JsonNode step = steps.get(number.asInt());
            assertThat(step.get("value")).as(place).isEqualTo(figure.get("value"));
            assertThat(step.get("unit")).as(place).isEqualTo(figure.get("unit"));
        });
        for (int i = 0; i < steps.size(); i++) {
            int number = i;
            assertThat(steps.get(i).get("inputs"))
                    .allSatisfy(input -> assertThat(input.asInt()).isLessThan(number));
            assertThat(List.of("given", "computed", "rounded", "spread").stream()
                            .filter(steps.get(number)::has)
                            .count())
                    .isEqualTo(1);
        }
    }

    @DataProvider
    public Object[][] unreadable() {
        return new Object[][] {
            {SPEC.replace("246", "\"246\""), 400, "foot.lengthMm", "needs a number"},
            {SPEC.replace("246", "24,6"), 400, "foot", "not JSON"},
            {
                SPEC.replaceFirst(
                        "\\{",
                        "{\"choices\": {\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 64, \"rounds\": 400,"
                                + "\"ravel\": \"perhaps\"}}},"),
                400,
                "choices.tube.readyTube.ravel",
                "needs true or false"
            },
            {
                SPEC.replaceFirst(
                        "\\{",
                        "{\"choices\": {\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 64, \"rounds\": 110,"
                                + "\"cut\": \"PIECES\"}}}, \"striping\": {\"bands\": [{\"colour\": \"#a13d4b\", \"lengthM\": 5},"
                                + "{\"colour\": \"#efe6d2\", \"lengthM\": 5}],"
                                + " \"ravelled\": {\"startM\": 12, \"backwards\": true, \"each\": false}},"),
                422,
                "striping.ravelled.startM",
                "begins 12 m into the repeat, which is 10 m long"
            },
            {SPEC.replace("\"lengthMm\": 246, ", ""), 422, "foot.lengthMm", "The foot length is missing. Measure it"},
            {SPEC.replace("\"ballGirthMm\"", "\"toes\": 5, \"ballGirthMm\""), 400, "foot.toes", "“toes” is not known"},
            {
                SPEC.replaceFirst("\\{", "{\"choices\": {\"size\": {\"stitches\": 60.5}},"),
                400,
                "choices.size.stitches",
                "needs a whole number"
            },
            {SPEC.replace("246", "1e999"), 422, "foot.lengthMm", "10 to 36 cm"},
            {"[]", 400, "", "not what Round Pocket expects"},
            {"", 400, "", "not JSON"},
            {"{}", 422, "foot", "This is missing."},
            {SPEC.replaceAll("\"stitches\": \\[[^]]*]", "\"stitches\": [null]"), 422, "swatch.stitches[0]", "missing"},
            {SPEC.replaceAll("\"stitches\": \\[[^]]*],", ""), 422, "swatch.stitches", "1 to 20 counts"},
        };
    }

    @Test(dataProvider = "unreadable")
    public void whatCannotBeReadIsSaidWithItsPlace(String body, int status, String field, String words) {
        var result = post("/api/plans/preview", body);
        assertThat(result).hasStatus(status);
        JsonNode problem = body(result);
        assertThat(problem.get("status").asInt()).isEqualTo(status);
        assertThat(problem.at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(problem.get("detail").asString()).contains(words).doesNotContain("Exception", "java", "jackson");
    }

    @Test
    public void tenMegabytesAreTurnedAwayUnread() {
        var result = post("/api/plans/preview", " ".repeat(10_000_000) + SPEC);
        assertThat(result).hasStatus(413);
        assertThat(body(result).get("detail").asString()).contains("256 kB");
    }

    @Test
    public void everythingThatIsWrongIsSaidAtOnce() {
        String wrong = SPEC.replace("246", "90").replace("420", "0").replace("\"count\": 31", "\"count\": 0");
        assertThat(body(post("/api/plans/preview", wrong)).get("errors"))
                .extracting(error -> error.get("field").asString())
                .containsExactly("foot.lengthMm", "swatch.stitches[0].count", "yarn.lengthM");
    }

    @Test
    public void theSizeChartIsTheCores() {
        JsonNode chart = body(post("/api/plans/sizes", SPEC));
        assertThat(chart.get("rounds").asDouble()).isCloseTo(43, withinPercentage(1e-9));
        JsonNode rows = chart.get("rows");
        assertThat(rows.size()).isGreaterThan(20);
        assertThat(rows).allSatisfy(row -> assertThat(row.get("roundsFromTip").asInt())
                .isGreaterThan(row.get("roundsFromToe").asInt()));
        assertThat(post("/api/plans/sizes", "{}")).hasStatus(422);
    }
}
