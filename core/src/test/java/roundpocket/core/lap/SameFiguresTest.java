package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.lap.LapPlan.Progress;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;

/** Figures that mean the same are the same wherever they stand: in the plan, along the tape, in the lap, in the schedule. */
public class SameFiguresTest {
    private static final int WANTED = 5_000;
    private static final long SEED = 20_261_126;

    @Test
    public void noTwoFiguresOfTheSameMeaningDiffer() {
        Random random = new Random(SEED);
        for (int i = 0; i < WANTED; ) {
            SockSpec spec = Specs.anySchool(random);
            Optional<SockPlan> plan = plan(spec);
            if (plan.isPresent()) {
                HeelWhen[] orders = HeelWhen.values();
                HeelWhen when = orders[i % orders.length];
                compare(spec, plan.get(), when.goesWith(plan.get().tube().way()) ? when : HeelWhen.LAST);
                i++;
            }
        }
    }

    private static Optional<SockPlan> plan(SockSpec spec) {
        try {
            return Optional.of(spec.plan());
        } catch (Refusal noRoom) {
            return Optional.empty();
        }
    }

    private static void compare(SockSpec spec, SockPlan plan, HeelWhen when) {
        LapPlan lap = LapPlan.of(plan, when, 1);
        sections(plan, lap);
        opening(plan, lap);
        tape(plan);
        schedule(spec, when);
    }

    /** Rounds of the sections: in the plan, on the lap's count, along the tape. */
    private static void sections(SockPlan plan, LapPlan lap) {
        Map<Section, Progress> knitted = lap.progress(0);
        boolean ready = plan.tube().way() == Way.READY_TUBE;
        same(knitted, Section.FOOT, ready ? 0 : plan.tube().rounds().foot().count(), plan);
        same(knitted, Section.LEG, ready ? 0 : plan.tube().rounds().leg().count(), plan);
        same(knitted, Section.CUFF, plan.cuff().rounds().count(), plan);
        same(knitted, Section.HEEL, plan.heel().shaping().list().size(), plan);
        same(knitted, Section.TOE, plan.toe().shaping().list().size(), plan);
        for (Section section : EnumSet.of(Section.HEEL, Section.TOE)) {
            var shaping = section == Section.HEEL ? plan.heel() : plan.toe();
            // the loops of a closed start are worked, and are no round
            int cast = shaping.shaping().begun() && plan.tube().toeStart() == ToeStart.CLOSED && section == Section.TOE
                    ? 2 * shaping.shaping().closingSide().count()
                    : 0;
            assertThat(cast
                            + shaping.shaping()
                                    .list()
                                    .get(shaping.shaping().list().size() - 1)
                                    .cumulative())
                    .as("%s", section)
                    .isEqualTo(shaping.shaping().stitchesWorked().count());
        }
    }

    private static void same(Map<Section, Progress> knitted, Section section, int planned, SockPlan plan) {
        int counted =
                Optional.ofNullable(knitted.get(section)).map(Progress::all).orElse(0);
        assertThat(counted)
                .as("rounds of the %s of %s", section, plan.tube().way())
                .isEqualTo(planned);
    }

    private static void opening(SockPlan plan, LapPlan lap) {
        int half = plan.stitchCount().half().count();
        assertThat(plan.opening().below().count()).isEqualTo(half);
        assertThat(plan.opening().above().count()).isEqualTo(half);
        lap.steps().stream().filter(step -> step.id().equals("heel-count")).forEach(step -> assertThat(step.expected())
                .hasValue(half));
        lap.steps().stream().filter(step -> step.id().equals("corners")).forEach(step -> assertThat(step.after())
                .isEqualTo(plan.opening().live().count()));
        lap.steps().stream().filter(step -> step.id().equals("heel-graft")).forEach(step -> assertThat(step.presses())
                .hasSize(plan.heel().graft().orElseThrow().moves().count()));
    }

    /** Lengths of the figures are those of the drawing, and one place is counted the same from everywhere. */
    private static void tape(SockPlan plan) {
        Outline outline = plan.outline();
        assertThat(outline.openingMm())
                .isCloseTo(plan.tube().heelLine().fromToe().value(), within(1e-6));
        assertThat(outline.lengthMm()).isCloseTo(plan.tube().lengths().all().value(), within(1e-6));
        assertThat(plan.axis()).hasSize(plan.tube().rounds().all().count());
        int fromTip =
                plan.tube().heelLine().countedFrom(CountFrom.TOE_TIP).rounds().count();
        int fromEdge =
                plan.tube().heelLine().countedFrom(CountFrom.CUFF_EDGE).rounds().count();
        assertThat(fromTip).isEqualTo(plan.tube().heelLine().round().count());
        // the round that is lost at the line is in neither
        assertThat(fromTip + fromEdge).isEqualTo(plan.tube().rounds().all().count());
    }

    /** Hours of the rounds are their stitches at the pace, and those are the stitches that the yarn is reckoned for. */
    private static void schedule(SockSpec spec, HeelWhen when) {
        PairWork pair = new PairWork(Course.of(spec, when));
        Schedule schedule = Schedule.of(pair);
        double hours = schedule.parts().stream()
                .mapToDouble(part -> part.hours().value())
                .sum();
        assertThat(schedule.hours().value()).isCloseTo(hours, within(1e-6));
        int stitches = 0;
        for (int sock = 1; sock <= 2; sock++) {
            LapPlan lap = pair.sock(sock).course().lap();
            stitches += lap.steps().stream()
                    .filter(step -> step.doing().paced())
                    .flatMap(step -> step.presses().stream())
                    .mapToInt(LapStep.Press::stitches)
                    .sum();
        }
        double paced = schedule.parts().stream()
                .filter(part -> part.hours().inputs().contains(schedule.stitchesPerHour()))
                .mapToDouble(part -> part.hours().value())
                .sum();
        assertThat(paced * schedule.stitchesPerHour().value()).isCloseTo(stitches, within(1e-3));
    }
}
