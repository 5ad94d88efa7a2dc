package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What was acknowledged is there, however the process ended. */
public class StoreTest {
    private static final int DEVICES = 6;
    private static final int EACH = 10;

    private Server server;

    @BeforeClass
    public void start() {
        server = Server.holding(Server.Holding.NOTHING);
    }

    @BeforeMethod
    public void empty() {
        server.hold(Server.Holding.NOTHING);
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        server.stop();
    }

    static String pair(String name, int legMm) {
        return """
            {"name": "%s", "footName": "Foot of %s", "spec": {
              "foot": {"lengthMm": 246.5, "ballGirthMm": 231},
              "swatch": {"stitches": [{"count": 31, "spanMm": 100}, {"count": 63.5, "spanMm": 203.2}],
                         "rounds": [{"count": 43, "spanMm": 100}]},
              "yarn": {"lengthM": 420, "massG": 100, "onHandG": 87.5},
              "choices": {"tube": {"legMm": %d}, "size": {"stitches": 60}}}}""".formatted(name, name, legMm);
    }

    @Test
    public void fiftyAcknowledgedWritesSurviveAKill() {
        List<String> acknowledged = new ArrayList<>();
        for (int i = 0; i < 50; i++) {
            String name = "pair " + i;
            assertThat(server.post("/api/pairs", pair(name, 100 + i)).statusCode())
                    .isEqualTo(201);
            acknowledged.add(name);
        }
        server.kill();
        server.start();
        List<String> there = new ArrayList<>();
        server.json("/api/pairs").forEach(pair -> there.add(pair.get("name").asString()));
        assertThat(there).containsExactlyInAnyOrderElementsOf(acknowledged);
        assertThat(server.json("/api/feet").size()).isEqualTo(50);
        assertThat(server.json("/api/swatches").size()).isEqualTo(50);
    }

    @Test
    public void aRestartKeepsEverythingAsItWas() {
        server.post("/api/pairs", pair("kept", 140));
        server.post(
                "/api/yarns",
                "{\"name\": \"rope\", \"colour\": \"#2F6F8F\", \"yarn\": {\"lengthM\": 400, \"massG\": 100}}");
        JsonNode pairs = server.json("/api/pairs");
        JsonNode yarns = server.json("/api/yarns");
        server.stop();
        server.start();
        assertThat(server.json("/api/pairs")).isEqualTo(pairs);
        assertThat(server.json("/api/yarns")).isEqualTo(yarns);
        assertThat(pairs.get(0).at("/spec/swatch/stitches/1/spanMm").asDouble()).isEqualTo(203.2);
    }

    /** The disk fills up in the middle of the work: it is said, nothing is half there, and nothing acknowledged is gone. */
    @Test
    public void aFullDiskIsSaidAndLosesNothing() {
        server.stop();
        server.startWithRoomFor(1600);
        List<String> acknowledged = new ArrayList<>();
        String refused = "";
        for (int i = 0; i < 2000 && refused.isEmpty(); i++) {
            var answer = server.post("/api/pairs", pair("pair " + i, 120));
            if (answer.statusCode() == 201) {
                acknowledged.add("pair " + i);
            } else {
                assertThat(answer.statusCode()).isEqualTo(507);
                refused = answer.body();
            }
        }
        assertThat(refused).contains("the disk is full").contains("start Round Pocket again");
        server.makeRoom();
        assertThat(storedWithin(20, pair("room again", 120)))
                .as("without a start")
                .isTrue();
        acknowledged.add("room again");
        server.kill();
        server.start();
        List<String> there = new ArrayList<>();
        server.json("/api/pairs").forEach(pair -> there.add(pair.get("name").asString()));
        assertThat(acknowledged).isNotEmpty();
        assertThat(there).containsAll(acknowledged);
        assertThat(there.size())
                .as("the last one may have been stored, but not told")
                .isBetween(acknowledged.size(), acknowledged.size() + 1);
        assertThat(server.json("/api/feet").size())
                .as("a pair and its foot, or neither")
                .isEqualTo(there.size());
    }

    /** Whether it can be stored within so many seconds. */
    private boolean storedWithin(int seconds, String pair) {
        for (int i = 0; i < seconds * 4; i++) {
            if (server.post("/api/pairs", pair).statusCode() == 201) {
                return true;
            }
            Server.sleep(250);
        }
        return false;
    }

    /** The queries of the built program are written while it is built; the one that locks the lap must still do so. */
    @Test
    public void pressesAtOnceAreAllCountedByWhatShips() {
        String pair = new JsonMapper()
                .readTree(server.post("/api/pairs", pair("pressed", 140)).body())
                .get("id")
                .asString();
        server.post("/api/laps/" + pair, "{}");
        List<CompletableFuture<Void>> devices = Stream.generate(
                        () -> CompletableFuture.runAsync(() -> press("/api/laps/" + pair + "/events")))
                .limit(DEVICES)
                .toList();
        devices.forEach(CompletableFuture::join);
        assertThat(server.json("/api/laps/" + pair).at("/socks/0/position").asInt())
                .isEqualTo(DEVICES * EACH);
    }

    private void press(String events) {
        for (int i = 0; i < EACH; i++) {
            assertThat(server.post(events, done(1)).statusCode()).isEqualTo(200);
        }
    }

    static String done(int sock) {
        return "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + sock
                + ", \"kind\": \"DONE\", \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]";
    }
}
