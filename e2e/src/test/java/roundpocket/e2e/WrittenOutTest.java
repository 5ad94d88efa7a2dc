package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Recipes of random choices as the page says them, written to {@code target/texts/recipes.txt} to be read by a person:
 * {@code -Drecipes=500} for as many. What a machine can see is amiss is seen here.
 */
public class WrittenOutTest extends BrowserTest {
    private static final int RECIPES = Integer.getInteger("recipes", 25);
    private static final int CHANGES = 6;
    /** What a pair may have besides its foot and gauge. */
    private static final List<String> PARTS = List.of(
            "{\"otherFoot\": {\"lengthMm\": 242, \"ballGirthMm\": 228}}",
            "{\"foot\": {\"shoe\": {\"system\": \"EU\", \"size\": 38}}}",
            "{\"yarn\": {\"lengthM\": 400, \"massG\": 100, \"onHandG\": 88}}",
            "{\"contrast\": {\"lengthM\": 420, \"massG\": 100}, \"contrastSections\": [\"HEEL\", \"TOE\"]}",
            "{\"striping\": {\"bands\": [{\"name\": \"madder\", \"colour\": \"#a13d4b\", \"lengthM\": 5.2},"
                    + "{\"name\": \"fleece\", \"colour\": \"#efe6d2\", \"lengthM\": 4}],"
                    + " \"knots\": [{\"atM\": 60}]}}");

    private static final JsonMapper JSON = new JsonMapper();
    private static final Pattern AMISS =
            Pattern.compile("\\b1 (rounds|sts|stitches)\\b| [,.;:)]|[,;:.]{2}|\\( |undefined|NaN|\\{"
                    + "|\\b([a-z]{2,}) \\2\\b|\\ba [aeio]\\w|\\b[A-Z]+_[A-Z]+|\\bloops?\\b|\\d\\.\\d{3}|  ");

    @Test
    public void recipesReadAsSentences() throws IOException {
        Random random = new Random(163);
        Page page = visit("/");
        List<String> recipes = new ArrayList<>();
        while (recipes.size() < RECIPES) {
            String name = "read " + recipes.size();
            JsonNode pair = JSON.readTree(
                    server().post("/api/pairs", "{\"name\": \"" + name + "\", \"spec\": " + anySpec(random) + "}")
                            .body());
            // As a link does it: the page itself stays.
            page.evaluate(
                    "to => { history.pushState(null, '', to); dispatchEvent(new PopStateEvent('popstate')); }",
                    "/pairs/" + pair.get("id").asString());
            // Some names come a moment later.
            page.waitForFunction(
                    "name => document.title.startsWith(name + ' ')"
                            + " && /[^…]{200}/.test(document.querySelector('[data-testid=recipe]')?.textContent ?? '')"
                            + " && !document.querySelector('[data-testid=recipe]').textContent.includes('…')",
                    name);
            recipes.add(page.getByTestId("recipe").textContent().strip());
            server().delete("/api/pairs/" + pair.get("id").asString() + "?version="
                    + pair.get("version").asInt());
        }
        Path file = Path.of("target", "texts", "recipes.txt");
        Files.createDirectories(file.getParent());
        Files.write(file, recipes);
        assertThat(recipes.stream().filter(recipe -> AMISS.matcher(recipe).find()))
                .isEmpty();
    }

    /** A specification with some of its choices made at random, of those that its own recipe hands out. */
    private ObjectNode anySpec(Random random) {
        ObjectNode spec = (ObjectNode) JSON.readTree("""
                {"foot": {"lengthMm": 246, "ballGirthMm": 231}, "swatch": {"stitches": [{"count": 31, "spanMm": 100}],
                 "rounds": [{"count": 43, "spanMm": 100}]}, "choices": {}}""");
        for (String part : PARTS) {
            if (random.nextInt(3) == 0) {
                JSON.readTree(part).properties().forEach(each -> spec.set(each.getKey(), each.getValue()));
            }
        }
        return changed(spec, random);
    }

    private ObjectNode changed(ObjectNode start, Random random) {
        ObjectNode spec = start;
        for (int i = 0; i < CHANGES; i++) {
            JsonNode recipe = JSON.readTree(
                            server().post("/api/plans/preview", spec.toString()).body())
                    .get("recipe");
            ObjectNode changed = spec.deepCopy();
            change(recipe, changed, random);
            if (server().post("/api/plans/preview", changed.toString()).statusCode() < 300) {
                spec = changed;
            }
        }
        return spec;
    }

    private static void change(JsonNode recipe, ObjectNode spec, Random random) {
        switch (random.nextInt(5)) {
            case 0 ->
                any(recipe.get("switches"), random)
                        .ifPresent(each -> put(spec, each, JSON.valueToTree(random.nextBoolean())));
            case 1 ->
                any(recipe.get("numbers"), random).ifPresent(each -> any(each.get("tries"), random)
                        .ifPresent(value -> put(spec, each, number(value))));
            default ->
                any(recipe.get("options"), random).ifPresent(each -> any(each.get("options"), random)
                        .filter(option -> option.path("notNow").asString("").isEmpty())
                        .ifPresent(option -> {
                            put(spec, each, option.get("id"));
                            along(
                                    spec,
                                    each.get("path").asString(),
                                    option.get("id").asString());
                        }));
        }
    }

    /** What has to be given with some options. */
    private static void along(ObjectNode spec, String path, String option) {
        String given =
                switch (option) {
                    case "READY_TUBE" -> "{\"tube\": {\"readyTube\": {\"stitches\": 64, \"rounds\": 400}}}";
                    case "OWN" -> "{\"" + path.split("\\.")[0] + "\": {\"phases\": [{\"every\": 2, \"until\": 8}]}}";
                    case "ON_THE_FOOT" -> "{\"placing\": {\"markedRound\": 84}}";
                    case "OWN_DISTANCE" -> "{\"placing\": {\"distanceMm\": 195}}";
                    default -> "{}";
                };
        JSON.readTree(given).properties().forEach(part -> part.getValue()
                .properties()
                .forEach(each -> spec.withObject("/choices/" + part.getKey()).set(each.getKey(), each.getValue())));
    }

    private static JsonNode number(JsonNode value) {
        double number = value.asDouble();
        return number == Math.rint(number) ? JSON.valueToTree((int) number) : value;
    }

    private static Optional<JsonNode> any(JsonNode list, Random random) {
        return list.isEmpty() ? Optional.empty() : Optional.of(list.get(random.nextInt(list.size())));
    }

    private static void put(ObjectNode spec, JsonNode choice, JsonNode value) {
        ObjectNode at = spec.withObject("/choices");
        String[] path = choice.get("path").asString().split("\\.");
        for (int i = 0; i < path.length - 1; i++) {
            at = at.withObject("/" + path[i]);
        }
        at.set(path[path.length - 1], value);
    }
}
