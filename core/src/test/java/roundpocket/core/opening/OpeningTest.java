package roundpocket.core.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.judge.Doubts;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.Opening.LiveCount;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingRound;

/** The ways of opening the heel of 64 stitches. All common practice. */
public class OpeningTest {
    private static SockPlan plan(OpeningChoice choice, int heelPlain) {
        SockSpec large = Specs.large();
        return large.withChoices(large.choices()
                        .withSize(SizeChoice.ofStitches(64))
                        .withHeel(ShapingChoice.plain(heelPlain))
                        .withOpening(choice))
                .plan();
    }

    private static OpeningChoice leaving(OpeningWay way, Corners corners) {
        return new OpeningChoice(Optional.of(way), Optional.of(corners), OptionalInt.empty(), Optional.empty());
    }

    @DataProvider
    public Object[][] openings() {
        OpeningWay snip = OpeningWay.SNIP;
        // choice, stitches that come out, live at the pick-up and after each round, side of the heel, stitch snipped
        return new Object[][] {
            {leaving(snip, Corners.LEAVE_TWO), 28, List.of(64), 32, 16},
            {leaving(snip, Corners.LEAVE_ONE_AND_A_HALF), 29, List.of(64), 32, 16},
            // waste yarn comes out whole: one row of it, or two
            {OpeningChoice.usual(), 32, List.of(68, 64), 32, 0},
            {OpeningChoice.of(OpeningWay.WASTE_TWO_LINES), 64, List.of(68, 64), 32, 0},
            {leaving(OpeningWay.WASTE_ONE_LINE, Corners.CLOSE_LATER), 32, List.of(64), 32, 0},
            {leaving(snip, Corners.CLOSE_LATER), 32, List.of(64), 32, 16},
            {OpeningChoice.of(snip), 28, List.of(64), 32, 16},
            {leaving(OpeningWay.LIFELINES, Corners.LEAVE_TWO), 28, List.of(64), 32, 16},
            {OpeningChoice.pickingUp(snip, 1, false), 32, List.of(66, 64), 32, 16},
            {OpeningChoice.pickingUp(snip, 2, false), 32, List.of(68, 64), 32, 16},
            {OpeningChoice.pickingUp(snip, 4, false), 32, List.of(72, 68, 64), 32, 16},
            {OpeningChoice.pickingUp(snip, 2, true), 32, List.of(68), 34, 16},
            {OpeningChoice.pickingUp(snip, 4, true), 32, List.of(72, 68), 34, 16},
        };
    }

    @Test(dataProvider = "openings")
    public void countsOfTheFirstRounds(
            OpeningChoice choice, int comesOut, List<Integer> live, int heelSide, int snipped) {
        SockPlan plan = plan(choice, 4);
        Opening opening = plan.opening();
        assertThat(opening.comesOut().count()).isEqualTo(comesOut);
        assertThat(opening.below().count()).isEqualTo(32);
        assertThat(opening.above().count()).isEqualTo(32);
        assertThat(opening.live().count()).isEqualTo(live.get(0));
        assertThat(opening.counts()).extracting(LiveCount::stitches).isEqualTo(live);
        assertThat(opening.heelSide().count()).isEqualTo(heelSide);
        assertThat(opening.snip().map(step -> step.count()).orElse(0)).isEqualTo(snipped);
        // the heel's own rounds say the same: they are numbered with it
        assertThat(plan.heel().shaping().list().subList(0, live.size() - 1))
                .extracting(ShapingRound::stitches)
                .isEqualTo(live.subList(1, live.size()));
        assertThat(plan.heel().shaping().list().get(3).side()).isEqualTo(heelSide);
        assertThat(plan.heel().shaping().rounds().count())
                .isEqualTo(plan.heel().shaping().list().size());
    }

    /** Extra stitches go in plain rounds before the first shaped one; where there are fewer, they are added and said. */
    @Test
    public void extraStitchesBringThePlainRoundsTheyNeed() {
        OpeningChoice four = OpeningChoice.pickingUp(OpeningWay.SNIP, 4, false);
        for (int wanted = 0; wanted <= 3; wanted++) {
            SockPlan plan = plan(four, wanted);
            assertThat(plan.heel().shaping().plainRounds().count()).isEqualTo(Math.max(2, wanted));
            assertThat(plan.heel().shaping().rounds().count()).isEqualTo(Math.max(2, wanted) + 16);
        }
        SockSpec large = Specs.large();
        SockSpec none = large.withChoices(
                large.choices().withHeel(ShapingChoice.plain(0)).withOpening(four));
        assertThat(Doubts.of(none, none.plan()))
                .filteredOn(doubt -> doubt.code().equals("heel.corners"))
                .singleElement()
                .satisfies(doubt -> assertThat(doubt.said().message(LengthUnit.CM))
                        .contains("The heel has 2 rounds before its decreases, though you chose none"));
    }

    /** A round of extra stitches counts what it leaves, as a decrease round does: 8 extra leave 4 for one round. */
    @Test
    public void theYarnOfExtraStitchesIsCounted() {
        int none = plan(OpeningChoice.usual().closingLater(), 4)
                .heel()
                .shaping()
                .stitchesWorked()
                .count();
        assertThat(none).isEqualTo(992);
        assertThat(plan(OpeningChoice.usual(), 4)
                        .heel()
                        .shaping()
                        .stitchesWorked()
                        .count())
                .isEqualTo(992);
        assertThat(plan(OpeningChoice.pickingUp(OpeningWay.SNIP, 4, false), 4)
                        .heel()
                        .shaping()
                        .stitchesWorked()
                        .count())
                .isEqualTo(996);
    }

    /** What earlier plans could ask for is moved to what is usual, and nothing else is. */
    @Test
    public void stitchesLeftInWasteYarnAreMoved() {
        Optional<Corners> two = Optional.of(Corners.LEAVE_TWO);
        assertThat(OpeningChoice.moved(Optional.empty(), two, false)).isEmpty();
        assertThat(OpeningChoice.moved(Optional.of(OpeningWay.WASTE_TWO_LINES), two, false))
                .isEmpty();
        assertThat(OpeningChoice.moved(Optional.empty(), two, true)).isEqualTo(two);
        assertThat(OpeningChoice.moved(Optional.of(OpeningWay.LIFELINES), two, false))
                .isEqualTo(two);
    }
}
