package roundpocket.app.plans;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

public class VariantsTest extends AppTest {
    private static final String SPEC = """
        {"foot": {"lengthMm": 246, "ballGirthMm": 231},
         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
         "choices": {%s}}""";

    private JsonNode variants(String... choices) {
        StringBuilder specs = new StringBuilder();
        for (String each : choices) {
            specs.append(specs.isEmpty() ? "" : ",").append(SPEC.formatted(each));
        }
        return body(post("/api/plans/variants", "[" + specs + "]"));
    }

    @Test
    public void everyVariantGivesItsFiguresInTheirOrder() {
        JsonNode all = variants(
                "",
                "\"heel\": {\"school\": \"NARROW_WEDGE\"}",
                "\"size\": {\"stitches\": 60}",
                "\"tube\": {\"way\": \"CUFF_DOWN\"}");
        assertThat(all).hasSize(4);
        // by hand: wedge of 64 with 6 plain 22 rounds; narrow 2 + 20; 60 closes at 14 in 8 decrease rounds
        assertThat(all.at("/0/figures/heelRounds").asInt()).isEqualTo(22);
        assertThat(all.at("/1/figures/heelRounds").asInt()).isEqualTo(22);
        assertThat(all.at("/1/figures/heelClose").asInt()).isEqualTo(12);
        assertThat(all.at("/2/figures/heelClose").asInt()).isEqualTo(14);
        assertThat(all.at("/3/figures/openingRounds").asInt()).isEqualTo(54); // 12.5 cm of leg at 43 to 10 cm
        for (int i = 0; i < 3; i++) {
            JsonNode plan = body(post(
                    "/api/plans/preview",
                    SPEC.formatted(
                            new String[] {"", "\"heel\": {\"school\": \"NARROW_WEDGE\"}", "\"size\": {\"stitches\": 60}"
                                    }
                                    [i])));
            assertThat(all.at("/" + i + "/figures/pairG").asDouble())
                    .isEqualTo(plan.at("/yarn/pairGrams/value").asDouble());
            assertThat(all.at("/" + i + "/figures/openingMm").asDouble())
                    .isEqualTo(plan.at("/tube/heelLine/count/length/value").asDouble());
        }
    }

    @Test
    public void aVariantThatCannotBeSaysWhyAndTheOthersStand() {
        JsonNode all = variants("", "\"placing\": {\"school\": \"BY_SHOE_SIZE\"}", "\"size\": {\"ease\": 0.5}");
        assertThat(all.at("/0/figures/stitches").asInt()).isEqualTo(64);
        assertThat(said(all.at("/1/refused"))).contains("no shoe size is given");
        assertThat(said(all.at("/2/refused"))).contains("0 to 25 % (you entered 50 %)");
        assertThat(all.get(1).has("figures")).isFalse();
    }

    @Test
    public void moreThanSixteenAreTooManyAndNoneIsNone() {
        assertThat(post("/api/plans/variants", "[" + (SPEC.formatted("") + ",").repeat(16) + SPEC.formatted("") + "]"))
                .hasStatus(422);
        assertThat(body(post("/api/plans/variants", "[]"))).isEmpty();
        assertThat(post("/api/plans/variants", "[null]")).hasStatus(422);
    }
}
