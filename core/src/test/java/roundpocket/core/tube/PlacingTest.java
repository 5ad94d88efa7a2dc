package roundpocket.core.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;

/** Where the heel opens and how the tube is counted. The placing schools are common practice. */
public class PlacingTest {
    @DataProvider
    public Object[][] placings() {
        // school, distance on a foot of 240 mm, its round at 40 rounds to 10 cm: by hand
        return new Object[][] {
            {PlacingSchool.TWO_INCHES_SHORT, 189.2, 76},
            {PlacingSchool.FIVE_CM_SHORT, 190.0, 76},
            {PlacingSchool.INCH_AND_A_HALF_SHORT, 201.9, 81},
            {PlacingSchool.TWO_AND_A_HALF_SHORT, 176.5, 71},
            {PlacingSchool.THREE_QUARTERS, 180.0, 72},
            {PlacingSchool.TWO_THIRDS, 160.0, 64},
            {PlacingSchool.OWN_HEEL, 190.0, 76}, // 20 rounds are 5 cm
            {PlacingSchool.ON_THE_FOOT, 195.0, 78},
            {PlacingSchool.BY_SHOE_SIZE, 188.333, 75}, // 38 × 20/3 − 15 = 238.33, less 5 cm
        };
    }

    private static SockSpec spec(PlacingSchool school) {
        Foot foot = new Foot(
                OptionalDouble.of(240),
                Optional.of(new ShoeSize(ShoeSystem.EU, 38)),
                OptionalDouble.of(225),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
        return Specs.usual(240, 225)
                .withFeet(Feet.both(foot))
                .withSwatch(Specs.swatch(31, 40, 100))
                .withChoices(Specs.choices(4, 4)
                        .withSize(SizeChoice.ofStitches(64))
                        .withPlacing(new PlacingChoice(
                                Optional.of(school),
                                OptionalInt.of(78),
                                OptionalDouble.empty(),
                                OptionalDouble.empty(),
                                Optional.empty())));
    }

    @Test(dataProvider = "placings")
    public void distancesWorkedByHand(PlacingSchool school, double distance, int round) {
        Tube tube = spec(school).plan().tube();
        assertThat(tube.heelLine().placing().school()).isEqualTo(school);
        assertThat(tube.heelLine().placing().distance().value()).isCloseTo(distance, within(0.05));
        assertThat(tube.heelLine().round().count()).isEqualTo(round);
        // all but the distance of one's own, which nobody gave here; a round is of the foot or of a colour
        assertThat(tube.heelLine().placings()).hasSize(PlacingSchool.values().length - 2);
    }

    /** Two inches short suits a heel of 20 rounds at 10 an inch; with one of 16 the foot comes out 1.0 cm short. */
    @Test
    public void aFixedLengthSuitsOneHeelOnly() {
        SockSpec example = Specs.wholeExample();
        SockPlan plan = example.withChoices(example.choices()
                        .withHeel(ShapingChoice.plain(0))
                        .withOpening(OpeningChoice.usual().closingLater())
                        .withPlacing(PlacingChoice.of(PlacingSchool.TWO_INCHES_SHORT)))
                .plan();
        assertThat(plan.heel().shaping().rounds().count()).isEqualTo(16);
        assertThat(plan.tube().heelLine().placing().assumedHeel().count()).isEqualTo(20);
        assertThat(plan.tube().heelLine().placing().outBy().value()).isCloseTo(-10.16, within(0.01));
        assertThat(plan.tube().lengths().footDifference().value()).isCloseTo(-10.16, within(0.01));
    }

    @Test
    public void placingByShoeSizeNeedsOne() {
        SockSpec spec = Specs.usual(240, 225)
                .withChoices(Choices.usual().withPlacing(PlacingChoice.of(PlacingSchool.BY_SHOE_SIZE)));
        Refusal refusal = catchThrowableOfType(Refusal.class, spec::plan);
        assertThat(refusal.problems().get(0).field()).isEqualTo("choices.placing.school");
    }

    private static Tube tube(Way way, Optional<ToeStart> start, Optional<ReadyTube> ready, OpeningWay opening) {
        SockSpec example = Specs.wholeExample();
        Choices choices = example.choices()
                .withTube(new TubeChoice(
                        Optional.of(way),
                        start,
                        ready,
                        OptionalDouble.of(5 * LengthUnit.INCH_MM),
                        OptionalInt.empty(),
                        Optional.empty()))
                .withOpening(OpeningChoice.of(opening));
        return example.withChoices(ready.isPresent() ? choices.withSize(SizeChoice.usual()) : choices)
                .plan()
                .tube();
    }

    /** The whole example, 20 + 55 + 35 + 15 rounds, counted from where each knitter counts. */
    @Test
    public void everyKnitterCountsFromHerOwnPlace() {
        Tube onWaste = tube(Way.TOE_UP, Optional.empty(), Optional.empty(), OpeningWay.WASTE_ONE_LINE);
        assertThat(onWaste.heelLine().count().from()).isEqualTo(CountFrom.END_OF_TOE);
        assertThat(onWaste.heelLine().count().rounds().count()).isEqualTo(55);
        assertThat(onWaste.heelLine().countedFrom(CountFrom.TOE_TIP).rounds().count())
                .isEqualTo(75);
        assertThat(onWaste.heelLine().countedFrom(CountFrom.TOE_TIP).markers().count())
                .isEqualTo(7);
        assertThat(onWaste.heelLine()
                        .countedFrom(CountFrom.START_OF_LEG)
                        .rounds()
                        .count())
                .isEqualTo(35);
        assertThat(onWaste.heelLine().countedFrom(CountFrom.CUFF_EDGE).rounds().count())
                .isEqualTo(50);
        Tube closed = tube(Way.TOE_UP, Optional.of(ToeStart.CLOSED), Optional.empty(), OpeningWay.WASTE_ONE_LINE);
        assertThat(closed.heelLine().count().from()).isEqualTo(CountFrom.TOE_TIP);
        Tube down = tube(Way.CUFF_DOWN, Optional.empty(), Optional.empty(), OpeningWay.LIFELINES);
        assertThat(down.heelLine().count().from()).isEqualTo(CountFrom.CUFF_EDGE);
        assertThat(down.heelLine().count().rounds().count()).isEqualTo(50);
    }

    @DataProvider
    public Object[][] openings() {
        return new Object[][] {
            {OpeningWay.SNIP, 91},
            {OpeningWay.LIFELINES, 91},
            {OpeningWay.WASTE_ONE_LINE, 90},
            {OpeningWay.WASTE_TWO_LINES, 90}
        };
    }

    @Test(dataProvider = "openings")
    public void aSnippedRoundIsKnittedAndLost(OpeningWay way, int tubeRounds) {
        Tube tube = tube(Way.TOE_UP, Optional.empty(), Optional.empty(), way);
        assertThat(tube.rounds().tube().count()).isEqualTo(tubeRounds);
        assertThat(tube.rounds().all().count()).isEqualTo(125);
    }

    private static Optional<ReadyTube> ready(int rounds, Cut cut) {
        return Optional.of(new ReadyTube(
                64,
                OptionalInt.of(rounds),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.of(cut),
                OptionalInt.empty(),
                Optional.empty()));
    }

    /** Two pieces of 55 + 35 + 1 + 2 rounds and a round lost on either side of what is left: 300 − 186 − 2 = 112. */
    @Test
    public void aReadyTubeCutToLengthLeavesARemnant() {
        TubeCut cut = tube(Way.READY_TUBE, Optional.empty(), ready(300, Cut.TO_LENGTH), OpeningWay.SNIP)
                .cut()
                .orElseThrow();
        assertThat(cut.pieceRounds().count()).isEqualTo(93);
        assertThat(cut.remnantRounds().count()).isEqualTo(112);
        assertThat(cut.remnantLength().value()).isCloseTo(112 * 2.54, within(0.01));
        assertThat(cut.cuts()).isEqualTo(2);
        assertThat(cut.pieceLength().value()).isCloseTo(93 * 2.54, within(0.01));
    }

    /** Halves of (301 − 1) ÷ 2 = 150 rounds give a leg of 150 − 2 − 55 − 1 = 92. */
    @Test
    public void aReadyTubeCutInHalfLeavesNothing() {
        Tube tube = tube(Way.READY_TUBE, Optional.empty(), ready(301, Cut.HALVE), OpeningWay.SNIP);
        assertThat(tube.rounds().leg().count()).isEqualTo(92);
        assertThat(tube.cut().orElseThrow().remnantRounds().count()).isZero();
        assertThat(tube.cut().orElseThrow().cuts()).isEqualTo(1);
        // the leg is a result: 92 rounds and 15 of cuff, whatever was wished for
        assertThat(tube.wanted().legIsResult()).isTrue();
        assertThat(tube.wanted().legAbove().value()).isCloseTo(107 * 2.54, within(0.01));
        assertThat(tube.lengths().byTrade().value()).isCloseTo((55 + 92) * 2.54, within(0.5));
    }

    @Test
    public void aReadyTubeMayBeMeasuredInsteadOfCounted() {
        Tube tube = tube(
                Way.READY_TUBE,
                Optional.empty(),
                Optional.of(new ReadyTube(
                        64,
                        OptionalInt.empty(),
                        OptionalDouble.of(762.0),
                        OptionalDouble.empty(),
                        Optional.empty(),
                        OptionalInt.of(3),
                        Optional.empty())),
                OpeningWay.SNIP);
        assertThat(tube.cut().orElseThrow().tubeRounds().count()).isEqualTo(300);
        assertThat(tube.cut().orElseThrow().remnantRounds().count()).isEqualTo(110);
    }

    /** From the floor 7 in, with a heel 2 in deep, is 5 in above the opening. */
    @Test
    public void theLegFromTheFloorIsLongerByTheHeel() {
        SockSpec example = Specs.wholeExample();
        SockPlan floor = example.withChoices(example.choices()
                        .withTube(new TubeChoice(
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                OptionalDouble.of(7 * LengthUnit.INCH_MM),
                                OptionalInt.empty(),
                                Optional.of(LegFrom.FLOOR))))
                .plan();
        assertThat(floor.tube().wanted().legAbove().value()).isCloseTo(127, within(1e-9));
        assertThat(floor.tube().rounds().leg().count()).isEqualTo(35);
    }

    @Test
    public void aShorterFootIsWantedWhereTheYarnGives() {
        SockSpec example = Specs.wholeExample();
        SizeChoice shorter =
                new SizeChoice(OptionalDouble.of(1 - 8 / 9.0), OptionalInt.empty(), OptionalDouble.of(12.7));
        SockPlan plan = example.withChoices(example.choices().withSize(shorter)).plan();
        assertThat(plan.tube().heelLine().round().count()).isEqualTo(70);
    }

    private static SockPlan placed(PlacingChoice placing) {
        SockSpec example = Specs.wholeExample();
        return example.withChoices(example.choices().withPlacing(placing)).plan();
    }

    private static int placedAt(PlacingChoice placing) {
        return placed(placing).tube().heelLine().round().count();
    }

    /** By hand: 7½ in from the tip are 75 rounds; 5½ in from where the toe begins, with 2 in of toe, are the same. */
    @Test
    public void aDistanceOfOnesOwnIsTakenFromEitherEndOfTheToe() {
        double tip = 7.5 * LengthUnit.INCH_MM;
        double toe = 5.5 * LengthUnit.INCH_MM;
        assertThat(placedAt(PlacingChoice.distance(tip, CountFrom.TOE_TIP))).isEqualTo(75);
        assertThat(placedAt(PlacingChoice.distance(toe, CountFrom.END_OF_TOE))).isEqualTo(75);
    }

    /** Marked on the foot: the round or the tape, from where she counts. */
    @Test
    public void aMarkOnTheFootIsReadAsSheCounts() {
        assertThat(placedAt(PlacingChoice.marked(78, CountFrom.TOE_TIP))).isEqualTo(78);
        assertThat(placedAt(PlacingChoice.marked(58, CountFrom.END_OF_TOE))).isEqualTo(78);
        assertThat(placedAt(PlacingChoice.markedAt(78 * 2.54 + 1, CountFrom.TOE_TIP)))
                .isEqualTo(78);
        assertThat(placedAt(PlacingChoice.markedAt(58 * 2.54, CountFrom.END_OF_TOE)))
                .isEqualTo(78);
    }

    /** Counted from the leg, the mark says how long the leg is; the foot goes by the heel. */
    @Test
    public void aMarkCountedFromTheLegSetsTheLeg() {
        Tube cuff = placed(PlacingChoice.marked(60, CountFrom.CUFF_EDGE)).tube();
        assertThat(cuff.heelLine().round().count()).isEqualTo(75);
        assertThat(cuff.rounds().leg().count()).isEqualTo(45);
        assertThat(cuff.wanted().legIsResult()).isTrue();
        Tube leg = placed(PlacingChoice.markedAt(45 * 2.54, CountFrom.START_OF_LEG))
                .tube();
        assertThat(leg.rounds().leg().count()).isEqualTo(45);
    }

    /** A size 38 stands for 238.3 mm; half a centimetre less is wanted, and the heel is 5 cm: 183.3 mm. */
    @Test
    public void byShoeSizeTheSockIsShorterToo() {
        SockSpec spec = spec(PlacingSchool.BY_SHOE_SIZE);
        SockSpec shorter = spec.withChoices(spec.choices()
                .withSize(new SizeChoice(OptionalDouble.empty(), OptionalInt.of(64), OptionalDouble.of(5))));
        assertThat(shorter.plan().tube().heelLine().placing().distance().value())
                .isCloseTo(183.333, within(0.01));
    }

    /** 60 rounds of leg, cuff included, are 45 above the line and 15 of cuff; from the floor the heel's 20 go off. */
    @Test
    public void aLegMayBeGivenInRounds() {
        SockSpec example = Specs.wholeExample();
        TubeChoice rounds = example.choices().tube().withLegRounds(60);
        assertThat(example.withChoices(example.choices().withTube(rounds))
                        .plan()
                        .tube()
                        .rounds()
                        .leg()
                        .count())
                .isEqualTo(45);
        assertThat(example.withChoices(example.choices().withTube(rounds.withLegFrom(LegFrom.FLOOR)))
                        .plan()
                        .tube()
                        .rounds()
                        .leg()
                        .count())
                .isEqualTo(25);
    }

    /** 12.5 cm is usual, but a foot of 17.2 cm gets a leg of 0.55 of that (from memory). */
    @Test
    public void aSmallFootUsuallyGetsAShorterLeg() {
        assertThat(Specs.usual(246, 231).plan().tube().wanted().legAbove().value())
                .isEqualTo(125);
        assertThat(Specs.usual(172, 168).plan().tube().wanted().legAbove().value())
                .isCloseTo(94.6, within(1e-9));
    }

    /** 100 g of 420 m per 100 g on 64 stitches of 13.2 mm: 497 rounds, 49.7 in at 10 an inch (46 to 53 by the formula). */
    @Test
    public void aTubeMayBeWeighed() {
        Tube tube = tube(
                Way.READY_TUBE,
                Optional.empty(),
                Optional.of(new ReadyTube(
                        64,
                        OptionalInt.empty(),
                        OptionalDouble.empty(),
                        OptionalDouble.of(100),
                        Optional.empty(),
                        OptionalInt.empty(),
                        Optional.empty())),
                OpeningWay.SNIP);
        assertThat(tube.cut().orElseThrow().tubeRounds().count()).isEqualTo(497);
    }

    /** Without contrast the tube gives its own yarn: stitches of both socks' heels, toes and cuffs, and their tails. */
    @Test
    public void heelsToesAndCuffsMayBeRavelledFromTheTube() {
        ReadyTube tube = ReadyTube.of(64, 500).ravelling();
        SockSpec example = Specs.wholeExample();
        SockPlan plan = example.withChoices(example.choices()
                        .withSize(SizeChoice.usual())
                        .withTube(example.choices().tube().withReadyTube(tube)))
                .plan();
        double loop = plan.yarn().loopLength().value();
        double stitches = 2 * (992 + 992 + 16 * 64);
        double tails = 2 * (300 + 300 + 4 * 200);
        TubeCut cut = plan.tube().cut().orElseThrow();
        int ravelled = (int) Math.ceil((stitches + tails / loop) / 64);
        assertThat(cut.ravelled().orElseThrow().count()).isEqualTo(ravelled);
        assertThat(cut.remnantRounds().count()).isEqualTo(500 - ravelled - 2 * 93 - 2);
        assertThat(plan.yarn().left()).as("it is not taken from a cake").isEmpty();
    }

    /** R = Σ pieces + cuts + ravelled + remnant, for any tube. */
    @Test
    public void everyRoundOfATubeIsAccountedFor() {
        Random random = new Random(77);
        int planned = 0;
        while (planned < 400) {
            SockSpec spec = Specs.anySchool(random);
            SockPlan plan;
            try {
                plan = spec.plan();
            } catch (Refusal noRoom) {
                continue;
            }
            if (plan.tube().cut().filter(cut -> cut.cuts() > 0).isEmpty()) {
                continue;
            }
            planned++;
            TubeCut cut = plan.tube().cut().get();
            int pieces = 2 * cut.pieceRounds().count();
            int ravelled = cut.ravelled().map(Step::count).orElse(0);
            int left = cut.tubeRounds().count()
                    - pieces
                    - ravelled
                    - cut.remnantRounds().count();
            // one round is lost at every cut; one more between two pieces goes with a single cut
            assertThat(left).isBetween(1, 2);
            assertThat(cut.pieceRounds().count())
                    .isEqualTo(plan.tube().rounds().tube().count()
                            + cut.spareRounds().count());
            if (cut.cut() == Cut.HALVE) {
                assertThat(cut.remnantRounds().count()).isBetween(0, 1);
                assertThat(plan.tube().wanted().legIsResult()).isTrue();
            }
        }
    }
}
