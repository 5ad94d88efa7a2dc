package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Way;
import roundpocket.core.work.NotPossible;
import roundpocket.core.work.Operation;
import roundpocket.core.work.Work;

/** Every course can be done to its end, and one from which an operation is missing cannot. */
public class CoursesTest {
    private static final int OF_EACH_WAY = 150;
    private static final int CHANGED = 8_000;

    /** What may be left out or done a move earlier with no harm to any loop. */
    private static final double REFUSED = 0.95;

    private static Optional<SockPlan> plan(Random random) {
        try {
            return Optional.of(
                    Course.beginning(Specs.anySchool(random), HeelWhen.LAST).plan());
        } catch (Refusal noSockComesOfThat) {
            return Optional.empty();
        }
    }

    private static List<LapPlan> courses(SockPlan plan) {
        List<LapPlan> all = new ArrayList<>();
        for (HeelWhen when : HeelWhen.values()) {
            if (when.goesWith(plan.tube().way())) {
                all.add(LapPlan.of(plan, when, 1));
                all.add(LapPlan.of(plan, when, 2));
            }
        }
        return all;
    }

    @Test
    public void everyCourseEndsInASockThatCanBeWorn() {
        Random random = new Random(33);
        Map<Way, Integer> done = new EnumMap<>(Way.class);
        while (done.size() < Way.values().length || done.values().stream().anyMatch(each -> each < OF_EACH_WAY)) {
            plan(random).ifPresent(plan -> {
                for (LapPlan course : courses(plan)) {
                    assertThat(course.workAt(course.presses()).amiss())
                            .as("%s, %s", plan.tube().way(), plan.opening())
                            .isEmpty();
                }
                done.merge(plan.tube().way(), 1, Integer::sum);
            });
        }
    }

    /** One operation is left out, or two that follow each other are swapped: the model refuses, or the sock is not done. */
    @Test
    public void aCourseWithAnOperationAmissIsRefused() {
        Random random = new Random(34);
        Map<String, Integer> passed = new TreeMap<>();
        int changed = 0;
        int refused = 0;
        while (changed < CHANGED) {
            Optional<SockPlan> plan = plan(random);
            if (plan.isEmpty()) {
                continue;
            }
            List<LapPlan> courses = courses(plan.get());
            LapPlan course = courses.get(random.nextInt(courses.size()));
            List<Operation> all = new ArrayList<>();
            course.steps().forEach(step -> step.presses().forEach(press -> all.addAll(press.operations())));
            for (int i = 0; i < 40; i++) {
                List<Operation> other = new ArrayList<>(all);
                int at = random.nextInt(all.size());
                String what;
                if (random.nextBoolean() || at + 1 == all.size()) {
                    what = "without " + other.remove(at).getClass().getSimpleName();
                } else {
                    other.set(at, all.get(at + 1));
                    other.set(at + 1, all.get(at));
                    what = all.get(at + 1).getClass().getSimpleName() + " before "
                            + all.get(at).getClass().getSimpleName();
                }
                changed++;
                if (refuses(course.begun(), other)) {
                    refused++;
                } else {
                    passed.merge(what, 1, Integer::sum);
                }
            }
        }
        assertThat((double) refused / changed).as("not refused: %s", passed).isGreaterThan(REFUSED);
    }

    private static boolean refuses(Work begun, List<Operation> all) {
        Work work = begun;
        try {
            for (Operation each : all) {
                work = each.on(work);
            }
        } catch (NotPossible refused) {
            return true;
        }
        return !work.amiss().isEmpty();
    }
}
