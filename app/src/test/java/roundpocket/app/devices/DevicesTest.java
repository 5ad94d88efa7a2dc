package roundpocket.app.devices;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.Test;
import roundpocket.core.explain.Refusal;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Scale and pedal as a page hears them: server-sent events, of the form of the HTML standard, section 9.2. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT)
public class DevicesTest extends AbstractTestNGSpringContextTests {
    private static final long PATIENCE_MS = 60_000;
    private static final JsonMapper JSON = new JsonMapper();

    private final HttpClient http = HttpClient.newHttpClient();

    @Value("${local.server.port}")
    private int port;

    @DynamicPropertySource
    static void home(DynamicPropertyRegistry registry) throws IOException {
        String home = Files.createTempDirectory("round-pocket-devices").toString();
        registry.add("pocket.home", () -> home);
    }

    private URI at(String path) {
        return URI.create("http://127.0.0.1:" + port + "/api/devices/" + path);
    }

    private BufferedReader listen(String device) throws IOException, InterruptedException {
        HttpResponse<InputStream> stream = http.send(
                HttpRequest.newBuilder(at(device))
                        .header("Sec-Fetch-Site", "same-origin")
                        .GET()
                        .build(),
                HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.headers().firstValue("Content-Type").orElse("")).startsWith("text/event-stream");
        return new BufferedReader(new InputStreamReader(stream.body(), StandardCharsets.UTF_8));
    }

    private int post(String path, String body) throws IOException, InterruptedException {
        return http.send(
                        HttpRequest.newBuilder(at(path))
                                .header("Sec-Fetch-Site", "same-origin")
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofString(body))
                                .build(),
                        HttpResponse.BodyHandlers.discarding())
                .statusCode();
    }

    private static JsonNode next(BufferedReader stream) throws IOException {
        for (String line = stream.readLine(); line != null; line = stream.readLine()) {
            if (line.startsWith("data:")) {
                return JSON.readTree(line.substring("data:".length()));
            }
        }
        throw new AssertionError("the stream has ended");
    }

    @Test(timeOut = PATIENCE_MS)
    public void theScaleSettlesOnWhatIsPutOnIt() throws IOException, InterruptedException {
        try (BufferedReader stream = listen("scale")) {
            assertThat(post("scale/load", "{\"grams\": 48}")).isEqualTo(204);
            JsonNode reading = next(stream);
            for (int i = 0; i < 60 && !reading.get("steady").asBoolean(); i++) {
                reading = next(stream);
            }
            assertThat(reading.toString()).isEqualTo("{\"grams\":48,\"steady\":true}");
            assertThat(post("scale/tare", "")).isEqualTo(204);
            assertThat(post("scale/load", "{\"grams\": -3}")).isEqualTo(422);
            assertThat(post("scale/load", "{\"grams\": \"much\"}")).isEqualTo(400);
        }
    }

    /** The pedal is one pair's: every page hears every press and whose it is, and only an open pair has it. */
    @Test(timeOut = PATIENCE_MS)
    public void thePedalBelongsToOnePairAtATime() throws IOException, InterruptedException {
        UUID mine = UUID.randomUUID();
        UUID yours = UUID.randomUUID();
        try (BufferedReader one = listen("pedal?pair=" + mine);
                BufferedReader other = listen("pedal?pair=" + yours)) {
            assertThat(next(one).get("pair").asString()).isEqualTo(mine.toString());
            assertThat(next(other).get("pair").asString()).isEqualTo(mine.toString());
            assertThat(post("pedal", "")).isEqualTo(200);
            JsonNode press = next(one);
            assertThat(press.get("pair").asString()).isEqualTo(mine.toString());
            assertThat(next(other)).isEqualTo(press);
            assertThat(post("pedal/pair", "{\"pair\": \"" + yours + "\"}")).isEqualTo(204);
            assertThat(next(one).toString()).isEqualTo("{\"pair\":\"" + yours + "\"}");
            assertThat(next(other).has("id")).isFalse();
            assertThat(post("pedal", "")).isEqualTo(200);
            assertThat(next(one).get("pair").asString()).isEqualTo(yours.toString());
        }
    }

    @Test(timeOut = PATIENCE_MS)
    public void onlySoManyListen() {
        Listeners listeners = new Listeners();
        for (int i = 0; i < Listeners.MOST; i++) {
            listeners.listen(List.of(), null);
        }
        assertThatThrownBy(() -> listeners.listen(List.of(), null))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("pages listen to this already");
        listeners.close();
    }
}
