package roundpocket.app.laps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.UUID;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** Tape checks, rounds off the plan, weighings and notes over HTTP. */
public class KnitEventsTest extends AppTest {
    private static final String SPEC = "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231},"
            + "\"swatch\": {\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private String at;

    @BeforeMethod
    public void begin() {
        JsonNode pair = body(post("/api/pairs", "{\"name\": \"Measured\", \"spec\": " + SPEC + "}"));
        at = "/api/laps/" + pair.get("id").asString();
        post(at, "{}");
    }

    private static String event(String id, String kind, String more) {
        return "{\"id\": \"" + id + "\", \"sock\": 1, \"kind\": \"" + kind
                + "\", \"device\": \"lamp table\", \"at\": \"2026-11-23T19:00:00Z\"" + more + "}";
    }

    private static String event(String kind, String more) {
        return event(UUID.randomUUID().toString(), kind, more);
    }

    private JsonNode hear(String... events) {
        return body(post(at + "/events", "[" + String.join(",", events) + "]"));
    }

    private JsonNode view() {
        return body(get(at));
    }

    private int rounds(int sock, String id) {
        return view().at("/works/" + (sock - 1) + "/steps")
                .valueStream()
                .filter(step -> step.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("number")
                .asInt();
    }

    @Test
    public void aTapeCheckIsTriedBeforeItIsTaken() {
        hear(event("JUMPED", ", \"to\": 31"));
        int foot = rounds(1, "foot");
        String tape = event("MEASURED", ", \"rounds\": 24, \"spanMm\": 50");
        JsonNode tried = body(post(at + "/tried", tape));
        assertThat(tried.get("differences").valueStream().map(each -> each.get("label")
                        .asString()))
                .contains("Round gauge", "Foot", "Leg");
        assertThat(tried.get("otherFollows").asBoolean()).isTrue();
        assertThat(tried.get("words").asString()).matches("\\d+ rounds of foot to go instead of \\d+\\.");
        assertThat(rounds(1, "foot")).as("only tried").isEqualTo(foot);
        JsonNode heard = hear(tape, tape);
        assertThat(heard.at("/heard/0/counted").asBoolean()).isTrue();
        assertThat(heard.get("revision").asInt()).as("the same twice").isEqualTo(1);
        // 48 rounds to 10 cm instead of 43: a ninth more of them
        assertThat(rounds(1, "foot")).isGreaterThan(foot);
        assertThat(rounds(2, "foot")).as("the second follows").isEqualTo(rounds(1, "foot"));
        JsonNode view = view();
        assertThat(view.at("/socks/0/position").asInt()).isEqualTo(31);
        assertThat(view.at("/works/0/differences/0/label").asString()).isEqualTo("Round gauge");
        assertThat(view.at("/works/0/differences/0/after").asDouble()).isCloseTo(48, within(1e-9));
        assertThat(body(get("/api/laps")).toString()).contains("foot, round 31 of " + rounds(1, "foot"));
    }

    @Test
    public void roundsOffThePlanAreTakenAsTheyAre() {
        int foot = rounds(1, "foot");
        hear(event("JUMPED", ", \"to\": " + (1 + foot)));
        hear(event("WORKED", ", \"section\": \"FOOT\", \"rounds\": " + (foot + 3)));
        assertThat(rounds(2, "foot")).isEqualTo(foot + 3);
        assertThat(view().at("/socks/0/position").asInt()).isEqualTo(1 + foot + 3);
        assertThat(view().at("/works/0/stretches/0/done").asInt()).isEqualTo(foot + 3);
    }

    @Test
    public void aWeighingCallsForTheCuffAndCanBeTakenBack() {
        int leg = 2 + rounds(1, "foot");
        hear(event("JUMPED", ", \"to\": " + leg));
        UUID id = UUID.randomUUID();
        hear(event(id.toString(), "WEIGHED", ", \"grams\": 14"));
        JsonNode cake = view().at("/cakes/0");
        assertThat(cake.get("words").asString()).matches("(You have yarn for|This yarn is too light).*");
        assertThat(cake.get("figures").valueStream().map(each -> each.get("label")
                        .asString()))
                .contains("Yarn by now", "Start the cuff when it weighs");
        int step = cake.at("/workings/figures").get("/figures/1/figure").asInt();
        assertThat(cake.at("/workings/steps/" + step + "/value").asDouble())
                .as("the figure has its working")
                .isCloseTo(cake.at("/figures/1/figure/value").asDouble(), within(1e-9));
        assertThat(view().get("weighings")).hasSize(1);
        hear(event("WITHDRAWN", ", \"takenBack\": \"" + id + "\""));
        assertThat(view().get("cakes")).isEmpty();
        assertThat(view().get("weighings")).isEmpty();
    }

    @Test
    public void notesStayUntilTheyAreTakenBack() {
        UUID id = UUID.randomUUID();
        hear(
                event(id.toString(), "NOTED", ", \"words\": \"  knot after the line \""),
                event("NOTED", ", \"words\": \"second\""));
        assertThat(view().get("notes").valueStream().map(note -> note.get("words")
                        .asString()))
                .containsExactly("knot after the line", "second");
        hear(event("WITHDRAWN", ", \"takenBack\": \"" + id + "\""));
        assertThat(view().get("notes")).hasSize(1);
        assertThat(hear(event("WITHDRAWN", ", \"takenBack\": \"" + UUID.randomUUID() + "\""))
                        .at("/heard/0/counted")
                        .asBoolean())
                .isFalse();
    }

    @DataProvider
    public Object[][] notTaken() {
        return new Object[][] {
            {"WEIGHED", ", \"grams\": -5", "1 to 2000 g"},
            {"WEIGHED", ", \"grams\": 9000", "2000 g"},
            {"MEASURED", ", \"rounds\": 500, \"spanMm\": 50", "gauge"},
            {"MEASURED", ", \"rounds\": 40, \"spanMm\": 50", "swatch"},
            {"MEASURED", ", \"rounds\": 60, \"spanMm\": 140", "only"},
            {"WORKED", ", \"section\": \"HEEL\", \"rounds\": 12", "Only foot, leg and cuff"},
            {"WORKED", ", \"section\": \"FOOT\", \"rounds\": 2", "(you entered 2 rounds)"},
        };
    }

    @Test(dataProvider = "notTaken")
    public void whatMakesNoSenseIsSaidAndChangesNothing(String kind, String more, String says) {
        hear(event("JUMPED", ", \"to\": 41"));
        String before = view().toString();
        JsonNode heard = hear(event(kind, more));
        assertThat(heard.at("/heard/0/counted").asBoolean()).isFalse();
        assertThat(said(heard.at("/heard/0/said"))).contains(says);
        assertThat(view().toString()).isEqualTo(before);
    }

    @DataProvider
    public Object[][] malformed() {
        return new Object[][] {
            {event("MEASURED", ", \"rounds\": 24"), 400},
            {event("WORKED", ", \"rounds\": 24.5, \"section\": \"LEG\""), 400},
            {event("WEIGHED", ""), 400},
            {event("NOTED", ", \"words\": \" \""), 422},
            {event("NOTED", ", \"words\": \"" + "n".repeat(2001) + "\""), 422},
            {event("DONE", ", \"grams\": 4"), 400},
            {event("WITHDRAWN", ""), 422},
        };
    }

    @Test(dataProvider = "malformed")
    public void whatIsNoEventIsRefused(String event, int status) {
        assertThat(post(at + "/events", "[" + event + "]")).hasStatus(status);
    }

    @Test
    public void onlyWhatPlansAnewCanBeTried() {
        hear(event("JUMPED", ", \"to\": 31"));
        for (String event : List.of(
                event("DONE", ""), event("WEIGHED", ", \"grams\": 40"), event("NOTED", ", \"words\": \"a knot\""))) {
            assertThat(post(at + "/tried", event)).hasStatus(422);
        }
        assertThat(post(at + "/tried", event("MEASURED", ", \"rounds\": 400, \"spanMm\": 50")))
                .hasStatus(422);
    }

    /** Both socks side by side is kept with the pair. */
    @Test
    public void theOrderOfTheSocksIsKept() {
        String id = body(post("/api/pairs", "{\"name\": \"Side by side\", \"spec\": " + SPEC + "}"))
                .get("id")
                .asString();
        post("/api/laps/" + id, "{\"order\": \"IN_TURN\", \"heelWhen\": \"LAST\"}");
        JsonNode lap = body(get("/api/laps/" + id));
        assertThat(List.of(lap.get("order").asString(), lap.get("heelWhen").asString()))
                .isEqualTo(List.of("IN_TURN", "LAST"));
    }
}
