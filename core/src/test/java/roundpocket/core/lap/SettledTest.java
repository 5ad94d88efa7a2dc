package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.PlacingChoice;

/** What is knitted, cut or grafted stays what it is, whatever the plan is changed to on the way. */
public class SettledTest {
    private static final SockSpec WHOLE = Specs.wholeExample();

    private static int start(Course course, StepName name) {
        LapPlan lap = course.lap();
        for (int i = 0; i < lap.steps().size(); i++) {
            if (lap.steps().get(i).name() == name) {
                return lap.starts().get(i);
            }
        }
        throw new AssertionError("no " + name);
    }

    private static SockSpec ready(double legMm) {
        SockSpec spec = Specs.readyTube(WHOLE, 64, 400);
        return spec.withChoices(spec.choices().withTube(spec.choices().tube().withLegMm(legMm)));
    }

    @DataProvider
    static Object[][] edits() {
        SockSpec two = WHOLE.withChoices(WHOLE.choices().withOpening(OpeningChoice.of(OpeningWay.WASTE_TWO_LINES)));
        SockSpec other = WHOLE.withChoices(WHOLE.choices().withHeel(ShapingChoice.of(ShapingSchool.THREE_SPEED, 4)));
        return new Object[][] {
            {"one row of waste yarn becomes two", WHOLE, two, StepName.LEG, 0, "the heel line, which is in"},
            {"the heel’s shape, while it is knitted", WHOLE, other, StepName.HEEL, 12, "the heel as knitted"},
        };
    }

    @Test(dataProvider = "edits")
    public void isNotChangedAnyMore(
            String what, SockSpec spec, SockSpec edited, StepName at, int done, String settled) {
        Course course = Course.of(spec, HeelWhen.AFTER_TUBE);
        int position = start(course, at) + done;
        assertThatThrownBy(() -> course.by(position, edited))
                .as(what)
                .isInstanceOfSatisfying(Refusal.class, refusal -> assertThat(
                                refusal.problems().get(0).template())
                        .contains("This can’t change any more: " + settled));
        assertThat(course.by(0, edited).plan().opening().way())
                .isEqualTo(edited.plan().opening().way());
    }

    /** After the first heel is open, another placing of the line is for the next pair: here it stays. */
    @Test
    public void theLineStaysWhereItIs() {
        Course course = Course.of(WHOLE, HeelWhen.AFTER_TUBE);
        int position = start(course, StepName.HEEL) + 1;
        SockSpec moved = WHOLE.withChoices(WHOLE.choices().withPlacing(PlacingChoice.marked(60, CountFrom.TOE_TIP)));
        Course next = course.by(position, moved);
        assertThat(next.plan().tube().rounds().foot().count())
                .isEqualTo(course.plan().tube().rounds().foot().count());
        assertThat(course.lap().workAt(position).line())
                .isEqualTo(next.lap()
                        .workAt(course.lap().carried(position, next.lap()))
                        .line());
    }

    /** The heel may still be moved while nothing was done otherwise; where the course never heard of it, it stays. */
    @Test
    public void theHeelComesWhenTheEditedPlanHasIt() {
        SockSpec last = WHOLE.withChoices(WHOLE.choices().withTechnique(TechniqueChoice.of(HeelWhen.LAST)));
        Course course = Course.asPlanned(last);
        assertThat(course.heelWhen()).isEqualTo(HeelWhen.LAST);
        int inTheLeg = start(course, StepName.LEG) + 5;
        Course sooner = course.by(inTheLeg, WHOLE);
        assertThat(sooner.heelWhen()).isEqualTo(HeelWhen.AFTER_TUBE);
        assertThat(sooner.lap()
                        .steps()
                        .get(sooner.lap()
                                .at(course.lap().carried(inTheLeg, sooner.lap()))
                                .step())
                        .name())
                .isEqualTo(StepName.LEG);
        assertThat(Course.of(WHOLE, HeelWhen.LAST).by(inTheLeg, WHOLE).heelWhen())
                .isEqualTo(HeelWhen.LAST);
        SockSpec early = WHOLE.withChoices(WHOLE.choices().withTechnique(TechniqueChoice.of(HeelWhen.AT_ONCE)));
        int inTheFoot = start(course, StepName.FOOT) + 5;
        assertThat(course.by(inTheFoot, early).heelWhen()).isEqualTo(HeelWhen.AT_ONCE);
        int atTheToe = start(course, StepName.TOE) + 1;
        assertThatThrownBy(() -> course.by(atTheToe, WHOLE)).isInstanceOf(Refusal.class);
        int pastTheLine = start(course, StepName.LEG) + 15;
        assertThatThrownBy(() -> course.by(pastTheLine, early)).isInstanceOf(Refusal.class);
    }

    /** A piece that is cut off keeps its rounds: a longer leg is not to be had, and a deeper heel takes from the leg. */
    @Test
    public void aPieceIsAsLongAsItWasCut() {
        Course course = Course.of(ready(100), HeelWhen.AFTER_TUBE);
        int position = start(course, StepName.CUFF_ON);
        SockSpec deeper = ready(130);
        Course next = course.by(position, deeper.withChoices(deeper.choices().withHeel(ShapingChoice.plain(7))));
        assertThat(next.plan().tube().cut().orElseThrow().pieceRounds().count())
                .isEqualTo(
                        course.plan().tube().cut().orElseThrow().pieceRounds().count());
        assertThat(next.plan().heel().shaping().plainRounds().count()).isEqualTo(7);
    }

    /** What a hand that only does what it is told has made by then. */
    private static Map<String, Integer> cloth(Course course, int position) {
        Cloth cloth = new Cloth("settled");
        cloth.does(course.lap(), position);
        return cloth.sameInBoth();
    }

    /** Whatever another plan asks for, wherever one is: it is refused, or the cloth is the very same. */
    @Test
    public void aPlanThatIsTakenOverChangesNothingThatIsThere() {
        Random random = new Random(3333);
        int taken = 0;
        int refused = 0;
        while (taken < 60) {
            try {
                SockSpec spec = Specs.anySchool(random);
                Course course = Course.of(spec, HeelWhen.AFTER_TUBE);
                int position = random.nextInt(course.lap().presses());
                SockSpec other = Specs.anySchool(random);
                SockSpec edited = spec.withChoices(
                        random.nextBoolean()
                                ? other.choices()
                                : spec.choices().withHeel(other.choices().heel()));
                edited.plan();
                try {
                    Course next = course.by(position, edited);
                    taken++;
                    assertThat(cloth(next, course.lap().carried(position, next.lap())))
                            .isEqualTo(cloth(course, position));
                } catch (Refusal becauseOfWhatIsThere) {
                    refused++;
                }
            } catch (Refusal noSockComesOfThat) {
                continue;
            }
        }
        assertThat(refused).isGreaterThan(20);
    }
}
