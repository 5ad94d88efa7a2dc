package roundpocket.core.shaping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static roundpocket.core.shaping.ShapingSchool.NARROW_WEDGE;
import static roundpocket.core.shaping.ShapingSchool.SHORT_ROWS;
import static roundpocket.core.shaping.ShapingSchool.SPIRAL;
import static roundpocket.core.shaping.ShapingSchool.THREE_SPEED;
import static roundpocket.core.shaping.ShapingSchool.WEDGE;
import static roundpocket.core.shaping.ShapingSchool.WEDGE_THEN_QUICK;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingRound.Kind;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;

/** Every school worked by hand for the tubes of the trade. The schools are common practice, with no source. */
public class SchoolsTest {
    private static Shaping heel(int stitches, ShapingChoice choice) {
        return Specs.large()
                .withChoices(Specs.cornersLater()
                        .withSize(SizeChoice.ofStitches(stitches))
                        .withHeel(choice))
                .plan()
                .heel()
                .shaping();
    }

    private static ShapingChoice drawnThrough(ShapingSchool school) {
        return new ShapingChoice(
                Optional.of(school),
                OptionalInt.of(0),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.of(Close.DRAW_THROUGH),
                Optional.empty());
    }

    @DataProvider
    public Object[][] schools() {
        // school, stitches, plain, then by hand: rounds, decrease rounds or turns, side at the close, stitches worked
        return new Object[][] {
            {WEDGE, 48, 4, 16, 6, 12, 4 * 48 + 4 * (22 + 20 + 18 + 16 + 14 + 12)},
            {WEDGE, 72, 0, 18, 9, 18, 4 * (34 + 32 + 30 + 28 + 26 + 24 + 22 + 20 + 18)},
            {NARROW_WEDGE, 48, 0, 12, 6, 12, 4 * (22 + 20 + 18 + 16 + 14 + 12)},
            {NARROW_WEDGE, 56, 1, 17, 8, 12, 56 + 4 * (26 + 24 + 22 + 20 + 18 + 16 + 14 + 12)},
            {NARROW_WEDGE, 60, 0, 18, 9, 12, 4 * (28 + 26 + 24 + 22 + 20 + 18 + 16 + 14 + 12)},
            {NARROW_WEDGE, 64, 4, 24, 10, 12, 4 * 64 + 4 * (30 + 28 + 26 + 24 + 22 + 20 + 18 + 16 + 14 + 12)},
            {NARROW_WEDGE, 68, 0, 22, 11, 12, 4 * (32 + 30 + 28 + 26 + 24 + 22 + 20 + 18 + 16 + 14 + 12)},
            // 5/8 of 24 is 15, which twos reach at 14; of 32 it is 20; of 36 it is 22.5, reached at 22
            {WEDGE_THEN_QUICK, 48, 0, 13, 8, 8, 4 * (22 + 20 + 18 + 16 + 14) + 2 * (12 + 10 + 8)},
            {WEDGE_THEN_QUICK, 64, 0, 18, 12, 8, 4 * (30 + 28 + 26 + 24 + 22 + 20) + 2 * (18 + 16 + 14 + 12 + 10 + 8)},
            {
                WEDGE_THEN_QUICK,
                72,
                4,
                25,
                14,
                8,
                4 * 72 + 4 * (34 + 32 + 30 + 28 + 26 + 24 + 22) + 2 * (20 + 18 + 16 + 14 + 12 + 10 + 8)
            },
            // 64: three times every third to 26, five times every second to 16, four times to 8
            {THREE_SPEED, 64, 0, 23, 12, 8, 6 * (30 + 28 + 26) + 4 * (24 + 22 + 20 + 18 + 16) + 2 * (14 + 12 + 10 + 8)},
            {
                THREE_SPEED,
                72,
                0,
                26,
                14,
                8,
                6 * (34 + 32 + 30) + 4 * (28 + 26 + 24 + 22 + 20 + 18) + 2 * (16 + 14 + 12 + 10 + 8)
            },
            // four sections of 16: to 8 in eight, to 2 in six; 30 on a needle come to 14, the lower of two as near as
            // each other
            {SPIRAL, 64, 0, 22, 14, 4, 4 * (30 + 28 + 26 + 24 + 22 + 20 + 18 + 16) + 2 * (14 + 12 + 10 + 8 + 6 + 4)},
            {SPIRAL, 60, 1, 22, 13, 4, 60 + 4 * (28 + 26 + 24 + 22 + 20 + 18 + 16 + 14) + 2 * (12 + 10 + 8 + 6 + 4)},
            // a third of 32 is 10.7, reached at 10: 22 rows down of 31 to 10, 22 back of 11 to 32
            {SHORT_ROWS, 64, 0, 22, 11, 10, 22 * (32 + 10)},
            {SHORT_ROWS, 72, 2, 26, 12, 12, 2 * 72 + 24 * (36 + 12)},
        };
    }

    @Test(dataProvider = "schools")
    public void schoolsWorkedByHand(
            ShapingSchool school, int stitches, int plain, int rounds, int decreases, int close, int worked) {
        Shaping heel = heel(stitches, ShapingChoice.of(school, plain));
        assertThat(heel.rounds().count()).isEqualTo(rounds);
        assertThat(heel.decreaseRounds().count()).isEqualTo(decreases);
        assertThat(heel.closingSide().count()).isEqualTo(close);
        assertThat(heel.stitchesWorked().count()).isEqualTo(worked);
        assertThat(heel.list().get(heel.list().size() - 1).cumulative()).isEqualTo(worked);
        assertThat(heel.widths()).hasSize(rounds);
    }

    /** 72 stitches in three speeds: 9 rounds of −12 in all, then 36 − 6 to 18 in 6 decrease rounds, then 5 to 8. */
    @Test
    public void seventyTwoInThreeSpeeds() {
        List<PhasePlan> phases = heel(72, ShapingChoice.of(THREE_SPEED, 0)).phases();
        assertThat(phases).extracting(phase -> phase.decreases().count()).containsExactly(3, 6, 5);
        assertThat(phases).extracting(phase -> phase.side().count()).containsExactly(30, 18, 8);
        assertThat(phases).extracting(phase -> phase.every().count()).containsExactly(3, 2, 1);
    }

    @Test
    public void threeSpeedsMayGoOnToFourAndBeDrawnThrough() {
        Shaping drawn = heel(72, drawnThrough(THREE_SPEED));
        assertThat(drawn.closingSide().count()).isEqualTo(4);
        assertThat(drawn.rounds().count()).isEqualTo(28);
        Refusal refusal = catchThrowableOfType(Refusal.class, () -> drawnThrough(WEDGE));
        assertThat(refusal.message(LengthUnit.CM))
                .contains("The wedge ends too wide")
                .contains("three-speed");
    }

    /** One decrease at the end of each quarter, worked out stitch by stitch: what a round uses up is what the last one left. */
    @Test(dataProvider = "quarters")
    public void aSpiralDecreasesAtTheEndOfEachQuarter(int stitches, String first, String last) {
        SockSpec tube = Specs.readyTube(Specs.large(), stitches, 300);
        Shaping spiral = tube.withChoices(tube.choices().withHeel(ShapingChoice.of(SPIRAL, 1)))
                .plan()
                .heel()
                .shaping();
        List<ShapingRound> rounds = spiral.list();
        assertThat(rounds.get(1).instruction()).isEqualTo(first);
        assertThat(rounds.get(rounds.size() - 1).instruction()).isEqualTo(last);
        assertThat(spiral.close()).isEqualTo(Close.DRAW_THROUGH);
        assertThat(spiral.grafted()).isFalse();
        int side = stitches / 2;
        for (ShapingRound round : rounds) {
            if (round.decrease()) {
                assertThat(usedUp(round.instruction())).isEqualTo(side);
                assertThat(round.instruction().split("k2tog", -1)).hasSize(3);
                assertThat(round.instruction()).endsWith("k2tog");
            }
            side = round.side();
        }
    }

    private static int usedUp(String instruction) {
        return Stream.of(instruction.split(", "))
                .mapToInt(
                        word -> word.equals("k2tog") ? 2 : word.equals("m1") ? 0 : Integer.parseInt(word.substring(1)))
                .sum();
    }

    @DataProvider
    public Object[][] quarters() {
        return new Object[][] {
            {64, "k14, k2tog, k14, k2tog", "k1, k2tog, k1, k2tog"},
            {62, "k14, k2tog, k13, k2tog", "k1, k2tog, k2tog"}, // a ready tube may have such
        };
    }

    /** From eight stitches: each quarter gains one at its end, in every round first. */
    @Test
    public void aSpiralFromItsTipIsTheSameTheOtherWayAbout() {
        ShapingChoice choice = ShapingChoice.of(SPIRAL, 0);
        List<ShapingRound> down = heel(64, choice).list();
        List<ShapingRound> up = toe(ToeStart.CLOSED, choice).list();
        assertThat(up).hasSameSizeAs(down);
        assertThat(up.get(0).instruction()).isEqualTo("k2, m1, k2, m1");
        assertThat(up.get(up.size() - 1).side()).isEqualTo(32);
        int now = 4;
        for (ShapingRound round : up) {
            if (round.kind() == ShapingRound.Kind.INCREASE) {
                assertThat(usedUp(round.instruction())).isEqualTo(now);
            }
            now = round.side();
        }
    }

    @Test
    public void aSpiralIsNeverGrafted() {
        Refusal refusal = catchThrowableOfType(
                Refusal.class,
                () -> new ShapingChoice(
                        Optional.of(SPIRAL),
                        OptionalInt.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        List.of(),
                        Optional.empty(),
                        Optional.of(Close.GRAFT),
                        Optional.empty()));
        assertThat(refusal.message(LengthUnit.CM)).contains("ends in a ring").contains("Cinch it");
    }

    @Test
    public void aShapingOfOnesOwnFollowsItsPhases() {
        List<Phase> phases = List.of(Phase.times(4, 2), Phase.until(2, 20), Phase.until(1, 9));
        Shaping kept = heel(64, ShapingChoice.own(1, true, Close.GRAFT, phases));
        // 32 → 28 in 8 rounds, → 20 in 8, → 8 in 6 since 9 is not reached by twos; one plain before
        assertThat(kept.rounds().count()).isEqualTo(1 + 8 + 8 + 6);
        assertThat(kept.closingSide().count()).isEqualTo(8);
        assertThat(kept.phases().get(2).otherSide()).hasValue(10);
        List<Phase> slow = List.of(Phase.until(3, 20));
        assertThat(heel(64, ShapingChoice.own(0, true, Close.GRAFT, slow))
                        .rounds()
                        .count())
                .isEqualTo(18);
        Shaping dropped = heel(64, ShapingChoice.own(0, false, Close.GRAFT, slow));
        assertThat(dropped.rounds().count()).isEqualTo(16);
        assertThat(dropped.list().get(15).kind()).isEqualTo(Kind.DECREASE);
        assertThat(dropped.stitchesWorked().count()).isEqualTo(6 * (30 + 28 + 26 + 24 + 22 + 20) - 2 * 2 * 20);
    }

    @Test
    public void theCountAboveIsTakenWhereThatIsWanted() {
        ShapingChoice above = new ShapingChoice(
                Optional.empty(),
                OptionalInt.of(0),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(Parity.ABOVE));
        assertThat(heel(60, above).closingSide().count()).isEqualTo(16);
        assertThat(heel(60, above).phases().get(0).otherSide()).hasValue(14);
        assertThat(heel(64, above).closingSide().count()).isEqualTo(16);
    }

    @DataProvider
    public Object[][] instructions() {
        return new Object[][] {
            {Leaning.TOWARDS_MIDDLE, true, "k1, ssk, k26, k2tog, k1"},
            {Leaning.ALONG_EDGE, true, "k1, k2tog, k26, ssk, k1"},
            {Leaning.TOWARDS_MIDDLE, false, "ssk, k28, k2tog"},
            {Leaning.ALONG_EDGE, false, "k2tog, k28, ssk"},
        };
    }

    @Test(dataProvider = "instructions")
    public void decreasesLeanAsChosenWithOrWithoutAnEdge(Leaning leaning, boolean edge, String first) {
        ShapingChoice choice = new ShapingChoice(
                Optional.empty(),
                OptionalInt.of(0),
                Optional.of(leaning),
                Optional.of(edge),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        assertThat(heel(64, choice).list().get(0).instruction()).isEqualTo(first);
    }

    @Test
    public void shortRowsGoDownAndBackAndAreGraftedAcrossTheWholeSide() {
        Shaping rows = heel(64, ShapingChoice.of(SHORT_ROWS, 0));
        assertThat(rows.graftLoops().orElseThrow().count()).isEqualTo(32);
        assertThat(rows.list()).hasSize(44);
        assertThat(rows.list().get(0).instruction()).isEqualTo("knit 31, turn");
        assertThat(rows.list().get(1).instruction()).isEqualTo("purl 30, turn");
        assertThat(rows.list().get(21).side()).isEqualTo(10);
        assertThat(rows.list().get(22).side()).isEqualTo(11);
        assertThat(rows.list().get(43).side()).isEqualTo(32);
    }

    private static Shaping toe(ToeStart start, ShapingChoice choice) {
        TubeChoice tube = new TubeChoice(
                Optional.empty(),
                Optional.of(start),
                Optional.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                Optional.empty());
        return Specs.large()
                .withChoices(Specs.cornersLater()
                        .withSize(SizeChoice.ofStitches(64))
                        .withTube(tube)
                        .withToe(choice))
                .plan()
                .toe()
                .shaping();
    }

    /** From 16 on each side of a closed start: plain, increase, plain … to 32, then 4 plain. */
    @Test
    public void aClosedStartIsTheShapingMirrored() {
        Shaping toe = toe(ToeStart.CLOSED, ShapingChoice.of(WEDGE, 4));
        assertThat(toe.rounds().count()).isEqualTo(20);
        assertThat(toe.graftLoops()).isEmpty();
        assertThat(toe.list())
                .extracting(ShapingRound::side)
                .containsExactly(16, 18, 18, 20, 20, 22, 22, 24, 24, 26, 26, 28, 28, 30, 30, 32, 32, 32, 32, 32);
        assertThat(toe.list().get(1).instruction()).isEqualTo("k1, m1, k14, m1, k1");
        int rounds = 2 * toe.list().stream().mapToInt(ShapingRound::side).sum();
        assertThat(toe.stitchesWorked().count()).isEqualTo(rounds + 32); // and the loops of the start
    }

    @Test
    public void aTubeMayBeginInShortRows() {
        Shaping toe = toe(ToeStart.SHORT_ROWS, ShapingChoice.of(SHORT_ROWS, 0));
        assertThat(toe.graftLoops()).isEmpty();
        assertThat(toe.rounds().count()).isEqualTo(22);
        Refusal refusal =
                catchThrowableOfType(Refusal.class, () -> toe(ToeStart.SHORT_ROWS, ShapingChoice.of(WEDGE, 4)));
        assertThat(refusal.problems().get(0).code()).isEqualTo("choices.toe.start");
    }

    @Test
    public void aSchoolThatDoesNotSuitASmallTubeSaysWhatWould() {
        Refusal nothing = catchThrowableOfType(Refusal.class, () -> heel(16, ShapingChoice.of(NARROW_WEDGE, 0)));
        assertThat(nothing.message(LengthUnit.CM))
                .contains("than 8 sts on each needle")
                .contains("Take the wedge");
        assertThat(nothing.problems().get(0).field()).isEqualTo("choices.heel");
        Refusal tooFar = catchThrowableOfType(Refusal.class, () -> heel(16, ShapingChoice.of(THREE_SPEED, 0)));
        assertThat(tooFar.message(LengthUnit.CM))
                .contains("4 sts on each needle are too few")
                .contains("6 sts are needed");
    }
}
