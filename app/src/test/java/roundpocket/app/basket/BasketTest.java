package roundpocket.app.basket;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;

/** What the basket and the log show of many pairs. */
public class BasketTest {
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private Running app;
    private final List<String> planned = new ArrayList<>();

    @BeforeClass
    public void planMany() {
        app = Running.on(Running.newHome());
        for (int i = 0; i < 30; i++) {
            planned.add(app.sendJson("POST", "/api/pairs", "{\"name\": \"pair " + i + "\", \"spec\": " + SPEC + "}")
                    .get("id")
                    .asString());
        }
        for (int i = 0; i < 30; i += 2) {
            knit(planned.get(i));
        }
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private void knit(String pair) {
        JsonNode lap = app.sendJson("POST", "/api/laps/" + pair, "{}");
        for (int sock = 1; sock <= 2; sock++) {
            int end = lap.at("/works/" + (sock - 1) + "/presses").asInt();
            app.sendJson(
                    "POST",
                    "/api/laps/" + pair + "/events",
                    "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + sock + ", \"kind\": \"JUMPED\", \"to\": "
                            + end + ", \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]");
        }
    }

    private static List<String> ids(JsonNode list, String id) {
        return list.valueStream().map(each -> each.get(id).asString()).toList();
    }

    @Test
    public void thoseToKnitAreShownTheLatestMadeFirst() {
        JsonNode basket = app.json("/api/basket");
        assertThat(basket.get("inAll").asInt()).isEqualTo(15);
        assertThat(basket.get("finishedInAll").asInt()).isEqualTo(15);
        List<String> shown = ids(basket.get("pairs"), "id");
        assertThat(shown).hasSize(12).first().isEqualTo(planned.get(29));
        assertThat(ids(app.json("/api/basket?most=24").get("pairs"), "id"))
                .hasSize(15)
                .startsWith(shown.toArray(String[]::new));
    }

    /** What is on the needles is looked for first, and a name, foot or yarn finds it among many. */
    @Test
    public void whatIsOnTheNeedlesStandsFirstAndWordsFindAPair() {
        try (Running own = Running.on(Running.newHome())) {
            List<String> pairs = new ArrayList<>();
            for (String name : List.of("Oldest", "Middle", "Newest")) {
                pairs.add(own.sendJson("POST", "/api/pairs", "{\"name\": \"" + name + "\", \"spec\": " + SPEC + "}")
                        .get("id")
                        .asString());
            }
            own.sendJson("POST", "/api/laps/" + pairs.get(1), "{}");
            assertThat(ids(own.json("/api/basket").get("pairs"), "id"))
                    .containsExactly(pairs.get(1), pairs.get(2), pairs.get(0));
            own.sendJson("POST", "/api/laps/" + pairs.get(0), "{}");
            own.sendJson(
                    "POST",
                    "/api/laps/" + pairs.get(0) + "/events",
                    "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"JUMPED\", \"to\": 5,"
                            + " \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]");
            assertThat(ids(own.json("/api/basket").get("pairs"), "id"))
                    .containsExactly(pairs.get(0), pairs.get(1), pairs.get(2));
            JsonNode found = own.json("/api/basket?words=NEW");
            assertThat(ids(found.get("pairs"), "id")).containsExactly(pairs.get(2));
            assertThat(found.get("inAll").asInt()).isEqualTo(1);
            assertThat(own.json("/api/basket?words=%25").get("inAll").asInt()).isZero();
        }
    }

    @Test
    public void finishedOnesAreShownApart() {
        JsonNode finished = app.json("/api/basket?finished=true&most=3");
        assertThat(ids(finished.get("pairs"), "id")).containsExactly(planned.get(28), planned.get(26), planned.get(24));
        assertThat(finished.get("inAll").asInt()).isEqualTo(15);
        assertThat(finished.at("/pairs/0/lap/next").asString()).startsWith("Both socks are done");
    }

    @Test
    public void theLogShowsTheLatestFirst() {
        JsonNode log = app.json("/api/log?most=5");
        assertThat(log.get("inAll").asInt()).isEqualTo(15);
        assertThat(ids(log.get("entries"), "pairId")).hasSize(5);
        List<String> all = ids(app.json("/api/log?most=100").get("entries"), "pairId");
        assertThat(all).hasSize(15).startsWith(ids(log.get("entries"), "pairId").toArray(String[]::new));
    }

    @Test
    public void aListIsAskedForInReason() {
        for (String most : List.of("0", "-1", "10001")) {
            Running.Answered answer = app.send("GET", "/api/basket?most=" + most, "application/json", "");
            assertThat(answer.status()).isEqualTo(422);
            assertThat(answer.body()).contains("1 to 10,000");
        }
        assertThat(app.send("GET", "/api/log?most=a", "application/json", "").status())
                .isEqualTo(400);
    }
}
