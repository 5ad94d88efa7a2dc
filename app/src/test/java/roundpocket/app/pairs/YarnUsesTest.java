package roundpocket.app.pairs;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** What is left of a yarn after each of its pairs, and for which others it would do. */
public class YarnUsesTest extends AppTest {
    private static final String SPEC = "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231},"
            + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private String yarn(String more) {
        return body(post("/api/yarns", "{\"name\": \"y\", \"yarn\": {\"lengthM\": 420, \"massG\": 100" + more + "}}"))
                .get("id")
                .asString();
    }

    private void pair(String name, String yarnId) {
        String link = yarnId == null ? "" : "\"yarnId\": \"" + yarnId + "\",";
        body(post("/api/pairs", "{\"name\": \"" + name + "\"," + link + "\"spec\": " + SPEC + "}"));
    }

    private JsonNode uses(String yarnId) {
        return body(get("/api/yarns/" + yarnId + "/uses"));
    }

    @Test
    public void plannedPairsFollowOneAnotherAndOthersAreTriedAlone() {
        String skein = yarn(", \"onHandG\": 100");
        pair("first", skein);
        pair("second", skein);
        pair("stranger", null);
        JsonNode uses = uses(skein);
        JsonNode first = uses.get(0);
        JsonNode second = uses.get(1);
        assertThat(first.get("name").asString()).isEqualTo("first");
        double needed = first.get("neededG").asDouble();
        assertThat(needed)
                .isEqualTo(body(post("/api/plans/preview", SPEC))
                        .at("/yarn/pairGrams/value")
                        .asDouble());
        assertThat(first.get("leftG").asDouble()).isCloseTo(100 - needed, within(1e-9));
        assertThat(first.get("words").asString()).isEqualTo("plenty");
        assertThat(second.get("leftG").asDouble()).isCloseTo(100 - 2 * needed, within(1e-9));
        assertThat(second.get("words").asString()).isEqualTo("not enough");
        assertThat(uses.valueStream().filter(use -> use.get("name").asString().equals("stranger")))
                .singleElement()
                .satisfies(use -> {
                    assertThat(use.get("planned").asBoolean()).isFalse();
                    assertThat(use.get("leftG").asDouble()).isCloseTo(100 - needed, within(1e-9));
                });
    }

    @Test
    public void nothingIsSaidToBeLeftOfAYarnThatNobodyWeighed() {
        String skein = yarn("");
        pair("unweighed", skein);
        assertThat(uses(skein).get(0).get("neededG").asDouble()).isPositive();
        assertThat(uses(skein).get(0).has("leftG")).isFalse();
        assertThat(get("/api/yarns/00000000-0000-0000-0000-000000000000/uses")).hasStatus(404);
    }

    @Test
    public void aConflictNamesTheShelfThatAPairWasLinkedTo() {
        String skein = yarn("");
        JsonNode made = body(post("/api/pairs", "{\"name\": \"linked\", \"spec\": " + SPEC + "}"));
        String at = "/api/pairs/" + made.get("id").asString();
        String write = "{\"name\": \"linked\", \"version\": 0, \"swatchId\": \""
                + made.at("/swatch/id").asString() + "\", %s \"spec\": " + SPEC + "}";
        body(put(at, write.formatted("\"yarnId\": \"" + skein + "\",")));
        var stale = put(at, write.formatted(""));
        assertThat(stale).hasStatus(409);
        assertThat(body(stale).get("differs").toString()).isEqualTo("[\"yarn\"]");
    }
}
