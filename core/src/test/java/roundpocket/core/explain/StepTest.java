package roundpocket.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import net.objecthunter.exp4j.Expression;
import net.objecthunter.exp4j.ExpressionBuilder;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.judge.JudgeRules;
import roundpocket.core.lap.LapRules;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.PlanRules;

public class StepTest {
    private static final Rule.Of2 PRODUCT = Rule.of(
            "test.product",
            "product",
            "a × b",
            List.of("a", "b"),
            Source.derived("test"),
            (a, b) -> a * b,
            Rule.example(6.0, 0, 2.0, 3.0));

    private static Given uncertain(double value, double u) {
        return new Constant("test.x", "x", value, Unit.NUMBER, u, Source.derived("test")).step();
    }

    @DataProvider
    public Object[][] rules() {
        return Stream.of(PlanRules.EVERY, JudgeRules.ALL, LapRules.ALL)
                .flatMap(List::stream)
                .map(rule -> new Object[] {rule.id(), rule})
                .toArray(Object[][]::new);
    }

    @Test(dataProvider = "rules")
    public void ruleGivesItsWorkedExample(String id, Rule rule) {
        double[] in = rule.example().in().stream().mapToDouble(d -> d).toArray();
        assertThat(rule.apply(in))
                .isCloseTo(rule.example().result(), within(rule.example().tolerance()));
    }

    /** The text a reader sees, evaluated by exp4j 0.4.8, gives what the function gives. */
    @Test(dataProvider = "rules")
    public void formulaTextSaysWhatTheFunctionDoes(String id, Rule rule) {
        if (rule.takesMany() || rule.formula().matches(".*(larger of|smaller of|half the|but never|\\|).*")) {
            return; // told in a sentence; the worked example holds it
        }
        Expression text = new ExpressionBuilder(rule.formula()
                        .replace('×', '*')
                        .replace('÷', '/')
                        .replace('−', '-')
                        .replace("√", "sqrt")
                        .replace(" mm", ""))
                .variables(rule.symbols().toArray(String[]::new))
                .build();
        Random random = new Random(7);
        for (int i = 0; i < 20; i++) {
            double[] in = random.doubles(rule.symbols().size(), 0.5, 90).toArray();
            for (int k = 0; k < in.length; k++) {
                text.setVariable(rule.symbols().get(k), in[k]);
            }
            assertThat(text.evaluate()).isCloseTo(rule.apply(in), within(1e-9 * Math.abs(rule.apply(in)) + 1e-12));
        }
    }

    @Test
    public void everyRuleHasItsOwnNameAndASource() {
        assertThat(PlanRules.EVERY).extracting(Rule::id).doesNotHaveDuplicates();
        assertThat(PlanRules.EVERY)
                .allSatisfy(rule -> assertThat(rule.source().text()).isNotBlank());
    }

    /** JCGM 100:2008, 5.1.2: (u/y)² = (u₁/x₁)² + (u₂/x₂)² for a product of independent values. */
    @Test
    public void uncertaintyOfAProductFollowsTheLawOfPropagation() {
        Step product = Computed.of("p", Unit.NUMBER, PRODUCT.of(uncertain(4, 0.2), uncertain(5, 0.1)));
        assertThat(product.standardUncertainty()).isCloseTo(20 * Math.hypot(0.2 / 4, 0.1 / 5), within(1e-6));
        assertThat(product.plusMinus95()).isCloseTo(1.96 * product.standardUncertainty(), within(1e-12));
    }

    /** The square of one value moves twice as much as it; two independent ones would only move √2 times as much. */
    @Test
    public void aValueThatEntersTwiceIsCountedWithItsCorrelation() {
        Given x = uncertain(4, 0.2);
        assertThat(Computed.of("x²", Unit.NUMBER, PRODUCT.of(x, x)).standardUncertainty())
                .isCloseTo(2 * 4 * 0.2, within(1e-6));
    }

    @Test
    public void aRoundedCountIsExactButStillKnowsWhatMovedIt() {
        Given x = Given.measured("x", 7.6, Unit.ROUNDS, "x");
        Step product = Computed.of("p", Unit.ROUNDS, PRODUCT.of(x, uncertain(5, 0.1)));
        Step whole = Rounded.of("p", product, Rounding.NEAREST, "whole");
        assertThat(product.standardUncertainty()).isPositive();
        assertThat(whole.standardUncertainty()).isZero();
        assertThat(whole.strongestInput()).hasValueSatisfying(influence -> {
            assertThat(influence.input()).isSameAs(x);
            assertThat(influence.changePerCent()).isCloseTo(0.38, within(1e-6));
        });
    }

    @DataProvider
    public Object[][] roundings() {
        return new Object[][] {
            {Rounding.NEAREST, 41.5, 42.0},
            {Rounding.NEAREST, 41.49, 41.0},
            {Rounding.NEAREST, -0.3, 0.0},
            // 201 mm at 124 rounds in 321.6 mm are 77.5 rounds, and a hair less in the machine.
            {Rounding.NEAREST, 268 * 0.75 * (124 / 321.6 * 100) / 100, 78.0},
            {Rounding.NEAREST_FEWER, 8.5 + 1e-14, 8.0},
            {Rounding.NEAREST_FEWER, 8.5, 8.0},
            {Rounding.NEAREST_FEWER, 8.51, 9.0},
            {Rounding.DOWN, 5.99, 5.0},
            {Rounding.DOWN, 6.0, 6.0},
            {Rounding.NEAREST_FOUR, 62.0, 60.0},
            {Rounding.NEAREST_FOUR, 62.01, 64.0},
            {Rounding.NEAREST_FOUR, 66.0, 64.0},
            {Rounding.NEAREST_FOUR, 64.0, 64.0},
            {Rounding.UP, 7.5, 8.0},
            {Rounding.UP, 8.0, 8.0},
        };
    }

    @Test(dataProvider = "roundings")
    public void countsAreMadeWholeAsTheTradeDoes(Rounding rounding, double value, double expected) {
        assertThat(rounding.apply(value)).isEqualTo(expected);
        assertThat(1 / rounding.apply(value)).isNotEqualTo(Double.NEGATIVE_INFINITY);
    }

    @Test
    public void noStepHoldsWhatIsNotANumber() {
        Given zero = Given.measured("zero", 0, Unit.NUMBER, "x");
        Rule.Of1 reciprocal = Rule.of(
                "test.reciprocal",
                "",
                "1 ÷ a",
                List.of("a"),
                Source.derived("test"),
                a -> 1 / a,
                Rule.example(1.0, 0, 1.0));
        assertThatThrownBy(() -> Computed.of("r", Unit.NUMBER, reciprocal.of(zero)))
                .hasMessageContaining("no number");
        assertThatThrownBy(() -> Given.measured("x", 1.5, Unit.ROUNDS, "x").count())
                .hasMessageContaining("whole number");
    }

    /** Of two uncertain factors, 5 % and 2 %, the first is behind 25/29 of the variance. */
    @Test
    public void theMostDoubtfulInputIsNamedWithItsShare() {
        Given first = uncertain(4, 0.2);
        Given second = uncertain(5, 0.1);
        Step product = Computed.of("p", Unit.NUMBER, PRODUCT.of(first, second));
        assertThat(product.mostDoubtful()).hasValueSatisfying(doubt -> {
            assertThat(doubt.by()).isSameAs(first);
            assertThat(doubt.share()).isCloseTo(25 / 29.0, within(1e-5));
        });
        Step exact = Given.measured("x", 2, Unit.NUMBER, "x");
        assertThat(Computed.of("p", Unit.NUMBER, PRODUCT.of(exact, exact)).mostDoubtful())
                .isEmpty();
    }

    @Test
    public void anUncertaintyIsAValueToGoOnReckoningWith() {
        Given x = uncertain(4, 0.2);
        Step spread = Spread.of(Computed.of("p", Unit.GRAMS, PRODUCT.of(x, uncertain(5, 0.1))));
        assertThat(spread.value()).isCloseTo(20 * Math.hypot(0.05, 0.02), within(1e-6));
        assertThat(spread.unit()).isEqualTo(Unit.GRAMS);
        assertThat(spread.standardUncertainty()).isZero();
        assertThat(spread.inputs()).hasSize(1);
        assertThat(spread.label()).isEqualTo("uncertainty of p");
    }

    @Test
    public void whatIsOnlyTriedSaysSo() {
        Given tried = Given.tried("plain rounds", 3, Unit.ROUNDS);
        assertThat(tried.origin()).isEqualTo(Origin.TRIED);
        assertThat(tried.field()).isEmpty();
        assertThat(tried.strongestInput()).isEmpty();
    }
}
