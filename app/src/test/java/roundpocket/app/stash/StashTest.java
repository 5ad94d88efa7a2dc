package roundpocket.app.stash;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

public class StashTest extends AppTest {
    private String keep(String shelf, String body) {
        return body(post("/api/" + shelf, body)).get("id").asString();
    }

    /** About 50 g make a pair with a 5 in leg (common practice): 100 g are plenty, 20 g are not enough, for a child they are. */
    @Test
    public void everyYarnIsHeldAgainstEveryFoot() {
        String grown = keep("feet", "{\"name\": \"Grown\", \"foot\": {\"lengthMm\": 241, \"ballGirthMm\": 229}}");
        keep("feet", "{\"name\": \"Newborn\", \"foot\": {\"lengthMm\": 118, \"ballGirthMm\": 118}}");
        String yarn = "{\"lengthM\": 420, \"massG\": 100, \"onHandG\": %s}";
        keep("yarns", "{\"name\": \"Whole skein\", \"colour\": \"#336699\", \"yarn\": " + yarn.formatted(100) + "}");
        keep("yarns", "{\"name\": \"Remnant\", \"colour\": \"#336699\", \"yarn\": " + yarn.formatted(20) + "}");
        keep(
                "yarns",
                "{\"name\": \"Not weighed\", \"colour\": \"#336699\", \"yarn\": {\"lengthM\": 420, \"massG\": 100}}");
        JsonNode stash = body(get("/api/stash"));
        assertThat(stash.get("yarns").valueStream().map(each -> each.get("name").asString()))
                .contains("Whole skein", "Remnant")
                .doesNotContain("Not weighed");
        assertThat(enough(stash, "Whole skein", "Grown")).isEqualTo("SURE");
        assertThat(enough(stash, "Remnant", "Grown")).isEqualTo("NOT_ENOUGH");
        assertThat(enough(stash, "Remnant", "Newborn")).isEqualTo("SURE");
        assertThat(row(stash, "Remnant").get("gauge").asString()).isNotBlank();
        post(
                "/api/pairs",
                "{\"name\": \"Counted\", \"footId\": \"" + grown + "\", \"yarnId\": \""
                        + row(stash, "Remnant").get("id").asString()
                        + "\", \"spec\": {\"foot\": {\"lengthMm\": 241, \"ballGirthMm\": 229}, \"swatch\": {\"stitches\":"
                        + " [{\"count\": 33, \"spanMm\": 100}], \"rounds\": [{\"count\": 46, \"spanMm\": 100}]}}}");
        assertThat(row(body(get("/api/stash")), "Remnant").get("gauge").asString())
                .isEqualTo("as in Counted");
    }

    private static JsonNode row(JsonNode stash, String yarn) {
        return stash.get("yarns")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(yarn))
                .findFirst()
                .orElseThrow();
    }

    private static String enough(JsonNode stash, String yarn, String foot) {
        String id = stash.get("feet")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(foot))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
        return row(stash, yarn)
                .get("pairs")
                .valueStream()
                .filter(each -> each.get("footId").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("enough")
                .asString();
    }
}
