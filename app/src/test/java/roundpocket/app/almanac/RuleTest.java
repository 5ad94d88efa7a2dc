package roundpocket.app.almanac;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** A rule of the almanac asked with numbers of one's own. */
public class RuleTest extends AppTest {
    @Test
    public void aRuleAnswersWithItsExampleAndWithOtherNumbers() {
        JsonNode example = body(get("/api/almanac/rules/tube.out-by"));
        assertThat(example.at("/names/0").asString()).isEqualTo("sock");
        assertThat(example.get("result").asDouble()).isEqualTo(-10);
        assertThat(body(get("/api/almanac/rules/tube.out-by?in=250,240.5"))
                        .get("result")
                        .asDouble())
                .isEqualTo(9.5);
    }

    @Test
    public void aCalculatorAsksAndAnswers() {
        JsonNode gauge = body(get("/api/almanac/calculators")).get(0);
        assertThat(gauge.get("id").asString()).isEqualTo("GAUGE");
        assertThat(gauge.at("/questions/1/unit").asString()).isEqualTo("MILLIMETRES");
        assertThat(gauge.at("/answers/0/figure/value").asDouble()).isEqualTo(31);
        JsonNode answers = body(get("/api/almanac/calculators/GAUGE?in=62,200"));
        assertThat(answers.at("/0/label").asString()).isEqualTo("stitch gauge");
        assertThat(answers.at("/0/figure/plusMinus").asDouble()).isCloseTo(0.9046, within(0.0001));
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"rules/no.such", 404, "Can’t find that rule"},
            {"rules/tube.out-by?in=1", 422, "This rule takes 2 numbers (you gave 1)"},
            {"rules/tube.out-by?in=1,NaN", 422, "There is no result for these numbers"},
            {"rules/tube.out-by?in=a,b", 400, ""},
            {"calculators/NONE?in=1", 400, ""},
            {"calculators/GAUGE", 400, ""},
            {"calculators/GAUGE?in=31", 422, "Answer every question"},
            {"calculators/GAUGE?in=31,NaN", 422, "Over must be 2.5 to 100 cm"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeAnsweredIsSaid(String asked, int status, String said) {
        assertThat(get("/api/almanac/" + asked)).hasStatus(status).bodyText().contains(said);
    }
}
