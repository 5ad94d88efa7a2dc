package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/**
 * Hours of use in compressed time: the pool retires its connections every few seconds instead of every half hour, while
 * presses, weighings, notes, edits and reads go on. {@code -Dsoak.seconds} says for how long on each home.
 */
public class SoakTest {
    private static final long SECONDS = Long.getLong("soak.seconds", 6);
    private static final int RETIRE_EVERY = 25;
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    @DataProvider
    public Object[][] homes() {
        return new Object[][] {{"new", Running.newHome()}, {"earlier", Running.earlier("first-rules.mv.db.gz")}};
    }

    @Test(dataProvider = "homes")
    public void hoursOfUseLoseNothing(String which, Path home) {
        int[] counted = new int[2];
        String pair;
        try (Running app = Running.on(home)) {
            pair = id(app.send("POST", "/api/pairs", "{\"name\": \"soaked\", \"spec\": " + SPEC + "}"));
            good(app.send("POST", "/api/laps/" + pair, "{}"));
            Random random = new Random(20261126);
            Instant until = Instant.now().plus(Duration.ofSeconds(SECONDS));
            int rounds = 0;
            while (Instant.now().isBefore(until)) {
                if (++rounds % RETIRE_EVERY == 0) {
                    app.retireConnections();
                }
                use(app, pair, random, counted);
            }
            assertThat(position(app, pair)).isEqualTo(counted[0] % 2);
            Reporter.log(which + " home: " + rounds + " uses, " + counted[0] + " presses", true);
        }
        try (Running again = Running.on(home)) {
            assertThat(position(again, pair)).as("after a start").isEqualTo(counted[0] % 2);
            assertThat(again.json("/api/laps/" + pair).get("notes")).hasSize(counted[1]);
        }
    }

    /** The file is compacted while it is used: nothing is lost, and it is small afterwards. */
    @Test
    public void theFileDoesNotGrowWithoutEnd() throws IOException, SQLException {
        Path home = Running.newHome();
        int[] counted = new int[2];
        try (Running app = Running.on(home)) {
            String pair = id(app.send("POST", "/api/pairs", "{\"name\": \"large\", \"spec\": " + SPEC + "}"));
            good(app.send("POST", "/api/laps/" + pair, "{}"));
            for (int i = 0; i < 300; i++) {
                hear(app, pair, i % 2 == 0 ? "DONE" : "UNDONE", "");
            }
            long before = Files.size(home.resolve("round-pocket.mv.db"));
            CompletableFuture<Void> presses = CompletableFuture.runAsync(() -> {
                for (int i = 0; i < 120; i++) {
                    hear(app, pair, i % 2 == 0 ? "DONE" : "UNDONE", "");
                }
            });
            while (!presses.isDone()) {
                app.compact();
            }
            presses.join();
            app.compact();
            assertThat(Files.size(home.resolve("round-pocket.mv.db"))).isLessThan(before / 4);
            assertThat(position(app, pair)).isEqualTo(counted[0]);
        }
    }

    /** One press forward and one back in turn, so that the sock never ends; now and then something else. */
    private static void use(Running app, String pair, Random random, int[] counted) {
        String kind = counted[0] % 2 == 0 ? "DONE" : "UNDONE";
        hear(app, pair, kind, "");
        counted[0]++;
        switch (random.nextInt(12)) {
            case 0 -> {
                hear(app, pair, "NOTED", ", \"words\": \"note\"");
                counted[1]++;
            }
            case 1 -> hear(app, pair, "WEIGHED", ", \"fresh\": true, \"grams\": " + (40 + random.nextInt(20)));
            case 2 -> {
                String yarn = id(app.send(
                        "POST",
                        "/api/yarns",
                        "{\"name\": \"y\", \"yarn\": {\"lengthM\": 400, \"massG\": 100, \"onHandG\": 50}}"));
                good(app.send("DELETE", "/api/yarns/" + yarn + "?version=0", ""));
            }
            case 3 -> good(app.send("GET", "/api/laps", ""));
            case 4 -> good(app.send("GET", "/api/log", ""));
            case 5 -> good(app.send("POST", "/api/plans/preview", SPEC));
            default -> good(app.send("GET", "/api/laps/" + pair, ""));
        }
    }

    private static void hear(Running app, String pair, String kind, String more) {
        HttpResponse<String> heard = app.send(
                "POST",
                "/api/laps/" + pair + "/events",
                "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"" + kind
                        + "\", \"device\": \"soak\", \"at\": \"" + Instant.now() + "\"" + more + "}]");
        good(heard);
        assertThat(Running.json(heard).at("/heard/0/counted").asBoolean())
                .as(heard.body())
                .isTrue();
    }

    private static int position(Running app, String pair) {
        return app.json("/api/laps/" + pair).at("/socks/0/position").asInt();
    }

    private static String id(HttpResponse<String> answer) {
        good(answer);
        return Running.json(answer).get("id").asString();
    }

    private static void good(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).as(answer.body()).isBetween(200, 204);
    }
}
