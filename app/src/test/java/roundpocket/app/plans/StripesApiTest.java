package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** A striping yarn over HTTP: planned, refused in words, kept on its shelf, and followed while it is knitted. */
public class StripesApiTest extends AppTest {
    private static final String SALLY = "\"bands\": [{\"name\": \"red\", \"colour\": \"#B3261E\", \"lengthM\": 5},"
            + "{\"colour\": \"#f5f3ee\", \"lengthM\": 4}, {\"name\": \"blue\", \"colour\": \"#2f5fa8\", \"lengthM\": 6}]";

    private static String spec(String striping, String choices) {
        return "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231},"
                + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}],"
                + "\"rounds\": [{\"count\": 43, \"spanMm\": 100}]},"
                + "\"yarn\": {\"lengthM\": 420, \"massG\": 100, \"onHandG\": 100},"
                + "\"striping\": {" + striping + "}, \"choices\": {" + choices + "}}";
    }

    @Test
    public void aPlanHasTheColoursOfBothSocks() {
        JsonNode plan = body(post("/api/plans/preview", spec(SALLY, "")));
        JsonNode stripes = plan.get("stripes");
        assertThat(stripes.at("/bands/0/name").asString()).isEqualTo("red");
        assertThat(stripes.at("/bands/0/colour").asString()).isEqualTo("#b3261e");
        assertThat(stripes.at("/bands/1/name").asString())
                .as("named by its colour")
                .isEqualTo("white");
        assertThat(stripes.at("/repeat/value").asDouble()).isEqualTo(15);
        assertThat(stripes.get("socks")).hasSize(2);
        assertThat(stripes.at("/socks/0/tube")).hasSize(plan.at("/axis").size());
        assertThat(stripes.at("/socks/0/heel"))
                .hasSize(plan.at("/heel/shaping/rounds/value").asInt());
        assertThat(stripes.at("/socks/1/windOff/value").asDouble()).isBetween(0.0, 15.0);
        double grams = stripes.at("/woundOffGrams/value").asDouble();
        assertThat(plan.at("/yarn/roles/0/woundOff/value").asDouble()).isCloseTo(grams, within(1e-9));
        assertThat(plan.at("/recipe/options").valueStream().map(option -> option.get("path")
                        .asString()))
                .contains("colour.second", "colour.heel", "colour.toe");
    }

    @DataProvider
    public Object[][] wrong() {
        String many =
                "{\"colour\": \"#112233\", \"lengthM\": 1},".repeat(59) + "{\"colour\": \"#112233\", \"lengthM\": 1}";
        return new Object[][] {
            {
                "\"bands\": [{\"colour\": \"#112233\", \"lengthM\": 0}]",
                "",
                "bands[0].lengthM",
                "A band must be 0.1 to 1000 m"
            },
            {"\"bands\": [{\"colour\": \"#112233\", \"lengthM\": 3000}]", "", "bands[0].lengthM", "you entered 3000 m"},
            {"\"bands\": [" + many + "]", "", "bands", "A repeat can have 40 bands (this has 60)."},
            {"\"bands\": []", "", "bands", "A striping yarn needs a band."},
            {
                "\"bands\": [{\"colour\": \"red\", \"lengthM\": 2}]",
                "",
                "bands[0].colour",
                "A colour is a # and six digits"
            },
            {
                "\"bands\": [{\"colour\": \"#112233\"}]",
                "",
                "bands[0].lengthM",
                "must be given: in metres of yarn, in rounds, or both"
            },
            {
                "\"bands\": [{\"colour\": \"#112233\", \"rounds\": 4}]",
                "",
                "bands[0].stitches",
                "say nothing without the stitches"
            },
            {
                "\"bands\": [{\"name\": \"blue\", \"colour\": \"#112233\", \"lengthM\": 2},"
                        + "{\"name\": \"Blue\", \"colour\": \"#223344\", \"lengthM\": 2}]",
                "",
                "bands[1].name",
                "Two colours are both called Blue."
            },
        };
    }

    @DataProvider
    public Object[][] wrongPlaces() {
        return new Object[][] {
            {SALLY + ", \"startM\": 15", "", "startM", "The cake begins 15 m into the repeat, which is 15 m long."},
            {SALLY + ", \"startM\": -1", "", "startM", "The cake must begin 0 to 40000 m into the repeat"},
            {SALLY + ", \"knots\": [{\"atM\": -2}]", "", "knots[0].atM", "A knot must be 0 to 10000 m"},
            {
                SALLY + ", \"knots\": [{\"atM\": 20, \"goesOnM\": 30}]",
                "",
                "knots[0].goesOnM",
                "Behind the knot the yarn goes on"
            },
            {
                SALLY,
                "\"colour\": {\"heel\": \"BAND\", \"heelBand\": 7}",
                "heelBand",
                "The repeat has 3 bands (you chose number 7)."
            },
            {
                SALLY,
                "\"colour\": {\"second\": \"OWN_BAND\", \"secondBand\": 0}",
                "secondBand",
                "A band must be number 1 to 40"
            },
            {
                SALLY,
                "\"placing\": {\"school\": \"AT_COLOUR\"}",
                "markedRound",
                "at a colour change, and no round is given"
            },
        };
    }

    @Test(dataProvider = "wrongPlaces")
    public void aPlaceThatCannotBeIsSaidAtItsField(String striping, String choices, String field, String words) {
        whatCannotBeIsSaidAtItsField(striping, choices, field, words);
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeIsSaidAtItsField(String striping, String choices, String field, String words) {
        JsonNode refused = body(post("/api/plans/preview", spec(striping, choices)));
        assertThat(refused.get("status").asInt()).isEqualTo(422);
        assertThat(refused.get("errors")).anySatisfy(error -> {
            assertThat(error.get("field").asString()).endsWith(field);
            assertThat(error.get("message").asString()).contains(words);
        });
    }

    @Test
    public void aShelfHandsOutTheStripesOnceAllAreMeasured() {
        String yarn =
                "{\"name\": \"Sally\", \"yarn\": {\"lengthM\": 400, \"massG\": 100}, \"cake\": {\"stripes\": [%s]}}";
        JsonNode measured = body(post(
                "/api/yarns",
                yarn.formatted("{\"colour\": \"#112233\", \"lengthM\": 2},"
                        + "{\"colour\": \"#aabbcc\", \"rounds\": 4.5, \"stitches\": 64}")));
        assertThat(measured.at("/striping/bands/1/rounds").asDouble()).isEqualTo(4.5);
        JsonNode seen = body(post("/api/yarns", yarn.formatted("{\"colour\": \"#112233\"}")));
        assertThat(seen.has("striping")).isFalse();
        JsonNode twice = body(post(
                "/api/yarns",
                yarn.formatted("{\"name\": \"a\", \"colour\": \"#112233\", \"lengthM\": 2},"
                        + "{\"name\": \"a\", \"colour\": \"#aabbcc\", \"lengthM\": 2}")));
        assertThat(twice.at("/errors/0/message").asString()).contains("both called a");
    }

    private static String event(String id, String kind, String more) {
        return "[{\"id\": \"" + id + "\", \"sock\": 1, \"kind\": \"" + kind
                + "\", \"device\": \"lamp table\", \"at\": \"2026-11-23T19:00:00Z\"" + more + "}]";
    }

    private static String event(String kind, String more) {
        return event(UUID.randomUUID().toString(), kind, more);
    }

    @Test
    public void aColourThatIsSeenMovesTheLaterOnes() {
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"Striped\", \"spec\": " + spec(SALLY, "") + "}"));
        assertThat(pair.at("/gist/stripes/0/colour").asString()).startsWith("#");
        String at = "/api/laps/" + pair.get("id").asString();
        post(at, "{}");
        JsonNode before = body(get(at)).at("/works/0/colours");
        int due = before.at("/stretches/0/to").asInt();
        post(at + "/events", event("JUMPED", ", \"to\": " + (due + 1)));
        String id = UUID.randomUUID().toString();
        JsonNode heard = body(post(at + "/events", event(id, "COLOUR", "")));
        assertThat(heard.at("/heard/0/counted").asBoolean()).isTrue();
        JsonNode after = body(get(at)).at("/works/0/colours");
        assertThat(after.at("/seen/0/band").asInt()).isEqualTo(1);
        assertThat(after.at("/stretches/1/to").asInt())
                .isGreaterThan(before.at("/stretches/1/to").asInt());
        JsonNode doubted = body(post(at + "/events", event("COLOUR", ", \"band\": 3")));
        assertThat(said(doubted.at("/heard/0/said"))).startsWith("The next change, to blue, was due");
        post(at + "/events", event("WITHDRAWN", ", \"takenBack\": \"" + id + "\""));
        assertThat(body(get(at)).at("/works/0/colours")).isEqualTo(before);
    }
}
