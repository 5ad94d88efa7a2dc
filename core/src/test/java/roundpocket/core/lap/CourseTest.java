package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.LapPlan.Progress;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Way;

/** Planning anew while a sock is on the needles: what is knitted stays, and the rest still meets the foot. */
public class CourseTest {
    private static final int TRIES = 500;

    private static Course example() {
        return Course.of(Specs.wholeExample(), HeelWhen.AFTER_TUBE);
    }

    private static int start(Course course, String id) {
        for (int i = 0; i < course.lap().steps().size(); i++) {
            if (course.lap().steps().get(i).id().equals(id)) {
                return course.lap().starts().get(i);
            }
        }
        throw new AssertionError(id);
    }

    /**
     * The whole example, 10 rounds to the inch, turns out at 11 once 30 rounds of the foot are there: 7½ in to the opening
     * are 82 or 83 rounds then, less the toe's 20 (computed by hand).
     */
    @Test
    public void aTighterTubeMovesTheHeelsLine() {
        Course course = example();
        Course now = course.measured(start(course, "foot") + 30, 22, 50.8);
        // 9½ in × 11 − 20 − 20 = 64.5
        assertThat(now.plan().tube().rounds().foot().count()).isBetween(64, 65);
        // 5 in × 11 − 15 = 40
        assertThat(now.plan().tube().rounds().leg().count()).isEqualTo(40);
        assertThat(now.plan().replan()).hasValueSatisfying(replan -> {
            assertThat(replan.done().value()).isEqualTo(30);
            assertThat(replan.left().value())
                    .isEqualTo(now.plan().tube().rounds().foot().value() - 30);
        });
        assertThat(Difference.between(course.plan(), now.plan()))
                .extracting(Difference::label)
                .startsWith("Round gauge")
                .contains("Foot", "Leg", "Yarn of the pair")
                .doesNotContain("Cuff", "Heel");
    }

    /** Measured on the leg, the foot stays as it was knitted, and its length is told as it really is. */
    @Test
    public void whatIsKnittedIsNotPlannedAnew() {
        Course course = example();
        Course now = course.measured(start(course, "leg") + 3, 22, 50.8);
        assertThat(now.plan().tube().rounds().foot().count()).isEqualTo(55);
        assertThat(now.plan().tube().rounds().leg().count()).isEqualTo(40);
        assertThat(now.plan().tube().lengths().foot().value()).isCloseTo(95 / 11.0 * 25.4, within(0.01));
    }

    /** The line was passed already: nothing is ripped out unasked, the foot ends where it is. */
    @Test
    public void aFootThatIsPastItsNewLineEndsWhereItIs() {
        Course course = example();
        Course now = course.measured(start(course, "foot") + 54, 18, 50.8);
        assertThat(now.plan().tube().rounds().foot().count()).isEqualTo(54);
        assertThat(course.lap().carried(start(course, "foot") + 54, now.lap())).isEqualTo(start(now, "line"));
    }

    @Test
    public void roundsOffThePlanAreTakenAsTheyAre() {
        Course course = example();
        int atLine = start(course, "line");
        Course longer = course.worked(atLine, Section.FOOT, 58);
        assertThat(longer.plan().tube().rounds().foot().count()).isEqualTo(58);
        assertThat(longer.plan().tube().heelLine().round().count()).isEqualTo(78);
        assertThat(longer.plan().tube().rounds().leg().count()).isEqualTo(35);
        assertThat(course.lap().carried(atLine, longer.lap())).isEqualTo(start(longer, "line"));
        Course shorter = longer.worked(start(longer, "leg") + 20, Section.LEG, 20);
        assertThat(shorter.plan().tube().rounds().leg().count()).isEqualTo(20);
        assertThat(shorter.plan().tube().rounds().foot().count()).isEqualTo(58);
        Course cuff = shorter.worked(start(shorter, "cuff") + 2, Section.CUFF, 22);
        assertThat(cuff.plan().cuff().rounds().count()).isEqualTo(22);
        assertThat(cuff.plan().tube().rounds().leg().count()).isEqualTo(20);
    }

    @Test
    public void theTubeIsMeasuredOnceSomeOfItIsThere() {
        Course course = example();
        assertThat(course.measureAt()).hasValue(start(course, "foot") + 25);
        assertThat(course.measured(start(course, "foot") + 25, 22, 50.8).measureAt())
                .as("measured already")
                .isEmpty();
    }

    @DataProvider
    public Object[][] nonsense() {
        Course course = example();
        int foot = start(course, "foot");
        return new Object[][] {
            {"nothing knitted", (Runnable) () -> course.measured(0, 10, 25), "lap.tape.nothing"},
            {"more than knitted", (Runnable) () -> course.measured(foot + 12, 13, 33), "lap.tape.more-than-knitted"},
            {"twice as tight", (Runnable) () -> course.measured(foot + 40, 40, 50), "lap.tape.unlike-swatch"},
            {"half as tight", (Runnable) () -> course.measured(foot + 40, 9, 50), "lap.tape.unlike-swatch"},
            {"a short span", (Runnable) () -> course.measured(foot + 40, 4, 4), "swatch.span.range"},
            {"a minus", (Runnable) () -> course.measured(foot + 40, -5, 50), "swatch.rounds.range"},
            {"of the heel", (Runnable) () -> course.worked(foot, Section.HEEL, 12), "lap.rounds.section"},
            {"fewer than done", (Runnable) () -> course.worked(foot + 30, Section.FOOT, 29), "lap.rounds.range"},
            {"none", (Runnable) () -> course.worked(foot + 60, Section.FOOT, 0), "lap.rounds.range"},
            {"thousands", (Runnable) () -> course.worked(foot + 30, Section.LEG, 1001), "lap.rounds.range"},
        };
    }

    @Test(dataProvider = "nonsense")
    public void nonsenseIsRefusedInWords(String what, Runnable tried, String code) {
        Refusal refused = catchThrowableOfType(Refusal.class, tried::run);
        assertThat(refused).as(what).isNotNull();
        assertThat(refused.problems()).anySatisfy(problem -> {
            assertThat(problem.code()).startsWith(code);
            assertThat(problem.remedy()).isNotBlank();
        });
    }

    /** Wherever a sock of any kind is, and however its tube turns out: what is knitted of it stays as it is. */
    @Test
    public void whateverIsMeasuredWhatIsKnittedStays() {
        Random random = new Random(20261124);
        int replanned = 0;
        for (int i = 0; i < TRIES; i++) {
            HeelWhen heelWhen = HeelWhen.values()[random.nextInt(3)];
            Course course;
            Course now;
            int position;
            try {
                course = Course.of(Specs.anySchool(random), heelWhen);
                position = random.nextInt(course.lap().presses() + 1);
                double gauge = course.plan().basis().gauge().rounds().value() * (0.85 + 0.3 * random.nextDouble());
                now = course.measured(position, gauge * 0.3, 30);
            } catch (Refusal nothingKnittedOrNoRoom) {
                continue;
            }
            replanned++;
            check(course, now, position, "try " + i + ", " + heelWhen);
        }
        assertThat(replanned).isGreaterThan(TRIES / 3);
    }

    private static void check(Course before, Course now, int position, String what) {
        Map<Section, Progress> old = before.lap().progress(position);
        int carried = before.lap().carried(position, now.lap());
        Map<Section, Progress> next = now.lap().progress(carried);
        old.forEach((section, progress) -> {
            Progress there = next.get(section);
            assertThat(there.done()).as(what + " " + section).isEqualTo(progress.done());
            if (progress.complete()) {
                assertThat(there.all()).as(what + " " + section).isEqualTo(progress.all());
            }
        });
        assertThat(before.leadsInto(now, position)).as(what).isTrue();
        SockPlan plan = now.plan();
        boolean footIsOpen = !old.getOrDefault(Section.FOOT, new Progress(1, 1)).begun();
        if (footIsOpen && plan.tube().way() != Way.READY_TUBE) {
            // half a round at most is lost to rounding, and the school that places it may cost more
            double round = 100 / plan.basis().gauge().rounds().value();
            assertThat(plan.tube().heelLine().fromToe().value())
                    .as(what)
                    .isCloseTo(plan.tube().heelLine().placing().distance().value(), within(round));
        }
    }
}
