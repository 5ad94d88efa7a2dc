package roundpocket.app.almanac;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;

/** That what the small calculators answer can be opened down to the numbers that were typed. */
public class CalculatorTest extends AppTest {
    @DataProvider
    public Object[][] questions() {
        return new Object[][] {
            {"GAUGE", new double[] {31.5, 102}},
            {"STITCHES", new double[] {231, 30, 0.12}},
            {"YARN", new double[] {60, 18, 30, 42, 400}},
            {"SHOE", new double[] {0, 41}},
            {"GRAFT", new double[] {14, 30}},
        };
    }

    @Test(dataProvider = "questions")
    public void everyAnswerNamesTheStepItIs(String calculator, double[] in) {
        String asked = "/api/almanac/calculators/" + calculator;
        String numbers = DoubleStream.of(in).mapToObj(each -> "in=" + each).collect(Collectors.joining("&", "?", ""));
        JsonNode workings = body(get(asked + "/workings" + numbers));
        JsonNode steps = workings.get("steps");
        JsonNode answers = body(get(asked + numbers));
        for (int i = 0; i < answers.size(); i++) {
            JsonNode answer = answers.get(i);
            JsonNode figure = answer.get("figure");
            JsonNode step =
                    steps.get(workings.get("figures").get("/" + i + "/figure").asInt());
            assertThat(step.get("value").asDouble())
                    .as(answer.get("label").asString())
                    .isEqualTo(figure.get("value").asDouble());
            assertThat(step.get("inputs")).isNotEmpty();
        }
        assertThat(steps.valueStream().filter(step -> step.has("given")).map(step -> step.get("value")
                        .asDouble()))
                .containsAnyElementsOf(DoubleStream.of(in).boxed().toList());
    }
}
