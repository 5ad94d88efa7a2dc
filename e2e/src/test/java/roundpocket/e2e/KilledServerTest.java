package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** That every press is counted once, however often the server is killed in the middle of the pressing. */
public class KilledServerTest {
    /** {@code -Dkills=200 -Dpresses=10000} for a night. */
    private static final int KILLS = Integer.getInteger("kills", 3);

    private static final int PRESSES = Integer.getInteger("presses", 300);
    private static final int CLIENTS = 3;
    private static final JsonMapper JSON = new JsonMapper();

    private final List<String> pairs = new ArrayList<>();
    private final AtomicInteger made = new AtomicInteger();
    private final AtomicInteger inVain = new AtomicInteger();
    private Server server;
    private int inSock;

    @Test
    public void whatIsAcknowledgedCountsOnce() {
        Random random = new Random(1132);
        server = Server.holding(Server.Holding.NOTHING);
        plan();
        List<CompletableFuture<Void>> clients = Stream.generate(() -> CompletableFuture.runAsync(this::press))
                .limit(CLIENTS)
                .toList();
        for (int kill = 0; kill < KILLS; kill++) {
            // So that there is something left to press until the last kill.
            while (made.get() < (long) PRESSES * kill / KILLS) {
                Server.sleep(5);
            }
            Server.sleep(random.nextInt(150));
            server.kill();
            server.start();
        }
        clients.forEach(CompletableFuture::join);
        assertThat(pairs.stream().mapToInt(this::counted).sum()).isEqualTo(PRESSES);
        Reporter.log(PRESSES + " presses over " + KILLS + " kills, " + inVain + " tries in vain", true);
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        server.stop();
    }

    /** As many socks as are pressed to their ends. */
    private void plan() {
        do {
            String pair = JSON.readTree(server.post("/api/pairs", StoreTest.pair("pressed", 140))
                            .body())
                    .get("id")
                    .asString();
            pairs.add(pair);
            inSock = JSON.readTree(server.post("/api/laps/" + pair, "{}").body())
                    .at("/works/0/presses")
                    .asInt();
        } while (pairs.size() * 2 * inSock < PRESSES);
    }

    private void press() {
        for (int i = made.getAndIncrement(); i < PRESSES; i = made.getAndIncrement()) {
            String path = "/api/laps/" + pairs.get(i / inSock / 2) + "/events";
            String press = StoreTest.done(1 + i / inSock % 2);
            // Every tenth is sent once more afterwards, as by a page that missed the answer.
            for (int times = i % 10 == 0 ? 2 : 1; times > 0; times--) {
                while (!acknowledged(path, press)) {
                    inVain.incrementAndGet();
                    Server.sleep(200); // so that the server that is being started has the processor
                }
            }
        }
    }

    private boolean acknowledged(String path, String press) {
        try {
            var answer = server.post(path, press);
            if (answer.statusCode() != 200) {
                return false;
            }
            assertThat(JSON.readTree(answer.body()).at("/heard/0/counted").asBoolean())
                    .isTrue();
            return true;
        } catch (UncheckedIOException killed) {
            return false;
        }
    }

    private int counted(String pair) {
        JsonNode socks = server.json("/api/laps/" + pair).get("socks");
        return socks.get(0).get("position").asInt()
                + socks.get(1).get("position").asInt();
    }
}
