package roundpocket.app.tubes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is deleted, what refers to it goes on: it keeps what it knew, and says so. */
public class DeletionsTest extends AppTest {
    private static final String TUBE = """
            {"name": "%s", "stitches": 64, %s, "stitchReading": {"count": 31, "spanMm": 100},
             "roundReading": {"count": 43, "spanMm": 100}, "yarnId": "%s", "wishes": [%s]}""";

    private JsonNode yarn(String name) {
        return body(post("/api/yarns", """
            {"name": "%s", "colour": "#8f2f3f", "yarn": {"lengthM": 420, "massG": 100}, "cake": {"stripes":
             [{"name": "madder", "colour": "#8f2f3f", "lengthM": 4}, {"name": "woad", "colour": "#2f3f8f", "lengthM": 6}]}}""".formatted(name)));
    }

    private JsonNode foot(String name) {
        return body(
                post("/api/feet", "{\"name\": \"" + name + "\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}"));
    }

    private String id(JsonNode thing) {
        return thing.get("id").asString();
    }

    private void delete(String shelf, JsonNode thing) {
        assertThat(delete("/api/" + shelf + "/" + id(thing) + "?version="
                        + thing.get("version").asLong()))
                .hasStatus(204);
        assertThat(body(get("/api/" + shelf)).findValuesAsString("id")).doesNotContain(id(thing));
    }

    private static String wish(JsonNode foot) {
        return "{\"footId\": \"" + foot.get("id").asString()
                + "\", \"legFromMm\": 100, \"legToMm\": 150, \"alike\": true, \"ravel\": true}";
    }

    @Test
    public void aTubeKeepsTheYarnThatWasDeleted() {
        JsonNode yarn = yarn("rope " + UUID.randomUUID());
        JsonNode tube = body(post("/api/tubes", TUBE.formatted("weighed", "\"massG\": 90", id(yarn), "")));
        JsonNode before = body(get("/api/tubes/" + id(tube) + "/cutting"));
        assertThat(body(get("/api/tubes/touched?by=" + id(yarn))).toString()).contains("The tube “weighed”", "keeps");
        delete("yarns", yarn);
        JsonNode after = body(get("/api/tubes/" + id(tube) + "/cutting"));
        assertThat(after).isEqualTo(before);
        assertThat(get("/api/tubes/" + id(tube) + "/fits")).hasStatus(200);
        JsonNode read = body(get("/api/tubes/" + id(tube)));
        assertThat(read.get("goneYarn").asString()).isEqualTo(yarn.get("name").asString());
        assertThat(body(get("/api/tubes")).findValuesAsString("goneYarn"))
                .contains(yarn.get("name").asString());
        assertThat(put("/api/tubes/" + id(tube), unchanged(read).toString())).hasStatus(200);
        // With the last tube that refers to it, it goes for good.
        JsonNode now = body(get("/api/tubes/" + id(tube)));
        delete("tubes", now);
        assertThat(get("/api/yarns/" + id(yarn))).hasStatus(404);
    }

    @Test
    public void aWishKeepsTheFeetThatWereDeleted() {
        JsonNode foot = foot("Odd " + UUID.randomUUID());
        JsonNode other = foot("Siv " + UUID.randomUUID());
        JsonNode yarn = yarn("rope " + UUID.randomUUID());
        JsonNode tube = body(post(
                "/api/tubes", TUBE.formatted("wished", "\"rounds\": 500", id(yarn), wish(foot) + "," + wish(other))));
        JsonNode before = body(get("/api/tubes/" + id(tube) + "/cutting"));
        delete("feet", foot);
        assertThat(body(get("/api/tubes/" + id(tube) + "/cutting"))).isEqualTo(before);
        JsonNode read = body(get("/api/tubes/" + id(tube)));
        assertThat(read.at("/wishes/0/name").asString())
                .isEqualTo(foot.get("name").asString());
        assertThat(put("/api/tubes/" + id(tube), unchanged(read).toString())).hasStatus(200);
        ObjectNode less = unchanged(body(get("/api/tubes/" + id(tube))));
        less.withArray("wishes").remove(0);
        assertThat(put("/api/tubes/" + id(tube), less.toString())).hasStatus(200);
        assertThat(get("/api/feet/" + id(foot))).hasStatus(404);
        assertThat(get("/api/feet/" + id(other))).hasStatus(200);
    }

    /** A pair has all of it in its plan, and no longer says that it is of what was deleted. */
    @Test
    public void aPairGoesOnWithoutTheShelf() {
        JsonNode foot = foot("Pia " + UUID.randomUUID());
        JsonNode yarn = yarn("rope " + UUID.randomUUID());
        JsonNode pair = body(post("/api/pairs", """
            {"name": "p", "footId": "%s", "yarnId": "%s", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "yarn": {"lengthM": 420, "massG": 100}}}""".formatted(id(foot), id(yarn))));
        body(post("/api/tubes", TUBE.formatted("also", "\"rounds\": 500", id(yarn), wish(foot))));
        assertThat(post("/api/laps/" + id(pair), "{}")).hasStatus(200);
        delete("feet", foot);
        delete("yarns", yarn);
        JsonNode read = body(get("/api/pairs/" + id(pair)));
        assertThat(read.has("yarn")).isFalse();
        assertThat(read.get("spec")).isEqualTo(pair.get("spec"));
        for (String page :
                new String[] {"/api/laps/" + id(pair), "/api/basket", "/api/stash", "/api/log", "/api/tubes"}) {
            assertThat(get(page)).as(page).hasStatus(200);
        }
    }

    private ObjectNode unchanged(JsonNode tube) {
        ObjectNode write = (ObjectNode) tube.deepCopy();
        write.remove(java.util.List.of("id", "updatedAt", "usedUp", "cuttings", "goneYarn"));
        return write;
    }
}
