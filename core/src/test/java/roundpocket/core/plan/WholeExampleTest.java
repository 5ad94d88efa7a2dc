package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.yarn.Yarn;

/** The facts of the trade. Values are common practice, with no source, unless a line says otherwise. */
public class WholeExampleTest {
    private final SockPlan plan = Specs.wholeExample().plan();

    private static double inches(Step step) {
        return step.value() / LengthUnit.INCH_MM;
    }

    @Test
    public void roundsOfTheWholeExample() {
        assertThat(plan.stitchCount().stitches().count()).isEqualTo(64);
        assertThat(plan.heel().shaping().rounds().count()).isEqualTo(20);
        assertThat(plan.toe().shaping().rounds().count()).isEqualTo(20);
        assertThat(plan.heel().shaping().closingSide().count()).isEqualTo(16);
        assertThat(plan.heel().shaping().stitchesWorked().count()).isEqualTo(992);
        assertThat(plan.tube().heelLine().round().count()).isEqualTo(75);
        assertThat(plan.tube().rounds().tube().count()).isEqualTo(90);
        assertThat(plan.tube().rounds().foot().count()).isEqualTo(55);
        assertThat(plan.tube().heelLine().count().markers().count()).isEqualTo(5);
    }

    /** 9½ + 5 − 5½ = 9: tube = foot + leg − (cuff + heel + toe), to the tenth of an inch. */
    @Test
    public void lengthsOfTheWholeExample() {
        assertThat(inches(plan.tube().heelLine().fromToe())).isCloseTo(7.5, within(0.05));
        assertThat(inches(plan.tube().lengths().tube())).isCloseTo(9.0, within(0.05));
        assertThat(inches(plan.tube().lengths().foot())).isCloseTo(9.5, within(0.05));
        assertThat(inches(plan.tube().lengths().byTrade())).isCloseTo(9.0, within(1e-6));
    }

    /** About 55 g for the pair of 420 m/100 g yarn, ±10 %; 12 to 14 g in two heels leaves the trade's 12 g enough. */
    @Test
    public void gramsOfTheWholeExample() {
        assertThat(plan.yarn().pairGrams().value()).isCloseTo(55, within(5.5));
        assertThat(plan.yarn().loopLength().value()).isCloseTo(13.2, within(0.05));
        assertThat(plan.yarn().left().orElseThrow().left().value())
                .isCloseTo(100 - plan.yarn().pairGrams().value(), within(1e-9));
    }

    /** One swatch over 4 in, read once, leaves the tape at the opening good to about 4 mm: the fabric varies by 2 %. */
    @Test
    public void tapeReadsTheOpeningToWithinWhatTheSwatchAllows() {
        double relative = Math.hypot(0.5 / Math.sqrt(3) / 40, 0.02 * Math.sqrt(100 / 101.6));
        assertThat(plan.tube().heelLine().fromToe().standardUncertainty())
                .isCloseTo(190.5 * relative, within(190.5 * relative * 1e-3));
        assertThat(plan.tube().heelLine().round().standardUncertainty()).isZero();
    }

    @DataProvider
    public Object[][] tubes() {
        // stitches, side, left a side, decrease rounds: worked by hand
        return new Object[][] {
            {48, 24, 12, 6},
            {56, 28, 14, 7},
            {60, 30, 14, 8}, // half of 30 is 15, which two at a time never reach: 60 closes at 28
            {64, 32, 16, 8},
            {68, 34, 16, 9},
            {72, 36, 18, 9},
        };
    }

    @Test(dataProvider = "tubes")
    public void referenceTubesCloseAsAWedge(int stitches, int side, int close, int decreases) {
        SockPlan tube = Specs.tubeOf(stitches, 4).plan();
        Shaping heel = tube.heel().shaping();
        assertThat(tube.stitchCount().half().count()).isEqualTo(side);
        assertThat(heel.closingSide().count()).isEqualTo(close);
        assertThat(heel.decreaseRounds().count()).isEqualTo(decreases);
        assertThat(heel.rounds().count()).isEqualTo(4 + 2 * decreases);
        assertThat(tube.opening().below().count()).isEqualTo(side);
        assertThat(tube.opening().above().count()).isEqualTo(side);
        assertThat(tube.opening().live().count()).isEqualTo(stitches);
        assertThat(tube.opening().comesOut().count()).isEqualTo(side);
    }

    @Test
    public void wedgeOfSixtyFourIsFourPlainThenEightTimesDecreaseAndPlain() {
        var rounds = plan.heel().shaping().list();
        assertThat(rounds)
                .extracting(ShapingRound::side)
                .containsExactly(32, 32, 32, 32, 30, 30, 28, 28, 26, 26, 24, 24, 22, 22, 20, 20, 18, 18, 16, 16);
        assertThat(rounds.get(4).instruction()).isEqualTo("k1, ssk, k26, k2tog, k1");
        assertThat(rounds.get(5).instruction()).isEqualTo("knit");
        assertThat(rounds).extracting(ShapingRound::number).isSorted().endsWith(20);
    }

    @Test
    public void aSideOfSixDecreasesWithNothingBetween() {
        SockPlan child = Specs.tubeOf(16, 0).plan();
        assertThat(child.heel().shaping().list().get(2).instruction()).isEqualTo("k1, ssk, k2tog, k1");
    }

    /** A 9 in foot in a 7 in sock is 22 % smaller; 10 % is the usual ease. */
    @Test
    public void neighboursSayWhatEaseTheyReallyGive() {
        assertThat(plan.stitchCount().neighbours())
                .extracting(n -> n.stitches())
                .containsExactly(60, 64, 68);
        assertThat(plan.stitchCount().neighbours().get(1).realEase().value()).isCloseTo(1 - 8.0 / 9, within(1e-6));
        assertThat(plan.stitchCount().neighbours().get(2).realEase().value()).isCloseTo(1 - 8.5 / 9, within(1e-6));
    }

    /** 420 m per 100 g is 238.1 tex; grams = stitches × loop × tex ÷ 10⁶. */
    @Test
    public void gramsFollowFromStitchesLoopAndFineness() {
        SectionYarn heel = plan.yarn().of(Section.HEEL);
        double loop = Math.sqrt(21.6 / (80 / 254.0 * 100 / 254.0));
        assertThat(heel.grams().value()).isCloseTo(992 * loop * (100_000 / 420.0) / 1e6, within(1e-6));
        assertThat(heel.grams().standardUncertainty() / heel.grams().value()).isBetween(0.10, 0.105);
        assertThat(plan.yarn().heelTail().value()).isEqualTo(300); // four times 5.1 cm is less than 30 cm
    }

    @Test
    public void usualChoicesAreSaidToBeUsual() {
        SockPlan usual = Specs.usual(246, 231).plan();
        assertThat(usual.stitchCount().stitches().count()).isEqualTo(64); // 231 × 0.9 × 0.31 = 64.4
        assertThat(usual.basis().ease().value()).isEqualTo(SizeChoice.USUAL_EASE);
        assertThat(usual.toe().shaping().plainRounds().count()).isEqualTo(Choices.USUAL_PLAIN_ROUNDS);
    }

    @Test
    public void withoutAScaleNothingIsSaidOfWhatIsLeft() {
        SockSpec spec = Specs.wholeExample();
        var yarn = new Yarn(420, 100, OptionalDouble.empty());
        assertThat(spec.withYarns(Yarns.one(yarn)).plan().yarn().left()).isEmpty();
    }
}
