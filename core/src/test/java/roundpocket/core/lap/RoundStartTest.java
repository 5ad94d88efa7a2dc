package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import org.assertj.core.groups.Tuple;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;
import roundpocket.core.work.Edge;
import roundpocket.core.work.Glance;

/** What is otherwise where a round begins with the instep, or in the middle of the sole. Common practice, no source. */
public class RoundStartTest {
    private static SockPlan plan(RoundStart start, OpeningWay opening, Way way) {
        SockSpec spec = Specs.wholeExample();
        return spec.withChoices(spec.choices()
                        .withTube(new TubeChoice(
                                Optional.of(way),
                                Optional.empty(),
                                Optional.empty(),
                                spec.choices().tube().legMm(),
                                OptionalInt.empty(),
                                Optional.empty()))
                        .withOpening(OpeningChoice.of(opening))
                        .withTechnique(TechniqueChoice.of(start)))
                .plan();
    }

    private static LapPlan lap(RoundStart start, OpeningWay opening, Way way) {
        return LapPlan.of(plan(start, opening, way), HeelWhen.AFTER_TUBE, 1);
    }

    private static LapStep step(LapPlan lap, StepName name) {
        return lap.steps().stream()
                .filter(step -> step.name() == name)
                .findFirst()
                .orElseThrow();
    }

    private static String line(RoundStart start, OpeningWay opening) {
        return step(lap(start, opening, Way.TOE_UP), StepName.LINE).instruction();
    }

    private static String firstOfLeg(RoundStart start, OpeningWay opening) {
        return step(lap(start, opening, Way.TOE_UP), StepName.LEG)
                .presses()
                .get(0)
                .words();
    }

    @Test
    public void oneLineOfWasteYarnLeavesNoHalfRoundBehindTheInstep() {
        assertThat(line(RoundStart.SOLE, OpeningWay.WASTE_ONE_LINE))
                .startsWith("Leave the working yarn hanging. Knit the 32 sole sts with waste yarn")
                .endsWith("knit them again with the working yarn: that is the sole’s half of the next round.");
        assertThat(firstOfLeg(RoundStart.SOLE, OpeningWay.WASTE_ONE_LINE))
                .isEqualTo("Now knit the instep. The sole’s half of this round is knitted already.");
        assertThat(line(RoundStart.INSTEP, OpeningWay.WASTE_ONE_LINE))
                .startsWith(
                        "Knit the instep, the first half of the next round. Leave the working yarn hanging. Knit the 32"
                                + " sole sts with waste yarn")
                .endsWith("They are knitted again with the working yarn next.");
        assertThat(firstOfLeg(RoundStart.INSTEP, OpeningWay.WASTE_ONE_LINE))
                .isEqualTo("Now knit the sole. The instep’s half of this round is knitted already.");
    }

    @Test
    public void whoBeginsInTheMiddleKnitsOnToTheSideFirst() {
        for (OpeningWay way : OpeningWay.values()) {
            assertThat(line(RoundStart.MIDDLE, way))
                    .startsWith("Knit 16 sts on, to the side: from now on the round begins there, with the instep.");
        }
        LapPlan lap = lap(RoundStart.MIDDLE, OpeningWay.SNIP, Way.TOE_UP);
        assertThat(step(lap, StepName.BEGIN).instruction())
                .contains("The round begins in the middle of the sole: 16 sts of sole, 32 of instep, 16 of sole.");
    }

    @DataProvider
    public Object[][] graftsOfAToe() {
        return new Object[][] {
            {RoundStart.SOLE, "Hold the sole in front and the instep behind it."},
            {RoundStart.INSTEP, "Hold the instep in front and the sole behind it."},
            {RoundStart.MIDDLE, "Hold the instep in front and the sole behind it."},
        };
    }

    /** The half that is knitted second is behind: there the yarn hangs. */
    @Test(dataProvider = "graftsOfAToe")
    public void behindIsTheHalfThatIsKnittedSecond(RoundStart start, String words) {
        LapPlan down = lap(start, OpeningWay.WASTE_ONE_LINE, Way.CUFF_DOWN);
        assertThat(step(down, StepName.TOE_GRAFT).instruction()).contains(words);
        LapPlan up = lap(start, OpeningWay.WASTE_ONE_LINE, Way.TOE_UP);
        assertThat(step(up, StepName.TOE_GRAFT).instruction())
                .as("a toe that is picked up has its yarn joined at the sole")
                .contains("Hold the sole in front and the instep behind it.");
    }

    @Test
    public void theNeedlesAreDrawnInTheOrderOfTheRound() {
        LapPlan lap = lap(RoundStart.INSTEP, OpeningWay.SNIP, Way.TOE_UP);
        Glance begun = Glance.of(lap.workAt(5));
        assertThat(begun.groups())
                .extracting(Glance.Group::name, Glance.Group::first)
                .containsExactly(Tuple.tuple("instep", true), Tuple.tuple("sole", false));
        assertThat(begun.words()).contains("The main yarn hangs where the instep begins, at the cuff’s end.");
        Glance middle =
                Glance.of(lap(RoundStart.MIDDLE, OpeningWay.SNIP, Way.TOE_UP).workAt(5));
        assertThat(middle.yarns())
                .containsExactly(new Glance.HangsAt(
                        YarnRole.MAIN,
                        Edge.CUFF_END,
                        Glance.At.MIDDLE,
                        "in the middle of the sole, at the cuff’s end"));
    }

    /** Presses are what they are, wherever a round begins: a lap that was begun stays where it is. */
    @Test
    public void noPressIsShifted() {
        for (OpeningWay opening : OpeningWay.values()) {
            for (Way way : List.of(Way.TOE_UP, Way.CUFF_DOWN)) {
                List<String> usual = names(lap(RoundStart.SOLE, opening, way));
                assertThat(names(lap(RoundStart.INSTEP, opening, way))).isEqualTo(usual);
                assertThat(names(lap(RoundStart.MIDDLE, opening, way))).isEqualTo(usual);
            }
        }
    }

    private static List<String> names(LapPlan lap) {
        return lap.steps().stream()
                .map(step -> step.id() + " " + step.presses().size())
                .collect(Collectors.toList());
    }
}
