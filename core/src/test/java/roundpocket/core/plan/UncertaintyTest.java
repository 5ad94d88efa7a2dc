package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleBiFunction;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Step;

/**
 * The propagated uncertainty against a simulation: 20 000 gauges drawn about the measured one, the formula of the job
 * written out once more by hand for each.
 */
public class UncertaintyTest {
    private static final long SEED = 1123;
    private static final int DRAWS = 20_000;

    private final SockPlan plan = Specs.usual(246, 231).plan();
    private final double stitches = plan.stitchCount().stitches().value();

    /** A figure, and the same from a drawn stitch and round gauge, with the decided counts left alone. */
    @DataProvider
    public Object[][] figures() {
        ToDoubleBiFunction<Double, Double> opening =
                (s, r) -> plan.tube().openingRound().value() / r * 100;
        ToDoubleBiFunction<Double, Double> tube =
                (s, r) -> plan.tube().tubeRounds().value() / r * 100;
        ToDoubleBiFunction<Double, Double> girth = (s, r) -> stitches / s * 100;
        ToDoubleBiFunction<Double, Double> ease = (s, r) -> 1 - stitches / s * 100 / 231;
        ToDoubleBiFunction<Double, Double> ideal = (s, r) -> 231 * 0.9 * s / 100;
        ToDoubleBiFunction<Double, Double> loop = (s, r) -> Math.sqrt(21.6 / (s / 100 * r / 100));
        return new Object[][] {
            {plan.tube().openingFromToe(), opening},
            {plan.tube().tubeLength(), tube},
            {plan.stitchCount().finishedGirth(), girth},
            {plan.stitchCount().realEase(), ease},
            {plan.stitchCount().ideal(), ideal},
            {plan.yarn().loopLength(), loop},
        };
    }

    @Test(dataProvider = "figures")
    public void propagatedUncertaintyIsWhatDrawingGives(Step figure, ToDoubleBiFunction<Double, Double> formula) {
        Random random = new Random(SEED);
        double u = 0.5 / Math.sqrt(3); // one reading over 10 cm
        List<Double> drawn = IntStream.range(0, DRAWS)
                .mapToObj(i -> formula.applyAsDouble(31 + u * random.nextGaussian(), 43 + u * random.nextGaussian()))
                .toList();
        double mean = drawn.stream().mapToDouble(d -> d).average().orElseThrow();
        double variance =
                drawn.stream().mapToDouble(d -> (d - mean) * (d - mean)).sum() / (DRAWS - 1);
        assertThat(figure.value()).isCloseTo(formula.applyAsDouble(31.0, 43.0), within(1e-9));
        // 20 000 draws give the spread to about 0.5 %; 3 % leaves room for the curvature of the formulas.
        assertThat(figure.standardUncertainty()).isCloseTo(Math.sqrt(variance), within(0.03 * Math.sqrt(variance)));
    }

    @Test
    public void longerSpansAndMoreReadingsMakeThePlanSurer() {
        SockSpec once = Specs.usual(246, 231);
        SockSpec longer = once.withSwatch(Specs.swatch(62, 86, 200));
        assertThat(longer.plan().tube().openingFromToe().standardUncertainty())
                .isCloseTo(plan.tube().openingFromToe().standardUncertainty() / 2, within(1e-6));
    }

    @Test
    public void theYarnIsAsUnsureAsTheModelBeforeAnythingIsWeighed() {
        Step grams = plan.yarn().pairGrams();
        assertThat(grams.standardUncertainty() / grams.value()).isBetween(0.10, 0.11);
        assertThat(plan.yarn().pairMetres().standardUncertainty()
                        / plan.yarn().pairMetres().value())
                .isLessThan(0.02);
    }

    @Test
    public void theSameSpecificationGivesTheSamePlan() {
        SockPlan again = Specs.usual(246, 231).plan();
        assertThat(again.axis()).isEqualTo(plan.axis());
        assertThat(again.outline()).isEqualTo(plan.outline());
        assertThat(again.heel().list()).isEqualTo(plan.heel().list());
        assertThat(again.yarn().pairGrams().plusMinus95())
                .isEqualTo(plan.yarn().pairGrams().plusMinus95());
    }
}
