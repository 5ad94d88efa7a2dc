package roundpocket.app.pairs;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

public class PairsTest extends AppTest {
    @Autowired
    private PairChangeRepository changes;

    private static final String SPEC = """
        {"foot": {"lengthMm": 246, "ballGirthMm": 231},
         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}""";

    private JsonNode pair(String more) {
        return body(post("/api/pairs", "{\"name\": \"ringing socks\", \"spec\": " + SPEC + more + "}"));
    }

    @Test
    public void aFirstPairPutsItsFootAndSwatchOnTheShelves() {
        JsonNode pair = pair(", \"footName\": \"Ylva\"");
        JsonNode foot = body(get("/api/feet/" + pair.at("/foot/id").asString()));
        assertThat(foot.get("name").asString()).isEqualTo("Ylva");
        assertThat(foot.at("/foot/lengthMm").asDouble()).isEqualTo(246);
        JsonNode swatch = body(get("/api/swatches/" + pair.at("/swatch/id").asString()));
        assertThat(swatch.get("name").asString()).isEqualTo("ringing socks");
        assertThat(pair.at("/gist/stitches").asInt()).isEqualTo(64);
        assertThat(pair.has("yarn")).isFalse();
    }

    @Test
    public void aRefusedPairLeavesNothingOnTheShelves() {
        int feet = body(get("/api/feet")).size();
        String noRoom = SPEC.replace("246", "150")
                .replaceFirst(
                        "\\{", "{\"choices\": {\"heel\": {\"plainRounds\": 30}, \"toe\": {\"plainRounds\": 30}},");
        assertThat(post("/api/pairs", "{\"name\": \"a\", \"footName\": \"Ylva\", \"spec\": " + noRoom + "}"))
                .hasStatus(422);
        assertThat(post("/api/pairs", "{\"name\": \"\", \"footName\": \"Ylva\", \"spec\": " + SPEC + "}"))
                .hasStatus(422);
        assertThat(body(get("/api/feet")).size()).isEqualTo(feet);
    }

    @Test
    public void throwingAFootAwayLeavesThePairWithItsMeasures() {
        JsonNode pair = pair(", \"footName\": \"Ylva\"");
        String at = "/api/pairs/" + pair.get("id").asString();
        assertThat(delete("/api/feet/" + pair.at("/foot/id").asString() + "?version=0"))
                .hasStatus(204);
        JsonNode after = body(get(at));
        assertThat(after.has("foot")).isFalse();
        assertThat(after.get("spec")).isEqualTo(pair.get("spec"));
    }

    @Test
    public void changingAFootOnItsShelfLeavesThePairAsItWasPlanned() {
        JsonNode pair = pair(", \"footName\": \"Pia\"");
        put(
                "/api/feet/" + pair.at("/foot/id").asString(),
                "{\"version\": 0, \"name\": \"Pia\", \"foot\": {\"lengthMm\": 255, \"ballGirthMm\": 235}}");
        JsonNode after = body(get("/api/pairs/" + pair.get("id").asString()));
        assertThat(after.at("/spec/foot/lengthMm").asDouble()).isEqualTo(246);
        assertThat(after.get("version")).isEqualTo(pair.get("version"));
    }

    @Test
    public void aChoiceGivenBackIsTheUsualAgain() {
        JsonNode pair = pair("");
        String at = "/api/pairs/" + pair.get("id").asString();
        String choices = SPEC.replaceFirst(
                "\\{", "{\"choices\": {\"finish\": {\"cuffRounds\": 20}, \"size\": {\"ease\": 0.15}},");
        JsonNode chosen = body(put(at, "{\"version\": 0, \"name\": \"a\", \"spec\": " + choices + "}"));
        assertThat(chosen.at("/spec/choices/finish/cuffRounds").asInt()).isEqualTo(20);
        JsonNode back = body(put(at, "{\"version\": 1, \"name\": \"a\", \"spec\": " + SPEC + "}"));
        assertThat(back.at("/spec/choices").isMissingNode()).isTrue();
    }

    @Test
    public void whatAPairWasBeforeItsChangesIsKeptWithIt() {
        JsonNode pair = pair("");
        String at = "/api/pairs/" + pair.get("id").asString();
        assertThat(body(get(at + "/history"))).isEmpty();
        String changed = SPEC.replace("246", "250");
        put(at, "{\"version\": 0, \"name\": \"a\", \"spec\": " + changed + "}");
        // the second change follows within a moment and is one with the first
        put(at, "{\"version\": 1, \"name\": \"b\", \"spec\": " + changed.replace("250", "251") + "}");
        JsonNode history = body(get(at + "/history"));
        assertThat(history).hasSize(1);
        assertThat(history.at("/0/name").asString()).isEqualTo("ringing socks");
        assertThat(history.at("/0/spec/foot/lengthMm").asDouble()).isEqualTo(246);
        assertThat(get("/api/pairs/00000000-0000-0000-0000-000000000001/history"))
                .hasStatus(404);
        assertThat(delete(at + "?version=2")).hasStatus(204);
    }

    /** To and fro in a moment is no change: what would be taken back is never what is there already. */
    @Test
    public void aMomentThatLedBackToWhereItBeganIsForgotten() {
        UUID id = UUID.fromString(pair("").get("id").asString());
        PairHistory.State narrow = new PairHistory.State("a", "{}");
        PairHistory.State wide = new PairHistory.State("b", "{}");
        at(0).keep(id, narrow, wide);
        at(5_000).keep(id, wide, narrow);
        assertThat(at(0).of(id)).extracting(PairChangeRow::name).containsExactly("b", "a");
        at(6_000).keep(id, narrow, wide);
        assertThat(at(0).of(id)).extracting(PairChangeRow::name).containsExactly("a");
        at(20_000).keep(id, wide, narrow);
        at(20_500).keep(id, narrow, new PairHistory.State("c", "{}"));
        assertThat(at(0).of(id)).extracting(PairChangeRow::name).containsExactly("b", "a");
    }

    private PairHistory at(long ms) {
        return new PairHistory(changes, Clock.fixed(Instant.ofEpochMilli(ms), ZoneOffset.UTC));
    }
}
