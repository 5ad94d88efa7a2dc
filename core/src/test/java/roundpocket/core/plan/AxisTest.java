package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/** The whole example along the tape: toe 20, foot 55, leg 35, cuff 15 rounds; the knitter's own count beside it. */
public class AxisTest {
    private static SockPlan plan(Way way, Optional<ToeStart> start, OpeningWay opening) {
        SockSpec example = Specs.wholeExample();
        Optional<ReadyTube> ready = way == Way.READY_TUBE
                ? Optional.of(new ReadyTube(
                        64,
                        OptionalInt.of(300),
                        OptionalDouble.empty(),
                        OptionalDouble.empty(),
                        Optional.empty(),
                        OptionalInt.empty(),
                        Optional.empty()))
                : Optional.empty();
        Choices choices = example.choices()
                .withSize(
                        ready.isPresent()
                                ? SizeChoice.usual()
                                : example.choices().size());
        return example.withChoices(choices.withTube(new TubeChoice(
                                Optional.of(way),
                                start,
                                ready,
                                OptionalDouble.of(5 * LengthUnit.INCH_MM),
                                OptionalInt.empty(),
                                Optional.empty()))
                        .withOpening(OpeningChoice.of(opening)))
                .plan();
    }

    @DataProvider
    public Object[][] counts() {
        Optional<ToeStart> closed = Optional.of(ToeStart.CLOSED);
        Optional<ToeStart> later = Optional.empty();
        // way, start, opening; the knitter's count at the toe tip, the toe's end, the foot's start, before and after
        // the opening, and at the cuff's edge
        return new Object[][] {
            {Way.TOE_UP, later, OpeningWay.WASTE_ONE_LINE, new int[] {20, 1, 1, 55, 56, 105}},
            {Way.TOE_UP, later, OpeningWay.SNIP, new int[] {20, 1, 1, 55, 57, 106}},
            {Way.TOE_UP, closed, OpeningWay.WASTE_ONE_LINE, new int[] {1, 20, 21, 75, 76, 125}},
            {Way.TOE_UP, closed, OpeningWay.LIFELINES, new int[] {1, 20, 21, 75, 77, 126}},
            {Way.CUFF_DOWN, later, OpeningWay.WASTE_ONE_LINE, new int[] {20, 1, 105, 51, 50, 1}},
            {Way.CUFF_DOWN, later, OpeningWay.SNIP, new int[] {20, 1, 106, 52, 50, 1}},
            {Way.READY_TUBE, later, OpeningWay.SNIP, new int[] {20, 1, 91, 37, 35, 15}},
        };
    }

    @Test(dataProvider = "counts")
    public void theKnittersCountStandsBesideTheTape(
            Way way, Optional<ToeStart> start, OpeningWay opening, int[] counted) {
        SockPlan plan = plan(way, start, opening);
        int[] rounds = {1, 20, 21, 75, 76, 125};
        for (int i = 0; i < rounds.length; i++) {
            assertThat(plan.axis().get(rounds[i] - 1).counted())
                    .as("round %d from the toe tip", rounds[i])
                    .isEqualTo(counted[i]);
        }
    }

    @Test(dataProvider = "counts")
    public void yarnFallsInTheOrderOfTheWork(Way way, Optional<ToeStart> start, OpeningWay opening, int[] counted) {
        SockPlan plan = plan(way, start, opening);
        double before = 0;
        for (Section section : WorkOrder.of(plan.tube()).sections()) {
            double grams = plan.yarn().of(section).grams().value();
            double most = plan.axis().stream()
                    .filter(round -> round.section() == section)
                    .mapToDouble(AxisRound::usedG)
                    .max()
                    .orElse(before + grams); // the heel hangs beside the tape
            assertThat(most).as("by the end of the " + section).isCloseTo(before + grams, within(1e-9));
            before += grams;
        }
        assertThat(plan.axis()).allSatisfy(round -> assertThat(round.leftG() + round.usedG())
                .isCloseTo(plan.axis().get(0).leftG() + plan.axis().get(0).usedG(), within(1e-9)));
    }
}
