package roundpocket.core.almanac;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.PlainWords;
import roundpocket.core.Specs;
import roundpocket.core.almanac.Calculator.Answer;
import roundpocket.core.almanac.Calculator.Question;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.SockPlan;

public class CalculatorTest {
    @DataProvider
    public Object[][] known() {
        return new Object[][] {
            // A count is good to half a stitch either way, evenly spread: 1.65 × 0.5/√3 (JCGM 100, 4.3.7).
            {Calculator.GAUGE, List.of(31.0, 100.0), List.of(31.0), 1e-9},
            {Calculator.GAUGE, List.of(32.0, 101.6), List.of(31.496), 1e-3}, // 4 in are 101.6 mm, exactly
            // 9 in of ball in an 8 in tube at 8 to the inch: 64 stitches (facts of the trade, common practice).
            {Calculator.STITCHES, List.of(228.6, 800 / 25.4, 1 / 9.0), List.of(64.0, 1 / 9.0), 1e-3},
            // At 8 × 10 to the inch, washed, 13.2 mm a stitch (Munden 1959, constants from memory): 64 × 20 stitches.
            {Calculator.YARN, List.of(64.0, 20.0, 800 / 25.4, 1000 / 25.4, 420.0), List.of(16.9, 4.02), 0.05},
            // Paris point: 39 × 20/3 − 15 mm (common practice, from memory).
            {Calculator.SHOE, List.of(0.0, 39.0), List.of(245.0), 1e-9},
            {Calculator.SHOE, List.of(4.0, 246.0), List.of(246.0), 1e-9}, // mondopoint is the length (ISO 9407)
            // 4(F − 1) + 2 moves and 2 of the set-up; at least 30 cm of tail (common practice).
            {Calculator.GRAFT, List.of(16.0, 31.0), List.of(64.0, 300.0), 1e-9},
        };
    }

    @Test(dataProvider = "known")
    public void itAnswersWhatIsKnown(Calculator calculator, List<Double> in, List<Double> out, double off) {
        List<Answer> answers = calculator.answers(in);
        assertThat(answers).hasSameSizeAs(out);
        for (int i = 0; i < out.size(); i++) {
            assertThat(answers.get(i).figure().value()).isCloseTo(out.get(i), within(off));
        }
    }

    /** The rules of the calculators are those of the plan. */
    @Test
    public void itSaysWhatAPlanSays() {
        SockPlan plan = Specs.usual(246, 231).plan();
        Step stitches = plan.basis().gauge().stitches();
        Step found = Calculator.STITCHES
                .answers(List.of(plan.basis().foot().ballGirth().value(), stitches.value(), 0.1))
                .get(0)
                .figure();
        assertThat(found.value()).isEqualTo(plan.stitchCount().stitches().value());
    }

    @Test
    public void itIsAskedAndAnsweredInPlainWords() {
        for (Calculator calculator : Calculator.values()) {
            List<Double> usual =
                    calculator.questions().stream().map(Question::usual).toList();
            assertThat(PlainWords.amiss(calculator.title())).isEmpty();
            for (Question question : calculator.questions()) {
                assertThat(question.usual()).isBetween(question.min(), question.max());
                assertThat(PlainWords.amiss(question.label())).isEmpty();
            }
            assertThat(calculator.answers(usual)).isNotEmpty().allSatisfy(answer -> assertThat(
                            PlainWords.amiss(answer.label()))
                    .isEmpty());
        }
    }

    /** At the ends of what is asked for there is an answer or a reason, and never anything else. */
    @Test
    public void anythingIsAnsweredOrRefused() {
        for (Calculator calculator : Calculator.values()) {
            List<Question> questions = calculator.questions();
            for (int ends = 0; ends < 1 << questions.size(); ends++) {
                int bits = ends;
                List<Double> in = IntStream.range(0, questions.size())
                        .mapToObj(i -> (bits >> i & 1) == 0
                                ? questions.get(i).min()
                                : questions.get(i).max())
                        .toList();
                try {
                    assertThat(calculator.answers(in))
                            .allSatisfy(answer ->
                                    assertThat(answer.figure().value()).isFinite());
                } catch (Refusal refusal) {
                    assertThat(refusal.problems()).isNotEmpty();
                }
            }
        }
    }

    @DataProvider
    public Object[][] wrong() {
        return new Object[][] {
            {Calculator.GAUGE, List.of(31.0), "every question"},
            {Calculator.GAUGE, List.of(0.0, 100.0), "Counted must be 1 to 400 sts (you entered 0 sts)."},
            {Calculator.GAUGE, List.of(400.0, 100.0), "The gauge must be 5 to 100 sts per 10 cm"},
            {Calculator.STITCHES, List.of(225.0, 31.0, 0.5), "Negative ease must be 0 to 25 %"},
            {Calculator.SHOE, List.of(9.0, 39.0), "Sizing must be"},
            {Calculator.SHOE, List.of(0.0, 300.0), "17 to 53"},
            {Calculator.YARN, List.of(64.0, Double.NaN, 31.0, 43.0, 420.0), "Rounds must be"},
        };
    }

    @Test(dataProvider = "wrong")
    public void whatCannotBeIsSaid(Calculator calculator, List<Double> in, String words) {
        assertThatThrownBy(() -> calculator.answers(in))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(words);
    }
}
