package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Foot;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.yarn.Yarn;

/** What knitters know to be so. Common practice, with no source, unless a line names one. */
public class FactsOfTheTradeTest {
    private static final Swatch EIGHT_AND_TEN_AN_INCH = Specs.swatch(32, 40, 4 * LengthUnit.INCH_MM);

    private static SockPlan tube(int stitches, double legInches) {
        return new SockSpec(
                        new Foot(9.5 * LengthUnit.INCH_MM, 9 * LengthUnit.INCH_MM),
                        EIGHT_AND_TEN_AN_INCH,
                        new Yarn(420, 100, OptionalDouble.of(100)),
                        Choices.usual()
                                .withSize(SizeChoice.ofStitches(stitches))
                                .withTube(TubeChoice.usual().withLegMm(legInches * LengthUnit.INCH_MM)))
                .plan();
    }

    /** 100 g give 40 to 52 in of 64-stitch tube at 8 and 10 to the inch. */
    @Test
    public void aHundredGramsMakeATubeOfFortyToFiftyTwoInches() {
        SockPlan plan = tube(64, 5);
        double gramsPerRound = plan.yarn().of(Section.LEG).grams().value()
                / plan.tube().rounds().leg().value();
        assertThat(100 / gramsPerRound / 10).isBetween(40.0, 52.0);
    }

    /** About 50 g make a pair with a 5 in leg, good to the 20 % that the model claims. */
    @Test
    public void aPairWithAFiveInchLegTakesAboutFiftyGrams() {
        Step pair = tube(64, 5).yarn().pairGrams();
        assertThat(pair.value()).isCloseTo(50, within(pair.plusMinus95()));
    }

    /** 12 g left of 100 g are enough for both heels and the bind-off, to within the model's uncertainty. */
    @Test
    public void twelveGramsAreEnoughForBothHeelsAndTheBindOff() {
        YarnNeed yarn = tube(64, 5).yarn();
        double needed = 2 * yarn.of(Section.HEEL).grams().value()
                + 2 * yarn.of(Section.ENDS).grams().value();
        assertThat(needed).isLessThan(12);
    }

    /** A 20 g contrast cake covers cuffs, heels and toes of one pair. */
    @Test
    public void twentyGramsCoverCuffsHeelsAndToes() {
        YarnNeed yarn = tube(64, 5).yarn();
        double needed = 2
                * (yarn.of(Section.CUFF).grams().value()
                        + yarn.of(Section.HEEL).grams().value()
                        + yarn.of(Section.TOE).grams().value());
        assertThat(needed).isCloseTo(20, within(2.0));
    }

    /** A toe or heel of 16 to 26 rounds at 10 rounds an inch is the "two inches" of the trade. */
    @Test
    public void aUsualHeelIsAboutTwoInchesDeep() {
        assertThat(tube(64, 5).heel().shaping().depth().value() / LengthUnit.INCH_MM)
                .isCloseTo(2, within(0.05));
        assertThat(tube(48, 5).heel().shaping().depth().value() / LengthUnit.INCH_MM)
                .isBetween(1.5, 2.0);
        assertThat(tube(72, 5).heel().shaping().depth().value() / LengthUnit.INCH_MM)
                .isBetween(2.0, 2.6);
    }

    /** A 24 cm foot opens near 19 cm. */
    @Test
    public void aTwentyFourCentimetreFootOpensNearNineteen() {
        SockPlan plan = Specs.usual(240, 225).plan();
        assertThat(plan.tube().heelLine().fromToe().value()).isCloseTo(190, within(5.0));
    }

    /** A 9 in foot is happy in a 7 in sock, 22 % smaller. */
    @Test
    public void aNineInchFootInASevenInchSockIsTwentyTwoPerCentSmaller() {
        assertThat(tube(56, 5).stitchCount().realEase().value()).isCloseTo(0.222, within(0.001));
    }

    @DataProvider
    public Object[][] states() {
        // Ks in mm² : dry-relaxed, washed, fully relaxed (values from memory, after Munden 1959)
        return new Object[][] {{19.0, 12.38}, {21.6, 13.20}, {23.1, 13.65}};
    }

    /** D. L. Munden, J. Textile Inst. 50 (1959), T448: stitches a unit area = Ks ÷ loop²; by hand at 8 × 10 an inch. */
    @Test(dataProvider = "states")
    public void aLoopGrowsAsTheFabricRelaxes(double ks, double loopMm) {
        Rule loopLength = PlanRules.EVERY.stream()
                .filter(rule -> rule.id().equals("yarn.loop-length"))
                .findFirst()
                .orElseThrow();
        double[] eightAndTenAnInch = {ks, 80 / 2.54, 100 / 2.54};
        assertThat(loopLength.apply(eightAndTenAnInch)).isCloseTo(loopMm, within(0.01));
    }

    /** The washed state is the one that a plan reckons with. */
    @Test
    public void aPlanReckonsWithWashedFabric() {
        assertThat(tube(64, 5).yarn().loopLength().value()).isCloseTo(13.20, within(0.01));
    }

    /** Craft Yarn Council, standard yarn weight system, "super fine": 27 to 32 stitches in 4 in (value from memory). */
    @Test
    public void superFineYarnGivesTheTradesStitchCounts() {
        for (int stitches = 27; stitches <= 32; stitches++) {
            SockSpec spec = Specs.wholeExample();
            Swatch swatch = Specs.swatch(stitches, 40, 4 * LengthUnit.INCH_MM);
            SockPlan plan = spec.withSwatch(swatch).withChoices(Choices.usual()).plan();
            assertThat(plan.stitchCount().stitches().count()).isIn(52, 56, 60, 64);
        }
    }

    @DataProvider
    public Object[][] feet() {
        // foot in mm, ball in mm, then stitches, foot rounds, leg rounds: by hand at 31 × 43 to 10 cm, usual choices
        return new Object[][] {
            // heel: 2/9 of the ball, less its shaping, before 16, 12 and 20 rounds of it; leg: 12.5 cm or 0.55 of the
            // foot
            {246.0, 231.0, 64, 64, 39}, // 64.4 → 64; heel 6 + 16; 83.8 → 84 − 20; 53.75 → 54 − 15
            {172.0, 168.0, 48, 42, 26}, // 46.9 → 48; heel 4 + 12; 58.0 → 58 − 16; 40.7 → 41 − 15
            {288.0, 272.0, 76, 74, 39}, // 75.9 → 76; 38 to 18 by twos is 10 decreases; heel 6 + 20; 97.8 → 98 − 24
        };
    }

    @Test(dataProvider = "feet")
    public void plansWorkedByHand(double lengthMm, double ballMm, int stitches, int footRounds, int legRounds) {
        SockPlan plan = Specs.usual(lengthMm, ballMm).plan();
        assertThat(plan.stitchCount().stitches().count()).isEqualTo(stitches);
        assertThat(plan.tube().rounds().foot().count()).isEqualTo(footRounds);
        assertThat(plan.tube().rounds().leg().count()).isEqualTo(legRounds);
    }
}
