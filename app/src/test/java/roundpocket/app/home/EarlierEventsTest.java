package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * A home whose events had a column for everything, as that Round Pocket wrote it, and what it said of every pair on the
 * needles then: it says the same now.
 */
public class EarlierEventsTest {
    private static final JsonMapper JSON = new JsonMapper();

    private Running app;

    @BeforeClass
    public void open() {
        Path home = Running.earlier("before-payloads.mv.db.gz");
        app = Running.on(home);
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private static JsonNode saidThen() {
        try (InputStream said = EarlierEventsTest.class.getResourceAsStream("/homes/before-payloads.json")) {
            return JSON.readTree(Objects.requireNonNull(said));
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
    }

    @Test
    public void everyPairOnTheNeedlesIsWhereItWas() {
        JsonNode gists = app.json("/api/laps");
        // What gets done in the next hour is told since, and what is next in other words.
        gists.forEach(gist -> ((ObjectNode) gist).remove(List.of("outings", "next")));
        assertThat(saidThen().propertyNames()).hasSize(5);
        saidThen().propertyStream().forEach(then -> {
            JsonNode now = app.json("/api/laps/" + then.getKey());
            assertThat(gists).contains(((ObjectNode) then.getValue().get("gist").deepCopy()).without("next"));
            // Since then only those devices count that count by turns.
            now.get("socks").forEach(sock -> ((ObjectNode) sock).remove("devices"));
            then.getValue().get("socks").forEach(sock -> ((ObjectNode) sock).remove("devices"));
            for (String part : new String[] {"startedAt", "socks", "weighings", "notes", "revision", "heelWhen"}) {
                assertThat(now.get(part))
                        .as(part + " of " + then.getValue().get("name"))
                        .isEqualTo(then.getValue().get(part));
            }
            for (int sock = 0; sock < 2; sock++) {
                JsonNode work = now.get("works").get(sock);
                assertThat(withoutGrams(work.get("differences")))
                        .isEqualTo(
                                withoutGrams(then.getValue().get("differences").get(sock)));
                assertThat(work.get("presses"))
                        .isEqualTo(then.getValue().get("presses").get(sock));
            }
            assertThat(now.at("/cakes/0/words").asString(""))
                    .isEqualTo(then.getValue().get("cake").asString(""));
        });
    }

    /** What the yarn comes to depends on how sure a scale is taken to be, which was another then. */
    private static List<JsonNode> withoutGrams(JsonNode differences) {
        return differences
                .valueStream()
                .filter(each -> !each.get("unit").asString().equals("GRAMS"))
                .toList();
    }

    /** Of all kinds one is in it; what a press has no more than its time has no payload. */
    @Test(dependsOnMethods = "everyPairOnTheNeedlesIsWhereItWas")
    public void eachKindIsStoredWithItsOwnAndTheNumbersGoOn() throws SQLException {
        String pair = saidThen()
                .propertyStream()
                .filter(each -> each.getValue().get("name").asString().startsWith("Odd"))
                .findFirst()
                .orElseThrow()
                .getKey();
        long last = number("select max(seq) from lap_event");
        assertThat(number("select count(distinct kind) from lap_event")).isEqualTo(9);
        assertThat(number("select count(*) from lap_event where (payload is null) <> (kind in ('DONE', 'UNDONE'))"))
                .isZero();
        app.send(
                "POST",
                "/api/laps/" + pair + "/events",
                "[{\"id\": \"" + UUID.randomUUID()
                        + "\", \"sock\": 2, \"kind\": \"DONE\", \"device\": \"table\", \"at\":"
                        + " \"2026-11-25T20:00:00Z\"}]");
        assertThat(number("select max(seq) from lap_event")).isEqualTo(last + 1);
    }

    private long number(String query) throws SQLException {
        try (Connection store = app.store().getConnection();
                Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery(query)) {
            row.next();
            return row.getLong(1);
        }
    }
}
