package roundpocket.core.yarn;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.apache.commons.math3.distribution.NormalDistribution;
import org.apache.commons.math3.fitting.leastsquares.LeastSquaresBuilder;
import org.apache.commons.math3.fitting.leastsquares.LeastSquaresOptimizer.Optimum;
import org.apache.commons.math3.fitting.leastsquares.LevenbergMarquardtOptimizer;
import org.apache.commons.math3.linear.Array2DRowRealMatrix;
import org.apache.commons.math3.linear.DiagonalMatrix;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.YarnNeed;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.plan.Yarns;

public class YarnTest {
    private static final SockSpec EXAMPLE = Specs.wholeExample();
    /** Grams of one stitch before any weighing: the loop at 8 × 10 an inch times 238.1 tex. */
    private static final double PER_STITCH = Math.sqrt(21.6 / (80 / 254.0 * 100 / 254.0)) * (100_000 / 420.0) / 1e6;

    /** Against Commons Math 3.6.1, least squares with the prior 1 ± 0.1 as one more observation. */
    @Test
    public void calibrationIsTheWeightedLeastSquaresEstimate() {
        Random random = new Random(20261123);
        for (int trial = 0; trial < 20; trial++) {
            List<WeighIn> weighIns = new ArrayList<>();
            int n = 1 + random.nextInt(6);
            double[] predicted = new double[n + 1];
            double[] weighed = new double[n + 1];
            double[] weights = new double[n + 1];
            predicted[n] = 1;
            weighed[n] = 1;
            weights[n] = 1 / 0.01;
            for (int i = 0; i < n; i++) {
                int stitches = 500 + random.nextInt(5000);
                double u = 0.1 + random.nextDouble();
                predicted[i] = stitches * PER_STITCH;
                weighed[i] = predicted[i] * (0.8 + 0.4 * random.nextDouble());
                weights[i] = 1 / (u * u);
                weighIns.add(new WeighIn(
                        OptionalDouble.of(stitches), OptionalInt.empty(), weighed[i], OptionalDouble.of(u), false));
            }
            Optimum fit = new LevenbergMarquardtOptimizer()
                    .optimize(new LeastSquaresBuilder()
                            .start(new double[] {1})
                            .model(
                                    k -> Arrays.stream(predicted)
                                            .map(p -> p * k[0])
                                            .toArray(),
                                    k -> new Array2DRowRealMatrix(predicted).getData())
                            .target(weighed)
                            .weight(new DiagonalMatrix(weights))
                            .maxEvaluations(100)
                            .maxIterations(100)
                            .build());
            YarnNeed yarn = EXAMPLE.withWeighIns(weighIns).plan().yarn();
            assertThat(yarn.factor().value()).isCloseTo(fit.getPoint().getEntry(0), within(1e-7));
            assertThat(yarn.factor().standardUncertainty())
                    .isCloseTo(Math.sqrt(fit.getCovariances(1e-12).getEntry(0, 0)), within(1e-7));
        }
    }

    @Test
    public void weighingMakesThePlanSurer() {
        YarnNeed before = EXAMPLE.plan().yarn();
        // 20 rounds of 64 stitches are 4.02 g by the model; 4.5 g were used
        YarnNeed after = EXAMPLE.withWeighIns(List.of(WeighIn.ofRounds(20, 4.5), WeighIn.ofStitches(3200, 11)))
                .plan()
                .yarn();
        assertThat(after.factor().value()).isBetween(1.03, 1.10);
        assertThat(after.pairGrams().standardUncertainty())
                .isLessThan(0.6 * before.pairGrams().standardUncertainty());
        assertThat(before.factor().value()).isEqualTo(1);
    }

    /** The limits of the words are percentiles of the normal distribution (Commons Math 3.6.1). */
    @Test
    public void wordsForTheMarginAreThoseOfTheNormalDistribution() {
        NormalDistribution normal = new NormalDistribution();
        assertThat(normal.cumulativeProbability(1.64)).isCloseTo(0.95, within(0.001));
        assertThat(normal.cumulativeProbability(0.67)).isCloseTo(0.75, within(0.002));
        assertThat(List.of(Enough.of(1.64), Enough.of(1.63), Enough.of(0.66), Enough.of(0), Enough.of(-0.01)))
                .containsExactly(Enough.SURE, Enough.LIKELY, Enough.GAMBLE, Enough.GAMBLE, Enough.NOT_ENOUGH);
    }

    @DataProvider
    public Object[][] cakes() {
        // grams at hand for a pair that takes about 54 ± 5.4 g, and what that is called
        return new Object[][] {
            {100.0, Enough.SURE}, {60.0, Enough.LIKELY}, {56.0, Enough.GAMBLE}, {45.0, Enough.NOT_ENOUGH}
        };
    }

    @Test(dataProvider = "cakes")
    public void aCakeIsEnoughOrNot(double grams, Enough enough) {
        assertThat(withGrams(grams).plan().yarn().left().orElseThrow().enough()).isEqualTo(enough);
    }

    private static SockSpec withGrams(double grams) {
        return EXAMPLE.withYarns(Yarns.one(EXAMPLE.yarns().main().withOnHand(grams)));
    }

    @Test
    public void twoPairsFromOneSkeinAreAGambleAndFromTwoAreSure() {
        assertThat(twoPairs(100)).isEqualTo(Enough.NOT_ENOUGH);
        assertThat(twoPairs(200)).isEqualTo(Enough.SURE);
    }

    private static Enough twoPairs(double grams) {
        return withGrams(grams)
                .plan()
                .yarn()
                .of(YarnRole.MAIN)
                .afterTwoPairs()
                .orElseThrow()
                .enough();
    }

    /** Several pairs from one yarn: the same pair again leaves what the plan says of two, and no surer. */
    @Test
    public void whatIsLeftAfterPairsInTurnAgreesWithTwoPairsAlike() {
        RoleYarn twice = withGrams(100).plan().yarn().of(YarnRole.MAIN);
        Left first = twice.left().orElseThrow();
        Left second = twice.afterTwoPairs().orElseThrow();
        List<Left> inTurn = Left.inTurn(first.atHand(), List.of(twice.pairGrams(), twice.pairGrams()));
        assertThat(inTurn)
                .extracting(left -> left.left().value())
                .containsExactly(first.left().value(), second.left().value());
        assertThat(inTurn.get(0).margin().value()).isCloseTo(first.margin().value(), within(1e-9));
        assertThat(inTurn.get(1).margin().value()).isCloseTo(second.margin().value(), within(1e-9));
        assertThat(Left.inTurn(first.atHand(), List.of())).isEmpty();
    }

    /** Of 100 g, 12 g put by are enough for both heels with their tails (common practice). */
    @Test
    public void twelveGramsPutByAreEnoughForBothHeels() {
        assertThat(EXAMPLE.plan().yarn().heelReserve().value()).isBetween(8.0, 12.0);
    }

    /** The longest leg, by trying every leg and asking what is then left of half the yarn. */
    @Test
    public void theLongestLegIsWhatTryingGives() {
        YarnNeed yarn = withGrams(80).plan().yarn();
        int longest = yarn.leg().orElseThrow().longestRounds().count();
        double stop = yarn.leg().orElseThrow().stopWeight().value();
        assertThat(leftAfterLeg(longest)).isGreaterThanOrEqualTo(stop);
        assertThat(leftAfterLeg(longest + 1)).isLessThan(stop);
        double mm = 0.1 * LengthUnit.INCH_MM * (longest + 15);
        assertThat(yarn.leg().orElseThrow().longestLeg().value()).isCloseTo(mm, within(0.01));
    }

    /** What one cake of 40 g weighs when so many rounds of leg have been knitted on waste yarn, toe not yet. */
    private static double leftAfterLeg(int rounds) {
        return 40 - (55 + rounds) * 64 * PER_STITCH;
    }

    @Test
    public void aStopWeightKeepsWhatIsStillToBeKnittedAndAReserve() {
        YarnNeed yarn = withGrams(80).plan().yarn();
        double still = List.of(Section.CUFF, Section.HEEL, Section.TOE, Section.ENDS).stream()
                .mapToDouble(section -> yarn.of(section).grams().value())
                .sum();
        // two ends of the tube, one each of heel and toe, and their closing tails of 30 cm
        double tails = (4 * 0.2 + 0.6) * 100 / 420;
        assertThat(yarn.leg().orElseThrow().stopWeight().value())
                .as("tails are as long as they are, whatever a stitch takes")
                .isCloseTo(still + 1.64 * (still - tails) * 0.1 + 1, within(0.02));
        assertThat(yarn.leg().orElseThrow().cake().value()).isEqualTo(40);
    }

    @Test
    public void aContrastTakesItsSectionsAndTheirTails() {
        Yarn contrast = new Yarn(400, 100, OptionalDouble.of(20));
        EnumSet<Section> all = EnumSet.of(Section.CUFF, Section.HEEL, Section.TOE);
        YarnNeed plain = EXAMPLE.plan().yarn();
        YarnNeed two = EXAMPLE.withYarns(new Yarns(EXAMPLE.yarns().main(), Optional.of(contrast), all))
                .plan()
                .yarn();
        assertThat(two.of(Section.HEEL).role()).isEqualTo(YarnRole.CONTRAST);
        assertThat(two.of(Section.FOOT).role()).isEqualTo(YarnRole.MAIN);
        assertThat(two.of(Section.HEEL).grams().value()
                        / plain.of(Section.HEEL).grams().value())
                .isCloseTo(420 / 400.0, within(1e-9));
        double sum =
                two.roles().stream().mapToDouble(r -> r.sockGrams().value()).sum();
        assertThat(sum).isCloseTo(two.sockGrams().value(), within(1e-9));
        assertThat(two.of(YarnRole.CONTRAST).left()).isPresent();
        assertThat(two.of(Section.ENDS).metres().value()).isCloseTo(0.4, within(1e-9)); // both ends of the tube
    }
}
