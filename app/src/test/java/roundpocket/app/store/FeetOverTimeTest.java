package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** Left and right, measured again as they grow. */
public class FeetOverTimeTest extends AppTest {
    private static String feet(int version, int length, String day, String more) {
        return "{\"version\": " + version + ", \"name\": \"Pia\", \"foot\": {\"lengthMm\": " + length
                + ", \"ballGirthMm\": 168}, \"measuredOn\": \"" + day + "\"" + more + "}";
    }

    @Test
    public void whatWasMeasuredBeforeIsKeptWhenTheyAreMeasuredAgain() {
        JsonNode first = body(post(
                "/api/feet",
                feet(
                        0,
                        172,
                        "2025-03-01",
                        ", \"otherFoot\": {\"lengthMm\": 175, \"ballGirthMm\": 170}, \"notes\": \" shy \"")));
        String at = "/api/feet/" + first.get("id").asString();
        assertThat(first.at("/otherFoot/lengthMm").asInt()).isEqualTo(175);
        assertThat(first.get("notes").asString()).isEqualTo("shy");
        assertThat(first.get("earlier")).isEmpty();

        body(put(at, feet(0, 173, "2025-03-01", ""))); // a slip put right: nothing to remember
        assertThat(body(get(at)).get("earlier")).isEmpty();
        body(put(at, feet(1, 181, "2025-09-01", ", \"measuredAgain\": true")));
        body(put(at, feet(2, 188, "2026-05-01", ", \"measuredAgain\": true")));
        JsonNode now = body(get(at));
        assertThat(now.at("/foot/lengthMm").asInt()).isEqualTo(188);
        assertThat(now.get("earlier"))
                .extracting(measuring -> measuring.get("measuredOn").asString() + " "
                        + measuring.at("/foot/lengthMm").asInt())
                .containsExactly("2025-09-01 181", "2025-03-01 173");
    }

    @DataProvider
    public Object[][] days() {
        return new Object[][] {
            {"2999-01-01", "", "measuredOn", "still to come"},
            {"2025-02-28", ", \"measuredAgain\": true", "measuredOn", "2025-03-01"},
            {"2025-04-01", ", \"otherFoot\": {\"lengthMm\": 24, \"ballGirthMm\": 170}", "otherFoot.lengthMm", "2.4 cm"},
            {"2025-04-01", ", \"notes\": \"" + "n".repeat(2001) + "\"", "notes", "2000"},
        };
    }

    @Test(dataProvider = "days")
    public void whatCannotBeIsRefusedAndNothingChanges(String day, String more, String field, String words) {
        JsonNode first = body(post("/api/feet", feet(0, 172, "2025-03-01", "")));
        String at = "/api/feet/" + first.get("id").asString();
        var refused = put(at, feet(0, 190, day, more));
        assertThat(refused).hasStatus(422);
        assertThat(body(refused).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(body(refused).at("/errors/0/message").asString()).contains(words);
        assertThat(body(get(at))).isEqualTo(first);
    }

    @Test
    public void thePairTakesBothFeetToTheShelf() {
        JsonNode pair = body(
                post(
                        "/api/pairs",
                        "{\"name\": \"Unequal\", \"footName\": \"Una\", \"spec\": {\"version\": 1,"
                                + "\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"otherFoot\": {\"lengthMm\": 250, \"ballGirthMm\": 230},"
                                + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}}"));
        JsonNode una = body(get("/api/feet/" + pair.at("/foot/id").asString()));
        assertThat(una.at("/otherFoot/lengthMm").asInt()).isEqualTo(250);
    }

    @Test
    public void yarnsAndSwatchesKeepWhatElseIsKnown() {
        String cake =
                "{\"form\":\"CAKE\",\"fibre\":\"75 % wool\",\"stripes\":[{\"colour\":\"#112233\",\"lengthM\":1.5},"
                        + "{\"name\":\"stone\",\"colour\":\"#aabbcc\"}],"
                        + "\"startM\":0.5,\"knots\":[{\"atM\":12.0},{\"atM\":80.0,\"goesOnM\":1.0}],\"notes\":\"from the ropewalk\"}";
        JsonNode yarn = body(post(
                "/api/yarns",
                "{\"name\": \"Sally\", \"yarn\": {\"lengthM\": 400, \"massG\": 100}, \"cake\": " + cake + "}"));
        JsonNode kept = body(get("/api/yarns/" + yarn.get("id").asString()));
        assertThat(kept.get("cake")).isEqualTo(json().readTree(cake));
        assertThat(kept.get("colour").asString()).isEqualTo("#112233");
        JsonNode swatch = body(post(
                "/api/swatches",
                "{\"name\": \"s\", \"notes\": \"a bit stiff\", \"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}],"
                        + "\"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}"));
        assertThat(List.of(
                        swatch.get("notes").asString(),
                        body(get("/api/swatches/" + swatch.get("id").asString()))
                                .get("notes")
                                .asString()))
                .containsOnly("a bit stiff");
    }
}
