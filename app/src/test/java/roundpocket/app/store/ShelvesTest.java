package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** What holds of every shelf, tried on each. */
public class ShelvesTest extends AppTest {
    private static final String FOOT = "\"foot\": {\"lengthMm\": %s, \"ballGirthMm\": 231}";
    private static final String SWATCH = "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": %s}],"
            + " \"rounds\": [{\"count\": 43, \"spanMm\": 100}, {\"count\": 44, \"spanMm\": 101.6}]}";
    private static final String YARN = "\"yarn\": {\"lengthM\": %s, \"massG\": 100, \"onHandG\": 62.5}";

    /** Path, a part with one value left open, a good value, another, one that is refused, and where it is. */
    @DataProvider
    public Object[][] shelves() {
        return new Object[][] {
            {"/api/feet", FOOT, "246.5", "250", "90", "foot.lengthMm"},
            {"/api/swatches", SWATCH, "100", "101.6", "10", "swatch.stitches[0].spanMm"},
            {"/api/yarns", YARN, "420", "400.5", "0.2", "yarn.lengthM"},
            {
                "/api/pairs",
                "\"spec\": {" + FOOT + ", " + SWATCH.formatted("100") + "}",
                "246.5",
                "250",
                "90",
                "spec.foot.lengthMm"
            },
        };
    }

    private static String write(String name, String part, String value, Long version) {
        return "{\"name\": \"" + name + "\", " + (version == null ? "" : "\"version\": " + version + ", ")
                + part.formatted(value) + "}";
    }

    @Test(dataProvider = "shelves")
    public void whatIsWrittenIsReadChangedAndThrownAway(
            String shelf, String part, String good, String other, String bad, String field) {
        JsonNode made = body(post(shelf, write("  first\\tone ", part, good, null)));
        String at = shelf + "/" + made.get("id").asString();
        assertThat(made.get("name").asString()).isEqualTo("first one");
        assertThat(made.get("version").asLong()).isZero();
        assertThat(body(get(at))).isEqualTo(made);
        assertThat(body(get(shelf)).toString()).contains(made.get("id").asString());

        JsonNode changed = body(put(at, write("second", part, other, 0L)));
        assertThat(changed.get("version").asLong()).isEqualTo(1);
        assertThat(changed.toString()).contains(other);
        assertThat(body(get(at))).isEqualTo(changed);

        assertThat(delete(at + "?version=0")).hasStatus(409);
        assertThat(delete(at + "?version=1")).hasStatus(204);
        assertThat(get(at)).hasStatus(404);
        assertThat(delete(at + "?version=1")).hasStatus(404);
    }

    @Test(dataProvider = "shelves")
    public void aWriteAgainstAnOlderVersionChangesNothingAndSaysWhatDiffers(
            String shelf, String part, String good, String other, String bad, String field) {
        JsonNode made = body(post(shelf, write("mine", part, good, null)));
        String at = shelf + "/" + made.get("id").asString();
        JsonNode stored = body(put(at, write("theirs", part, other, 0L)));

        MvcTestResult stale = put(at, write("mine", part, good, 0L));
        assertThat(stale).hasStatus(409);
        JsonNode problem = body(stale);
        assertThat(problem.get("code").asString()).isEqualTo("stale");
        assertThat(problem.get("current")).isEqualTo(stored);
        assertThat(problem.get("differs").toString()).startsWith("[\"name\",\"" + field.split("\\.|\\[")[0]);
        assertThat(body(get(at))).isEqualTo(stored);
        assertThat(put(at, write("without a version", part, good, null))).hasStatus(409);
    }

    @Test(dataProvider = "shelves")
    public void whatCannotBeIsRefusedWhereItIsAndTheOldStays(
            String shelf, String part, String good, String other, String bad, String field) {
        JsonNode made = body(post(shelf, write("kept", part, good, null)));
        String at = shelf + "/" + made.get("id").asString();

        MvcTestResult refused = put(at, write("kept", part, bad, 0L));
        assertThat(refused).hasStatus(422).hasContentType("application/problem+json");
        assertThat(body(refused).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(body(get(at))).isEqualTo(made);
        int before = body(get(shelf)).size();
        assertThat(post(shelf, write("new", part, bad, null))).hasStatus(422);
        assertThat(post(shelf, write(" ", part, good, null))).hasStatus(422);
        assertThat(post(shelf, write("x".repeat(81), part, good, null))).hasStatus(422);
        assertThat(post(shelf, "{\"name\": \"only a name\"}")).hasStatus(422);
        assertThat(body(get(shelf)).size()).isEqualTo(before);
    }

    @Test
    public void aColourHasSixDigits() {
        String yarn = "{\"name\": \"rope\", \"colour\": \"%s\", " + YARN.formatted("420") + "}";
        assertThat(body(post("/api/yarns", yarn.formatted("#2F6f8F")))
                        .get("colour")
                        .asString())
                .isEqualTo("#2f6f8f");
        assertThat(post("/api/yarns", yarn.formatted("red"))).hasStatus(422);
    }

    @Test
    public void whatIsNotThereIsNotFound() {
        assertThat(get("/api/feet/" + UUID.randomUUID())).hasStatus(404);
        assertThat(get("/api/feet/seven")).hasStatus(400);
        assertThat(body(get("/api/feet/seven")).get("code").asString()).isEqualTo("parameter");
    }
}
