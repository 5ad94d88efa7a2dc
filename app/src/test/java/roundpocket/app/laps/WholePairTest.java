package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** A pair from its start to its end over HTTP: taken back, planned anew on the way, weighed by either yarn, settled. */
public class WholePairTest extends AppTest {
    private static final String FOOT = "\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231},";
    private static final String SWATCH = "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}],"
            + " \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}";

    private String yarnId;
    private String pairId;

    @BeforeMethod
    public void plan() {
        yarnId = body(post(
                        "/api/yarns",
                        "{\"name\": \"settled\", \"yarn\": {\"lengthM\": 420, \"massG\": 100, \"onHandG\": 150}}"))
                .get("id")
                .asString();
        pairId = pair("");
    }

    private String pair(String more) {
        return body(post(
                        "/api/pairs",
                        "{\"name\": \"Whole\", \"yarnId\": \"" + yarnId + "\", \"spec\": {" + FOOT + SWATCH + more
                                + "}}"))
                .get("id")
                .asString();
    }

    private String at() {
        return "/api/laps/" + pairId;
    }

    private JsonNode view() {
        return body(get(at()));
    }

    private JsonNode hear(int sock, String kind, String more) {
        return body(post(
                at() + "/events",
                "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + sock + ", \"kind\": \"" + kind
                        + "\", \"device\": \"lamp table\", \"at\": \"2026-11-23T19:00:00Z\"" + more + "}]"));
    }

    private void finish() {
        for (int sock = 1; sock <= 2; sock++) {
            hear(
                    sock,
                    "JUMPED",
                    ", \"to\": "
                            + view().at("/works/" + (sock - 1) + "/presses").asInt());
        }
    }

    @Test
    public void aStartIsTakenBackUntilSomethingHappened() {
        post(at(), "{\"heelWhen\": \"LAST\", \"order\": \"IN_TURN\"}");
        assertThat(view().has("startedAt")).isTrue();
        assertThat(delete(at()).getResponse().getStatus()).isEqualTo(204);
        assertThat(view().has("startedAt")).isFalse();
        assertThat(body(get("/api/laps")).toString()).doesNotContain(pairId);
        post(at(), "{\"heelWhen\": \"AFTER_TUBE\"}");
        assertThat(view().get("heelWhen").asString()).isEqualTo("AFTER_TUBE");
        hear(1, "DONE", "");
        JsonNode refused = body(delete(at()));
        assertThat(refused.at("/errors/0/code").asString()).isEqualTo("lap.start.knitted");
        assertThat(view().at("/socks/0/position").asInt()).isEqualTo(1);
    }

    @Test
    public void anEditedPlanIsTriedAndTakenOverForWhatIsStillToKnit() {
        post(at(), "{}");
        hear(1, "JUMPED", ", \"to\": 21");
        assertThat(view().get("planChanged").asBoolean()).isFalse();
        JsonNode pair = body(get("/api/pairs/" + pairId));
        put(
                "/api/pairs/" + pairId,
                "{\"version\": " + pair.get("version").asInt() + ", \"name\": \"Whole\", \"yarnId\": \"" + yarnId
                        + "\", \"spec\": {" + FOOT + SWATCH + ", \"choices\": {\"finish\": {\"cuffRounds\": 22}}}}");
        assertThat(view().get("planChanged").asBoolean()).isTrue();
        JsonNode tried = body(
                post(
                        at() + "/tried",
                        "{\"id\": \"" + UUID.randomUUID()
                                + "\", \"sock\": 1, \"kind\": \"REPLANNED\", \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}"));
        assertThat(tried.get("differences")
                        .valueStream()
                        .filter(each -> each.get("label").asString().equals("Cuff"))
                        .map(each -> each.get("after").asInt()))
                .containsExactly(22);
        assertThat(view().get("planChanged").asBoolean()).as("only tried").isTrue();
        assertThat(hear(1, "REPLANNED", "").at("/heard/0/counted").asBoolean()).isTrue();
        assertThat(view().get("planChanged").asBoolean()).isFalse();
        assertThat(view().at("/socks/0/position").asInt())
                .as("what is knitted stays")
                .isEqualTo(21);
        for (int work = 0; work < 2; work++) {
            assertThat(view().at("/works/" + work + "/steps")
                            .valueStream()
                            .filter(step -> step.get("id").asString().equals("cuff"))
                            .map(step -> step.get("number").asInt()))
                    .containsExactly(22);
        }
    }

    @Test
    public void aFinishedPairIsSettledAndOpenedAgain() {
        post(at(), "{}");
        double onHand = yarn().at("/yarn/onHandG").asDouble();
        double planned = body(post("/api/plans/preview", "{" + FOOT + SWATCH + "}"))
                .at("/yarn/pairGrams/value")
                .asDouble();
        finish();
        assertThat(gist().get("finished").asBoolean()).isTrue();
        assertThat(yarn().at("/yarn/onHandG").asDouble()).isCloseTo(onHand - planned, within(0.51));
        JsonNode uses = body(get("/api/yarns/" + yarnId + "/uses"));
        assertThat(uses.valueStream()
                        .filter(use -> use.get("planned").asBoolean())
                        .map(use -> use.get("pairId").asString()))
                .as("it takes nothing more")
                .doesNotContain(pairId);
        hear(2, "UNDONE", "");
        assertThat(yarn().at("/yarn/onHandG").asDouble()).as("as before").isCloseTo(onHand, within(1e-9));
    }

    private JsonNode yarn() {
        return body(get("/api/yarns"))
                .valueStream()
                .filter(each -> each.get("id").asString().equals(yarnId))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode gist() {
        return body(get("/api/laps"))
                .valueStream()
                .filter(each -> each.get("pairId").asString().equals(pairId))
                .findFirst()
                .orElseThrow();
    }

    @Test
    public void whatGoesWithAPairIsSaidBeforeItGoes() {
        assertThat(body(get("/api/pairs/" + pairId + "/goes")))
                .as("only a plan")
                .isEmpty();
        post(at(), "{}");
        hear(1, "DONE", "");
        hear(1, "WEIGHED", ", \"grams\": 50");
        hear(1, "NOTED", ", \"words\": \"second needle\"");
        assertThat(body(get("/api/pairs/" + pairId + "/goes")).valueStream().map(JsonNode::asString))
                .containsExactly("its count: 1 step done", "1 weighing", "1 note taken while knitting");
    }

    @Test
    public void eitherYarnIsWeighedAndADoubtedWeightIsTakenWhenSure() {
        pairId = pair(", \"contrast\": {\"lengthM\": 400, \"massG\": 100}, \"contrastSections\": [\"HEEL\", \"TOE\"]");
        post(at(), "{}");
        assertThat(view().get("contrast").asBoolean()).isTrue();
        hear(1, "WEIGHED", ", \"grams\": 60");
        hear(1, "WEIGHED", ", \"grams\": 20, \"role\": \"CONTRAST\"");
        assertThat(view().get("weighings").valueStream().map(each -> each.get("role")
                        .asString()))
                .as("neither is taken for the other")
                .containsExactlyInAnyOrder("MAIN", "CONTRAST");
        int foot = 1 + foot();
        hear(1, "JUMPED", ", \"to\": " + foot);
        JsonNode doubted = hear(1, "WEIGHED", ", \"grams\": 20");
        assertThat(doubted.at("/heard/0/counted").asBoolean())
                .as("40 g in a foot")
                .isFalse();
        assertThat(said(doubted.at("/heard/0/said"))).isNotBlank();
        assertThat(hear(1, "WEIGHED", ", \"grams\": 20, \"sure\": true")
                        .at("/heard/0/counted")
                        .asBoolean())
                .isTrue();
    }

    private int foot() {
        return view().at("/works/0/steps")
                .valueStream()
                .filter(step -> step.get("id").asString().equals("foot"))
                .findFirst()
                .orElseThrow()
                .get("number")
                .asInt();
    }
}
