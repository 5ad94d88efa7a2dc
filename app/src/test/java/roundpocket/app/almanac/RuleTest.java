package roundpocket.app.almanac;

import static org.assertj.core.api.Assertions.assertThat;

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

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {"no.such", 404, "Can’t find that rule"},
            {"tube.out-by?in=1", 422, "This rule takes 2 numbers (you gave 1)"},
            {"tube.out-by?in=1,NaN", 422, "There is no result for these numbers"},
            {"tube.out-by?in=a,b", 400, ""},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeAnsweredIsSaid(String asked, int status, String said) {
        assertThat(get("/api/almanac/rules/" + asked))
                .hasStatus(status)
                .bodyText()
                .contains(said);
    }
}
