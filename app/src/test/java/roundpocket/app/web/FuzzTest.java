package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.testng.Reporter;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Whatever is sent, the answer is never that something went wrong here. {@code -Dfuzz.count} says how many requests
 * ({@code ./pocket fuzz}), {@code -Dfuzz.seed} which.
 */
public class FuzzTest {
    private static final JsonMapper JSON = new JsonMapper();
    private static final int COUNT = Integer.getInteger("fuzz.count", 0);
    private static final long SEED = Long.getLong("fuzz.seed", 20261126);
    private static final int SHOWN = 12;

    @Test
    public void nothingThatIsSentBreaksIt() {
        JsonNode description = JSON.readTree(
                Objects.requireNonNull(FuzzTest.class.getResourceAsStream("/META-INF/resources/openapi.json")));
        Map<Integer, Integer> statuses = new TreeMap<>();
        List<String> broken = new ArrayList<>();
        try (Running app = Running.on(Running.newHome(), "--pocket.demo=true")) {
            List<String> known = ids(app);
            Fuzz fuzz = new Fuzz(description, SEED, known);
            Instant until = Instant.now().plus(Duration.ofSeconds(COUNT > 0 ? 3600 : 25));
            for (int i = 0; COUNT == 0 || i < COUNT; i++) {
                if (Instant.now().isAfter(until) || broken.size() >= SHOWN) {
                    break;
                }
                Fuzz.Asked asked = fuzz.next();
                if (asked.method().equals("GET") && asked.path().matches("/api/devices/(scale|pedal).*")) {
                    continue; // listened to, and never ends
                }
                Running.Answered answer = app.send(asked.method(), asked.path(), asked.type(), asked.body());
                statuses.merge(answer.status(), 1, Integer::sum);
                if (answer.status() >= 500 || answer.body().contains("Exception")) {
                    broken.add(i + ": " + asked + " -> " + answer);
                }
                if (i % 300 == 0) {
                    known.clear();
                    known.addAll(ids(app));
                }
            }
        }
        Reporter.log("fuzz: " + statuses, true);
        assertThat(broken).as("seed " + SEED).isEmpty();
        assertThat(statuses.keySet()).contains(200, 400, 404, 422);
    }

    private static List<String> ids(Running app) {
        List<String> ids = new ArrayList<>();
        for (String shelf : List.of("pairs", "feet", "yarns", "swatches")) {
            app.json("/api/" + shelf).forEach(each -> ids.add(each.get("id").asString()));
        }
        return ids;
    }
}
