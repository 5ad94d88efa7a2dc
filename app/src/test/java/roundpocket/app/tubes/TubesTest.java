package roundpocket.app.tubes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** Ready tubes over HTTP: kept, cut for those who wish for socks, and what is left of them. */
public class TubesTest extends AppTest {
    private static final String FABRIC = "\"stitches\": 64, \"stitchReading\": {\"count\": 32, \"spanMm\": 101.6},"
            + "\"roundReading\": {\"count\": 40, \"spanMm\": 101.6}";
    private static final String BANDS = "\"bands\": [{\"name\": \"red\", \"colour\": \"#A8322A\", \"rounds\": 12},"
            + "{\"colour\": \"#f5f3ee\", \"rounds\": 10}]";

    private String marit;
    private String odd;

    @BeforeMethod
    public void feet() {
        marit = foot("Marit", 241.3, 228.6);
        odd = foot("Odd", 235, 225);
    }

    private String foot(String name, double length, double ball) {
        return body(post(
                        "/api/feet",
                        "{\"name\": \"%s\", \"foot\": {\"lengthMm\": %s, \"ballGirthMm\": %s}}"
                                .formatted(name, length, ball)))
                .get("id")
                .asString();
    }

    private static String tube(String name, String size, String rest) {
        return "{\"name\": \"%s\", %s, %s%s}".formatted(name, FABRIC, size, rest.isEmpty() ? "" : ", " + rest);
    }

    private String wish(String foot, double from, double to) {
        return "{\"footId\": \"%s\", \"legFromMm\": %s, \"legToMm\": %s, \"alike\": true, \"ravel\": false}"
                .formatted(foot, from, to);
    }

    private JsonNode kept(String json) {
        return body(post("/api/tubes", json));
    }

    @Test
    public void aTubeIsCutForTwoAndWhatIsLeftIsTheTube() {
        JsonNode tube = kept(tube(
                "Long tube",
                "\"rounds\": 520",
                BANDS + ", \"startRounds\": 3, \"wishes\": [" + wish(marit, 100, 127) + "," + wish(odd, 90, 110)
                        + "]"));
        String at = "/api/tubes/" + tube.get("id").asString();
        assertThat(tube.at("/wishes/0/name").asString()).isEqualTo("Marit");
        JsonNode cutting = body(get(at + "/cutting"));
        JsonNode best = cutting.at("/plans/0");
        assertThat(best.get("pairs")).hasSize(2);
        assertThat(cutting.at("/repeat/value").asDouble()).isEqualTo(22);
        assertThat(cutting.at("/bands/0/toRound").asDouble())
                .as("three of twelve rounds are missing")
                .isCloseTo(9, within(1e-9));
        JsonNode last = best.get("along").get(best.get("along").size() - 1);
        assertThat(last.at("/stretch/to").asInt()).isEqualTo(520);

        JsonNode made = body(post(at + "/cuts", cuts(tube, best)));
        assertThat(made.get("pairIds")).hasSize(2);
        int left = best.at("/remnants/0/rounds/value").asInt();
        assertThat(made.at("/tube/rounds").asInt()).isEqualTo(left);
        assertThat(made.at("/tube/wishes")).isEmpty();
        JsonNode pair = body(get("/api/pairs/" + made.at("/pairIds/0").asString()));
        assertThat(pair.get("name").asString()).isEqualTo("Marit from Long tube");
        assertThat(pair.at("/spec/choices/tube/readyTube/cut").asString()).isEqualTo("PIECES");
        assertThat(pair.at("/spec/choices/tube/readyTube/rounds").asInt())
                .isEqualTo(best.at("/pairs/0/piece/value").asInt());

        assertThat(pair.at("/spec/striping/bands")).hasSize(2);
        assertThat(pair.at("/gist/stripes").valueStream().map(run -> run.path("colour")
                        .asString("")))
                .contains("#a8322a", "#f5f3ee");

        JsonNode back = body(
                delete(at + "/cuts/last?version=" + made.at("/tube/version").asInt()));
        assertThat(back.get("rounds").asInt()).isEqualTo(520);
        assertThat(back.get("startRounds").asDouble()).isEqualTo(3);
        assertThat(get("/api/pairs/" + made.at("/pairIds/0").asString())).hasStatus(404);
    }

    /** An end on a thread needs no spare rounds, so the wish that asks for more of them lies there. */
    @Test
    public void aWishHasSpareRoundsOfItsOwn() {
        String three = wish(odd, 90, 90).replace("}", ", \"spareRounds\": 3}");
        JsonNode tube = kept(tube(
                "Spare",
                "\"rounds\": 400, \"spareRounds\": 1, \"toeEndHeld\": true, \"cuffEndHeld\": true",
                "\"wishes\": [" + wish(marit, 100, 100) + "," + three + "]"));
        assertThat(tube.at("/wishes/1/spareRounds").asInt()).isEqualTo(3);
        assertThat(tube.at("/wishes/0").has("spareRounds")).isFalse();
        String at = "/api/tubes/" + tube.get("id").asString();
        JsonNode best = body(get(at + "/cutting")).at("/plans/0");
        int spare = 0;
        for (JsonNode along : best.get("along")) {
            JsonNode stretch = along.get("stretch");
            boolean is = stretch.at("/kind/id").asString().equals("SPARE");
            spare += is ? stretch.get("to").asInt() - stretch.get("from").asInt() : 0;
        }
        assertThat(spare)
                .as("two rims of four pieces, less the rims at the two ends, which are Odd’s")
                .isEqualTo(2 * (1 + 1 + 3 + 3) - 2 * 3);
        JsonNode made = body(post(at + "/cuts", cuts(tube, best)));
        JsonNode pair = body(get("/api/pairs/" + made.at("/pairIds/1").asString()));
        assertThat(pair.at("/spec/choices/tube/readyTube/spareRounds").asInt()).isEqualTo(3);
    }

    /** A second cutting has what the first left of it, not the whole cake once more. */
    @Test
    public void theOtherCakeIsOneThroughAllCuts() {
        JsonNode tube =
                kept(tube("Cake", "\"rounds\": 520", "\"contrastG\": 60, \"wishes\": [" + wish(marit, 100, 100) + "]"));
        String at = "/api/tubes/" + tube.get("id").asString();
        JsonNode best = body(get(at + "/cutting")).at("/plans/0");
        JsonNode made = body(post(at + "/cuts", cuts(tube, best)));
        assertThat(made.at("/tube/contrastG").asDouble()).isBetween(20.0, 59.0);
        JsonNode back = body(
                delete(at + "/cuts/last?version=" + made.at("/tube/version").asInt()));
        assertThat(back.get("contrastG").asDouble()).isEqualTo(60);
    }

    private static String cuts(JsonNode tube, JsonNode plan) {
        StringBuilder pieces = new StringBuilder();
        for (JsonNode along : plan.get("along")) {
            JsonNode stretch = along.get("stretch");
            if (stretch.get("kind").get("id").asString().equals("PIECE")) {
                int wish = stretch.get("wish").asInt();
                int leg = plan.get("pairs")
                        .valueStream()
                        .filter(pair -> pair.get("wish").asInt() == wish)
                        .findFirst()
                        .orElseThrow()
                        .at("/leg/value")
                        .asInt();
                pieces.append(pieces.isEmpty() ? "" : ",")
                        .append("{\"wish\": %d, \"sock\": %d, \"fromRound\": %d, \"legRounds\": %d}"
                                .formatted(
                                        wish,
                                        stretch.get("sock").asInt(),
                                        stretch.get("from").asInt(),
                                        leg));
            }
        }
        return "{\"version\": " + tube.get("version").asInt() + ", \"pieces\": [" + pieces + "]}";
    }

    @Test
    public void cutsOfATubeThatHasChangedAreNotMade() {
        JsonNode tube = kept(tube("Short", "\"rounds\": 300", "\"wishes\": [" + wish(marit, 100, 127) + "]"));
        String at = "/api/tubes/" + tube.get("id").asString();
        JsonNode best = body(get(at + "/cutting")).at("/plans/0");
        String cuts = cuts(tube, best);
        body(post(at + "/cuts", cuts));
        assertThat(post(at + "/cuts", cuts)).hasStatus(409);
    }

    @Test
    public void aCutByHandIsJudgedAtOnce() {
        JsonNode tube = kept(tube("Hand", "\"rounds\": 300", "\"wishes\": [" + wish(marit, 127, 127) + "]"));
        String at = "/api/tubes/" + tube.get("id").asString() + "/cutting";
        String piece = "{\"wish\": 0, \"sock\": %d, \"fromRound\": %d, \"legRounds\": 35}";
        JsonNode moved = body(post(at, "[" + piece.formatted(0, 0) + "," + piece.formatted(1, 100) + "]"));
        assertThat(moved.get("cuts").asInt()).isEqualTo(2);
        assertThat(post(at, "[" + piece.formatted(0, 0) + "," + piece.formatted(1, 90) + "]"))
                .hasStatus(422)
                .bodyText()
                .contains("There is no room for that");
    }

    @Test
    public void aTubeSaysWhomItFits() {
        JsonNode tube = kept(tube("Fits", "\"rounds\": 300", ""));
        JsonNode fits = body(get("/api/tubes/" + tube.get("id").asString() + "/fits"));
        assertThat(fits.valueStream().map(fit -> fit.get("name").asString())).contains("Marit", "Odd");
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"\"rounds\": 3", "", "The tube must have 20 to 5000 rounds (you entered 3 rounds)"},
            {"\"rounds\": 300, \"massG\": 60", "", "How long the tube is must be given once"},
            {"\"rounds\": 300", "\"startRounds\": 30, " + BANDS, "The tube begins 30 rounds into the repeat"},
            {"\"rounds\": 300", "\"bands\": [{\"colour\": \"red\", \"rounds\": 4}]", "\"field\":\"bands[0].colour\""},
            {
                "\"rounds\": 300",
                "\"bands\": [{\"name\": \"a\", \"colour\": \"#112233\", \"rounds\": 4},"
                        + "{\"name\": \"a\", \"colour\": \"#112244\", \"rounds\": 4}]",
                "Two colours are both called a."
            },
            {
                "\"rounds\": 300",
                "\"wishes\": [{\"footId\": \"00000000-0000-0000-0000-000000000001\", \"legFromMm\": 100,"
                        + "\"legToMm\": 120, \"alike\": true, \"ravel\": false}]",
                "These feet are no longer there."
            },
            {
                "\"rounds\": 300",
                "\"wishes\": [" + wish(marit, 100, 120).replace("}", ", \"spareRounds\": 9}") + "]",
                "\"field\":\"wishes[0].spareRounds\""
            },
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeIsRefusedInWords(String size, String rest, String said) {
        assertThat(post("/api/tubes", tube("Wrong", size, rest)))
                .hasStatus(422)
                .bodyText()
                .contains(said);
    }

    /** Empty places in a list, and pieces that can be nowhere, are refused and break nothing. */
    @Test
    public void nothingInAListIsRefused() {
        for (String rest : List.of("\"wishes\": [null]", "\"bands\": [null]", "\"wishes\": [{}]")) {
            assertThat(post("/api/tubes", tube("Holes", "\"rounds\": 300", rest))
                            .getResponse()
                            .getStatus())
                    .as(rest)
                    .isBetween(400, 499);
        }
        JsonNode tube = kept(tube("Whole", "\"rounds\": 300", "\"wishes\": [" + wish(marit, 100, 127) + "]"));
        String at = "/api/tubes/" + tube.get("id").asString();
        for (String pieces : List.of(
                "[null]",
                "[]",
                "[{\"wish\": 0, \"sock\": 0, \"fromRound\": 2147483647, \"legRounds\": 2147483647}]",
                "[{\"wish\": 9, \"sock\": 0, \"fromRound\": 0, \"legRounds\": 20}]")) {
            assertThat(post(at + "/cutting", pieces).getResponse().getStatus())
                    .as(pieces)
                    .isBetween(400, 499);
            String cuts = "{\"version\": " + tube.get("version").asInt() + ", \"pieces\": " + pieces + "}";
            assertThat(post(at + "/cuts", cuts).getResponse().getStatus())
                    .as(cuts)
                    .isBetween(400, 499);
        }
        assertThat(delete(at + "/cuts/last?version=" + tube.get("version").asInt()))
                .hasStatus(422)
                .bodyText()
                .contains("This tube was not cut yet.");
    }

    @Test
    public void wishesThatFindNoRoomAreToldWithWhatIsMissing() {
        JsonNode tube = kept(tube("Stub", "\"rounds\": 120", "\"wishes\": [" + wish(marit, 127, 127) + "]"));
        JsonNode cutting = body(get("/api/tubes/" + tube.get("id").asString() + "/cutting"));
        assertThat(cutting.get("plans")).isEmpty();
        assertThat(said(cutting.get("none"))).contains("no room for a pair for Marit");
    }
}
