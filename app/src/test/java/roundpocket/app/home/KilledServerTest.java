package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.File;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.atomic.AtomicInteger;
import org.testng.Reporter;
import org.testng.annotations.Test;
import roundpocket.app.RoundPocketApplication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Three clients press while the server is killed again and again; each sends a press until it is acknowledged. What was
 * acknowledged is there, once. {@code -Dkills=200 -Dpresses=10000} for a long run.
 */
public class KilledServerTest {
    private static final int KILLS = Integer.getInteger("kills", 3);
    private static final int PRESSES = Integer.getInteger("presses", 300);
    private static final int CLIENTS = 3;
    private static final int A_LIFE_MS = 1_500;
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";
    private static final JsonMapper JSON = new JsonMapper();

    private final HttpClient http = HttpClient.newHttpClient();
    private final Path home = Running.newHome();
    private final List<String> pairs = new ArrayList<>();
    private final AtomicInteger made = new AtomicInteger();
    private final AtomicInteger inVain = new AtomicInteger();
    private int inSock;

    @Test
    public void whatIsAcknowledgedCountsOnce() throws IOException, InterruptedException {
        Random random = new Random(1132);
        Process server = start();
        plan();
        List<CompletableFuture<Void>> clients = new ArrayList<>();
        for (int i = 0; i < CLIENTS; i++) {
            clients.add(CompletableFuture.runAsync(this::press));
        }
        for (int kill = 0; kill < KILLS; kill++) {
            // So that there is something left to press until the last kill.
            while (made.get() < (long) PRESSES * kill / KILLS) {
                Thread.sleep(5);
            }
            Thread.sleep(random.nextInt(A_LIFE_MS / 10));
            server.destroyForcibly().waitFor();
            server = start();
        }
        clients.forEach(CompletableFuture::join);
        assertThat(counted()).isEqualTo(PRESSES);
        server.destroyForcibly().waitFor();
        Reporter.log(PRESSES + " presses over " + KILLS + " kills, " + inVain + " tries in vain", true);
    }

    private Process start() throws IOException, InterruptedException {
        HomeFolder.delete(new HomeFolder(home).port());
        Process server = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-Xmx256m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        RoundPocketApplication.class.getName(),
                        "--pocket.home=" + home,
                        "--server.port=0")
                .redirectErrorStream(true)
                .redirectOutput(new File("/dev/null"))
                .start();
        while (!Files.exists(new HomeFolder(home).port())) {
            assertThat(server.isAlive()).as("it starts again").isTrue();
            Thread.sleep(20);
        }
        return server;
    }

    /** As many socks as are pressed to their ends. */
    private void plan() throws IOException, InterruptedException {
        do {
            String pair = send("POST", "/api/pairs", "{\"name\": \"pressed\", \"spec\": " + SPEC + "}")
                    .get("id")
                    .asString();
            pairs.add(pair);
            inSock = send("POST", "/api/laps/" + pair, "{}")
                    .at("/works/0/presses")
                    .asInt();
        } while (pairs.size() * 2 * inSock < PRESSES);
    }

    private void press() {
        for (int i = made.getAndIncrement(); i < PRESSES; i = made.getAndIncrement()) {
            String path = "/api/laps/" + pairs.get(i / inSock / 2) + "/events";
            String press = "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + (1 + i / inSock % 2)
                    + ", \"kind\": \"DONE\", \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]";
            // Every tenth is sent once more afterwards, as by a page that missed the answer.
            for (int times = i % 10 == 0 ? 2 : 1; times > 0; times--) {
                while (!acknowledged(path, press)) {
                    inVain.incrementAndGet();
                }
            }
        }
    }

    private boolean acknowledged(String path, String press) {
        try {
            assertThat(send("POST", path, press).at("/heard/0/counted").asBoolean())
                    .isTrue();
            return true;
        } catch (IOException killed) {
            return false;
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private JsonNode send(String method, String path, String body) throws IOException, InterruptedException {
        Thread.sleep(10); // a server that is being started is not asked ever again
        HomeFolder folder = new HomeFolder(home);
        String port = Files.readString(folder.port());
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .timeout(Duration.ofSeconds(30))
                        .header("Pocket-Token", Files.readString(folder.token()))
                        .header("Content-Type", "application/json")
                        .method(method, HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() >= 400) {
            throw new IOException(answer.statusCode() + " " + answer.body());
        }
        return JSON.readTree(answer.body());
    }

    private int counted() throws IOException, InterruptedException {
        int counted = 0;
        for (String pair : pairs) {
            JsonNode socks = send("GET", "/api/laps/" + pair, "").get("socks");
            counted += socks.get(0).get("position").asInt()
                    + socks.get(1).get("position").asInt();
        }
        return counted;
    }
}
