package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;

/** Several devices that press on one pair at the same moment, while others look. */
public class PressesAtOnceTest {
    private static final int DEVICES = 6;
    private static final int EACH = 30;
    private static final int PAIRS = 2;
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private Running app;

    @BeforeClass
    public void open() {
        app = Running.on(Running.newHome());
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    @Test
    public void everyPressCountsOnce() {
        try (Workers workers = new Workers()) {
            for (int i = 0; i < PAIRS; i++) {
                String pair = app.sendJson("POST", "/api/pairs", "{\"name\": \"p\", \"spec\": " + SPEC + "}")
                        .get("id")
                        .asString();
                app.sendJson("POST", "/api/laps/" + pair, "{}");
                List<CompletableFuture<Void>> devices = new ArrayList<>();
                for (int device = 0; device < DEVICES; device++) {
                    devices.add(CompletableFuture.runAsync(() -> press(pair), workers.threads));
                }
                devices.forEach(CompletableFuture::join);
                assertThat(app.json("/api/laps/" + pair).at("/socks/0/position").asInt())
                        .isEqualTo(DEVICES * EACH);
                assertThat(app.json("/api/basket")
                                .at("/pairs/" + i + "/lap/positions/0")
                                .asInt())
                        .isEqualTo(DEVICES * EACH);
            }
        }
    }

    private void press(String pair) {
        for (int i = 0; i < EACH; i++) {
            JsonNode heard = app.sendJson(
                    "POST",
                    "/api/laps/" + pair + "/events",
                    "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"DONE\", \"device\": \"d\","
                            + " \"at\": \"2026-11-23T19:00:00Z\"}]");
            assertThat(heard.at("/heard/0/counted").asBoolean()).isTrue();
            if (i % 3 == 0) {
                app.json("/api/laps/" + pair);
                app.json("/api/basket");
            }
        }
    }

    private static final class Workers implements AutoCloseable {
        private final ExecutorService threads = Executors.newFixedThreadPool(DEVICES);

        @Override
        public void close() {
            threads.shutdownNow();
        }
    }
}
