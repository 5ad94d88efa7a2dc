package roundpocket.app.laps;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.judge.Caution;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.HeelWhen;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapStep;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;

/** The work on a pair as it is handed out. */
public final class LapViews {
    private LapViews() {}

    /**
     * The work on a pair.
     *
     * @param startedAt when it was begun; left out before that, and then the steps are what they would be
     * @param heelWhen when the heel is knitted
     * @param planChanged whether the pair's plan was changed since it was begun
     * @param steps the steps of one sock, in their order
     * @param starts the position at which each step begins
     * @param presses all presses of one sock
     * @param half loops on each of two needles, in the tube
     * @param socks the two socks
     */
    public record LapView(
            UUID pairId,
            String name,
            @Nullable Instant startedAt,
            HeelWhen heelWhen,
            boolean planChanged,
            List<LapStepView> steps,
            List<Integer> starts,
            int presses,
            int half,
            List<LapSockView> socks) {}

    /**
     * A step.
     *
     * @param paced whether its presses are rounds
     * @param before live loops before it
     * @param words what each press is done for; one where all are alike
     * @param loops live loops after each press; one where they stay
     * @param number presses of it
     * @param expected loops that each of two needles must hold, where they are counted
     * @param forGood whether it cannot be undone
     * @param cautions what to be careful of
     */
    public record LapStepView(
            String id,
            Doing doing,
            boolean paced,
            String title,
            String instruction,
            int before,
            List<String> words,
            List<Integer> loops,
            int number,
            @Nullable Integer expected,
            boolean forGood,
            List<LapCautionView> cautions) {
        static LapStepView of(LapStep step, List<Caution> cautions) {
            return new LapStepView(
                    step.id(),
                    step.doing(),
                    step.doing().paced(),
                    step.title(),
                    step.instruction(),
                    step.before(),
                    shortened(step.presses().stream().map(LapStep.Press::words).toList()),
                    shortened(step.presses().stream().map(LapStep.Press::loops).toList()),
                    step.presses().size(),
                    step.expected().isPresent() ? step.expected().getAsInt() : null,
                    step.forGood(),
                    cautions.stream()
                            .filter(caution -> step.stage()
                                    .filter(caution.stages()::contains)
                                    .isPresent())
                            .map(caution -> new LapCautionView(caution.title(), caution.text()))
                            .toList());
        }

        private static <T> List<T> shortened(List<T> all) {
            return all.stream().distinct().count() == 1 ? all.subList(0, 1) : all;
        }
    }

    /** Something to be careful of. */
    public record LapCautionView(String title, String text) {}

    /**
     * One sock of the pair.
     *
     * @param position presses done
     * @param trail positions that undoing leads back to, the nearest last
     * @param devices how many devices have counted on it
     * @param roundsPerHour pace, where enough rounds tell
     * @param lastAt when it was last pressed
     */
    public record LapSockView(
            int sock,
            int position,
            List<Integer> trail,
            int devices,
            @Nullable Double roundsPerHour,
            @Nullable Instant lastAt) {}

    /**
     * What became of a press.
     *
     * @param counted whether it counts now, by this sending or an earlier one
     * @param words why it does not, where it does not
     */
    public record HeardView(
            UUID id, boolean counted, @Nullable String words) {}

    /** What became of what was sent, and where that leaves both socks. */
    public record HeardAllView(List<HeardView> heard, List<LapSockView> socks) {}

    /**
     * The little that a basket shows of the work.
     *
     * @param presses all presses of one sock
     * @param positions presses done of each
     * @param sock which sock is next
     * @param knitted how much of each section of that sock is knitted, from 0 to 1
     * @param next the next thing to do, in words
     */
    public record LapGistView(
            UUID pairId, int presses, List<Integer> positions, int sock, List<KnittedView> knitted, String next) {}

    /** How much of a section is knitted, from 0 to 1. */
    public record KnittedView(Section section, double share) {}

    static List<LapStepView> steps(SockPlan plan, LapPlan lap) {
        List<Caution> cautions = Caution.of(plan);
        return lap.steps().stream().map(step -> LapStepView.of(step, cautions)).toList();
    }
}
