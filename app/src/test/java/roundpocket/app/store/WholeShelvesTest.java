package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** What is kept on a shelf comes back as it was put there, with everything that can be known of it. */
public class WholeShelvesTest extends AppTest {
    @DataProvider
    public Object[][] things() {
        return new Object[][] {
            {"feet", "foot", "{\"lengthMm\":246.0,\"ballGirthMm\":231.0}"},
            {
                "feet",
                "foot",
                "{\"lengthMm\":246.0,\"shoe\":{\"system\":\"US_WOMEN\",\"size\":8.5},\"ballGirthMm\":231.0,"
                        + "\"heelDiagonalMm\":312.0,\"legGirthMm\":240.0,\"toeForm\":\"SQUARE\","
                        + "\"tracing\":{\"widthMm\":94.0,\"tipInMm\":27.0,\"littleBackMm\":41.0}}"
            },
            {"feet", "foot", "{\"shoe\":{\"system\":\"MONDOPOINT\",\"size\":245.0},\"ballGirthMm\":231.0}"},
            {
                "swatches",
                "swatch",
                "{\"stitches\":[{\"count\":30.5,\"spanMm\":101.6}],\"rounds\":[{\"count\":43.0,\"spanMm\":100.0}],"
                        + "\"fabric\":{\"state\":\"UNWASHED\",\"inTheRound\":false,\"needleMm\":2.5,\"wantedStitches\":30.0}}"
            },
            {
                "swatches",
                "swatch",
                "{\"stitches\":[{\"count\":30.5,\"spanMm\":101.6},{\"count\":31.0,\"spanMm\":100.0}],"
                        + "\"rounds\":[{\"count\":43.0,\"spanMm\":100.0}]}"
            },
            {"yarns", "yarn", "{\"lengthM\":420.0,\"massG\":100.0,\"onHandG\":62.0,\"nylonShare\":0.2}"},
            {"yarns", "yarn", "{\"lengthM\":420.0,\"massG\":100.0}"},
        };
    }

    @Test(dataProvider = "things")
    public void whatIsKeptComesBackAsItWas(String shelf, String part, String value) {
        JsonNode kept = body(post("/api/" + shelf, "{\"name\": \"thing\", \"" + part + "\": " + value + "}"));
        String at = "/api/" + shelf + "/" + kept.get("id").asString();
        assertThat(body(get(at)).get(part)).isEqualTo(json().readTree(value));
        // and again after it was changed to something else and back
        String other = things()[shelf.equals("feet") ? 0 : shelf.equals("swatches") ? 4 : 6][2].toString();
        body(put(at, "{\"version\": 0, \"name\": \"thing\", \"" + part + "\": " + other + "}"));
        assertThat(body(get(at)).get(part)).isEqualTo(json().readTree(other));
        body(put(at, "{\"version\": 1, \"name\": \"thing\", \"" + part + "\": " + value + "}"));
        assertThat(body(get(at)).get(part)).isEqualTo(json().readTree(value));
        assertThat(delete(at + "?version=2")).hasStatus(204);
    }

    @DataProvider
    public Object[][] refused() {
        return new Object[][] {
            {"feet", "{\"name\": \"a\", \"foot\": {\"ballGirthMm\": 231}}", "foot.lengthMm"},
            {
                "feet",
                "{\"name\": \"a\", \"foot\": {\"shoe\": {\"system\": \"EU\", \"size\": 99}, \"ballGirthMm\": 231}}",
                "foot.shoe.size"
            },
            {
                "yarns",
                "{\"name\": \"a\", \"yarn\": {\"lengthM\": 420, \"massG\": 100, \"nylonShare\": 7}}",
                "yarn.nylonShare"
            },
            {
                "swatches",
                "{\"name\": \"a\", \"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}],"
                        + " \"rounds\": [{\"count\": 43, \"spanMm\": 100}], \"fabric\": {\"needleMm\": 25}}}",
                "swatch.fabric.needleMm"
            },
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeIsNotKept(String shelf, String body, String field) {
        int before = body(get("/api/" + shelf)).size();
        var result = post("/api/" + shelf, body);
        assertThat(result).hasStatus(422);
        assertThat(body(result).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(body(get("/api/" + shelf))).hasSize(before);
    }
}
