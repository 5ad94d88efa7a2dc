package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** Presses over HTTP: each counts once, and none that was acknowledged is lost. */
public class LapsTest extends AppTest {
    private static final String SPEC = "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231},"
            + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}%s}";

    @Autowired
    private JdbcTemplate store;

    private String pairId;
    private String at;

    @BeforeMethod
    public void begin() {
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"Lapped\", \"spec\": " + SPEC.formatted("") + "}"));
        pairId = pair.get("id").asString();
        at = "/api/laps/" + pairId;
        assertThat(body(get(at)).has("startedAt")).isFalse();
        assertThat(body(post(at, "{}")).has("startedAt")).isTrue();
    }

    private static String press(UUID id, int sock, String kind, String more) {
        return "{\"id\": \"" + id + "\", \"sock\": " + sock + ", \"kind\": \"" + kind
                + "\", \"device\": \"lamp table\"," + " \"at\": \"2026-11-23T19:00:00Z\"" + more + "}";
    }

    private static String done(int sock) {
        return press(UUID.randomUUID(), sock, "DONE", "");
    }

    private JsonNode hear(List<String> presses) {
        return body(post(at + "/events", "[" + String.join(",", presses) + "]"));
    }

    private List<Integer> positions() {
        return body(get(at))
                .get("socks")
                .valueStream()
                .map(sock -> sock.get("position").asInt())
                .toList();
    }

    @Test
    public void pressesCountOnTheirSockAndAreTakenBackOneByOne() {
        hear(List.of(done(1), done(1), done(1), done(2)));
        assertThat(positions()).containsExactly(3, 1);
        JsonNode gist = body(get("/api/laps"))
                .valueStream()
                .filter(each -> each.get("pairId").asString().equals(pairId))
                .findFirst()
                .orElseThrow();
        assertThat(gist.get("next").asString()).matches("foot, round 3 of \\d+ \\(first sock\\)");
        assertThat(gist.get("knitted")
                        .valueStream()
                        .filter(part -> part.get("section").asString().equals("FOOT"))
                        .map(part -> part.get("share").asDouble() > 0))
                .containsExactly(true);
        hear(List.of(press(UUID.randomUUID(), 1, "JUMPED", ", \"to\": 40")));
        assertThat(positions()).containsExactly(40, 1);
        JsonNode heard = hear(List.of(
                press(UUID.randomUUID(), 1, "UNDONE", ""),
                press(UUID.randomUUID(), 1, "UNDONE", ""),
                press(UUID.randomUUID(), 2, "UNDONE", ""),
                press(UUID.randomUUID(), 2, "UNDONE", "")));
        assertThat(positions()).containsExactly(2, 0);
        assertThat(heard.get("heard").valueStream().map(each -> each.get("counted")
                        .asBoolean()))
                .containsExactly(true, true, true, false);
        assertThat(said(heard.at("/heard/3/said"))).contains("Nothing to undo");
        assertThat(heard.at("/socks/0/trail").toString()).isEqualTo("[0,1]");
    }

    @Test
    public void thePressThatIsSentAThousandTimesCountsOnce() {
        UUID id = UUID.randomUUID();
        for (int i = 0; i < 10; i++) {
            hear(Collections.nCopies(100, press(id, 1, "DONE", "")));
        }
        assertThat(positions()).containsExactly(1, 0);
    }

    /** Two devices that sent the same presses in any order and any number of times come to the same count. */
    @Test
    public void twoDevicesMergeByPress() {
        Random random = new Random(5);
        List<String> table = new ArrayList<>();
        List<String> lap = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            table.add(done(1));
            lap.add(done(1).replace("lamp table", "phone"));
        }
        List<String> all = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            all.addAll(table);
            all.addAll(lap);
        }
        Collections.shuffle(all, random);
        for (int i = 0; i < all.size(); i += 20) {
            hear(all.subList(i, i + 20));
        }
        assertThat(positions()).containsExactly(60, 0);
        assertThat(body(get(at)).at("/socks/0/devices").asInt()).isEqualTo(2);
        hear(List.of(done(1).replace("T19:00", "T20:30")));
        assertThat(body(get(at)).at("/socks/0/devices").asInt())
                .as("the phone was put away")
                .isEqualTo(1);
    }

    @Test
    public void aPressFromTheFutureIsOfNowAndOnePastTheEndCountsForNothing() {
        JsonNode view = body(get(at));
        int presses = view.at("/works/0/presses").asInt();
        hear(List.of(press(UUID.randomUUID(), 1, "JUMPED", ", \"to\": " + presses)));
        JsonNode past = hear(List.of(done(1)));
        assertThat(past.at("/heard/0/counted").asBoolean()).isFalse();
        assertThat(said(past.at("/heard/0/said"))).contains("nothing after its last step");
        hear(List.of(done(2).replace("2026-11-23", "2999-01-01")));
        assertThat(body(get(at)).at("/socks/1/lastAt").asString()).doesNotStartWith("2999");
        assertThat(body(get("/api/laps"))
                        .valueStream()
                        .filter(gist -> gist.get("pairId").asString().equals(pairId)))
                .singleElement()
                .satisfies(gist -> assertThat(gist.get("next").asString()).endsWith("(second sock)"));
    }

    @DataProvider
    public Object[][] nonsense() {
        UUID id = UUID.randomUUID();
        return new Object[][] {
            {press(id, 3, "DONE", ""), 422, "[0].sock"},
            {press(id, 1, "DONE", ", \"to\": 4"), 400, "[0].to"},
            {press(id, 1, "JUMPED", ""), 400, "[0].to"},
            {press(id, 1, "WORKED", ", \"section\": \"FOOT\", \"rounds\": 9.5"), 400, "[0].rounds"},
            {press(id, 1, "WORKED", ", \"rounds\": 9"), 422, "[0].section"},
            {press(id, 1, "NOTED", ", \"words\": \" \""), 422, "[0].words"},
            {press(id, 1, "WITHDRAWN", ""), 422, "[0].takenBack"},
            {press(id, 1, "DANCED", ""), 400, "[0]"},
            {"{\"sock\": 1, \"kind\": \"DONE\", \"device\": \"a\", \"at\": \"2026-11-23T19:00:00Z\"}", 422, "[0]"},
            {press(id, 1, "DONE", "").replace("lamp table", " "), 422, "[0].device"},
            {press(id, 1, "DONE", "").replace("lamp table", "l".repeat(41)), 422, "[0].device"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefusedWithItsPlaceAndNothingOfItCounts(String press, int status, String field) {
        var refused = post(at + "/events", "[" + press + "," + done(1) + "]");
        assertThat(refused).hasStatus(status);
        assertThat(body(refused).at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(positions()).containsExactly(0, 0);
    }

    @Test
    public void aJumpOutOfTheSockOrAPressOnAPairThatIsNotBegunCountsForNothing() {
        JsonNode heard = hear(List.of(press(UUID.randomUUID(), 1, "JUMPED", ", \"to\": 99999")));
        assertThat(heard.at("/heard/0/counted").asBoolean()).isFalse();
        JsonNode other = body(post("/api/pairs", "{\"name\": \"Not begun\", \"spec\": " + SPEC.formatted("") + "}"));
        assertThat(post("/api/laps/" + other.get("id").asString() + "/events", "[" + done(1) + "]"))
                .hasStatus(404);
        assertThat(post("/api/laps/" + UUID.randomUUID(), "{}")).hasStatus(404);
    }

    /** What was begun is knitted as it was planned then, whatever becomes of the plan. */
    @Test
    public void thePlanIsKeptAsItWasWhenThePairWasBegun() {
        JsonNode before = body(get(at));
        String changed = SPEC.formatted(", \"choices\": {\"tube\": {\"legMm\": 200}}");
        body(put("/api/pairs/" + pairId, "{\"version\": 0, \"name\": \"Lapped\", \"spec\": " + changed + "}"));
        JsonNode after = body(get(at));
        assertThat(after.get("works")).isEqualTo(before.get("works"));
        assertThat(before.get("planChanged").asBoolean()).isFalse();
        assertThat(after.get("planChanged").asBoolean()).isTrue();
        assertThat(body(post(at, "{\"heelWhen\": \"LAST\"}")).get("heelWhen").asString())
                .isEqualTo("AFTER_TUBE");
        assertThat(delete("/api/pairs/" + pairId + "?version=1")).hasStatus(204);
        assertThat(get(at)).hasStatus(404);
    }

    /** A kept plan that later limits refuse is not known any more; every other pair still is. */
    @Test
    public void onePairThatCannotBeReadDoesNotHideTheOthers() {
        String other = body(post("/api/pairs", "{\"name\": \"Unreadable\", \"spec\": " + SPEC.formatted("") + "}"))
                .get("id")
                .asString();
        post("/api/laps/" + other, "{}");
        store.update(
                "update lap set spec = replace(spec, '246', '5') format json where pair_id = ?",
                UUID.fromString(other));
        assertThat(body(get("/api/laps")).valueStream().map(gist -> gist.get("pairId")
                        .asString()))
                .contains(pairId)
                .doesNotContain(other);
        assertThat(body(get("/api/log"))).isNotNull();
        assertThat(get("/api/laps/" + other)).hasStatus(422);
    }

    @Test
    public void aMiscountIsExplainedForEachNeedle() {
        assertThat(body(get("/api/laps/miscount?expected=32&first=32&second=32"))
                        .at("/words"))
                .isEmpty();
        assertThat(body(get("/api/laps/miscount?expected=32&first=31&second=33"))
                        .at("/words"))
                .hasSize(2);
        assertThat(body(get("/api/laps/miscount?expected=32&first=31&second=33"))
                        .at("/mayGoOn")
                        .asBoolean())
                .isFalse();
        assertThat(body(get("/api/laps/miscount?expected=32&first=31&second=33&live=true"))
                        .at("/mayGoOn")
                        .asBoolean())
                .isTrue();
    }

    @Test
    public void theSockThatIsNotDoneIsNextWhicheverItIs() {
        int presses = body(get(at)).at("/works/0/presses").asInt();
        hear(List.of(press(UUID.randomUUID(), 2, "JUMPED", ", \"to\": " + presses), done(1)));
        assertThat(body(get("/api/laps"))
                        .valueStream()
                        .filter(gist -> gist.get("pairId").asString().equals(pairId)))
                .singleElement()
                .satisfies(gist -> assertThat(gist.get("next").asString())
                        .startsWith("foot, round")
                        .endsWith("(first sock)"));
    }

    private String another() {
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"Another\", \"spec\": " + SPEC.formatted("") + "}"));
        String id = pair.get("id").asString();
        post("/api/laps/" + id, "{}");
        return id;
    }

    /** A press is one pair's. The other is told that it did not count, also where both arrive at the same moment. */
    @Test
    public void aPressCountsOnOnePairOnly() {
        String other = another();
        String press = press(UUID.randomUUID(), 1, "DONE", "");
        hear(List.of(press));
        JsonNode heard = body(post("/api/laps/" + other + "/events", "[" + press + "]"));
        assertThat(heard.at("/heard/0/counted").asBoolean()).isFalse();
        assertThat(said(heard.at("/heard/0/said"))).contains("another pair");
        for (int i = 0; i < 20; i++) {
            String both = "[" + press(UUID.randomUUID(), 1, "DONE", "") + "]";
            List<JsonNode> answers = List.of(pairId, other).parallelStream()
                    .map(pair -> body(post("/api/laps/" + pair + "/events", both)))
                    .toList();
            assertThat(answers.stream().map(each -> each.at("/heard/0/counted").asBoolean()))
                    .containsExactlyInAnyOrder(true, false);
        }
        assertThat(positions().get(0)
                        + body(get("/api/laps/" + other))
                                .at("/socks/0/position")
                                .asInt())
                .isEqualTo(21);
    }

    /** A clock that was never set, or set to nonsense, changes neither the order nor when a pair was begun. */
    @Test
    public void timesThatCannotBeAreNotBelieved() {
        for (String time : List.of(
                "1976-01-01T00:00:00Z",
                "-292278995-01-01T00:00:00Z",
                "+292278994-08-17T07:12:55Z",
                "2099-01-01T00:00:00Z")) {
            hear(List.of(done(1).replace("2026-11-23T19:00:00Z", time)));
        }
        assertThat(positions()).containsExactly(4, 0);
        Instant begun = Instant.parse(body(get(at)).get("startedAt").asString());
        assertThat(begun).isBetween(Instant.now().minusSeconds(600), Instant.now());
    }
}
