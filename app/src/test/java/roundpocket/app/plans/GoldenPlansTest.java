package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.StringJoiner;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.node.ObjectNode;

/**
 * Pins what a plan looks like on its way to the page: web/test/plans.json, which the page's own tests read. Run with
 * {@code -Dopenapi.write=true} to write it anew.
 */
public class GoldenPlansTest extends AppTest {
    private static final Path COMMITTED = Path.of("..", "web", "test", "plans.json");

    private static final Map<String, String> CHOICES = new LinkedHashMap<>();

    static {
        CHOICES.put("usual", "{}");
        CHOICES.put("cuffDown", "{\"tube\": {\"way\": \"CUFF_DOWN\"}, \"size\": {\"stitches\": 76}}");
        CHOICES.put(
                "ready", "{\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 64, \"rounds\": 400}}}");
        CHOICES.put(
                "begun",
                "{\"tube\": {\"toeStart\": \"CLOSED\"}, \"opening\": {\"way\": \"SNIP\", \"corners\": \"PICK_UP\"},"
                        + " \"heel\": {\"school\": \"OWN\","
                        + " \"phases\": [{\"every\": 3, \"times\": 1}, {\"every\": 1, \"times\": 2}]}}");
        CHOICES.put("striped", "{\"colour\": {\"second\": \"OWN_BAND\"}}");
        CHOICES.put("patterned", "{\"pattern\": {\"place\": \"BOTH\", \"rows\": \"k2, yo, ssk\\nk4\"}}");
        CHOICES.put("shortRows", "{\"heel\": {\"school\": \"SHORT_ROWS\"}}");
    }

    private static final String STRIPING = """
            "striping": {"bands": [{"name": "madder", "colour": "#a13d4b", "lengthM": 5},
                                   {"name": "woad", "colour": "#2b4a6f", "lengthM": 6.5}]},""";

    private static String spec(String choices, String striping) {
        return """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "yarn": {"lengthM": 420, "massG": 100, "onHandG": 50}, %s "choices": %s}""".formatted(striping, choices);
    }

    @Test
    public void thePlansThatThePagesTestsRead() throws IOException {
        StringJoiner lines = new StringJoiner(",\n", "{\n", "\n}\n");
        CHOICES.forEach((name, choices) -> {
            boolean striped = name.equals("striped");
            ObjectNode plan = (ObjectNode) body(post("/api/plans/preview", spec(choices, striped ? STRIPING : "")));
            assertThat(plan.toString().length())
                    .as("size of the preview of %s: %d", name, plan.toString().length())
                    .isLessThan(striped ? 120_000 : 60_000);
            assertThat(plan.get("tube").isObject()).isTrue();
            // One tape tells what the others would.
            if (!name.equals("usual")) {
                plan.putArray("axis");
            }
            lines.add("\"" + name + "\": " + plan);
        });
        String text = lines.toString();
        if (Boolean.getBoolean("openapi.write")) {
            Files.createDirectories(COMMITTED.getParent());
            Files.writeString(COMMITTED, text);
        }
        assertThat(Files.readString(COMMITTED))
                .as("run this test with -Dopenapi.write=true and commit the result")
                .isEqualTo(text);
    }
}
