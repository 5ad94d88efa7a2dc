package roundpocket.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.Opening.LiveCount;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;

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
            {leaving(OpeningWay.WASTE_ONE_LINE, Corners.LEAVE_TWO), 28, List.of(64), 32, 0},
            {leaving(OpeningWay.WASTE_TWO_LINES, Corners.LEAVE_TWO), 28, List.of(64), 32, 0},
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
        assertThat(plan.heel().list().get(0).side()).isEqualTo(heelSide);
    }

    @Test
    public void extraLoopsNeedPlainRoundsToGoAwayIn() {
        OpeningChoice four = OpeningChoice.pickingUp(OpeningWay.SNIP, 4, false);
        Refusal refusal = catchThrowableOfType(Refusal.class, () -> plan(four, 1));
        assertThat(refusal.message(LengthUnit.CM)).contains("takes 2 rounds plain; the heel has 1 rounds");
        assertThat(plan(four, 2).heel().plainRounds().count()).isEqualTo(2);
    }
}
