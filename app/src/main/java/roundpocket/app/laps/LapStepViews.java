package roundpocket.app.laps;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import roundpocket.core.judge.Caution;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.Sharing;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.rescue.Mishap;
import roundpocket.core.rescue.Rescue;
import roundpocket.core.work.Edge;
import roundpocket.core.work.Glance;
import roundpocket.core.work.Picture;
import roundpocket.core.work.Work;

/** The steps of a sock as they are handed out. */
public final class LapStepViews {
    private LapStepViews() {}

    /**
     * A step.
     *
     * @param paced whether its presses are rounds
     * @param before live loops before it
     * @param words what each press is done for; the last stands for all that come after it
     * @param loops live loops after each press; the last stands for all that come after it
     * @param pattern which round of the pattern each press is, 0 where it is plain; empty where all are
     * @param number presses of it
     * @param stitchEnds of a graft after how many presses its set-up is done and each of its stitches; else empty
     * @param moves of a graft what each press does; else empty
     * @param picture what is drawn of it; left out where words do
     * @param expected loops that each of two needles must hold, where they are counted
     * @param forGood whether it cannot be undone
     * @param sharing how it is done where both socks are on the needles together
     * @param mishaps what can go wrong in it, the likeliest first
     * @param cautions what to be careful of
     * @param needles what is to be seen on the needles before each press; the last stands for all that come after it
     */
    public record LapStepView(
            String id,
            Doing doing,
            boolean paced,
            String title,
            String instruction,
            Map<String, Amount> amounts,
            int before,
            List<String> words,
            List<Integer> loops,
            List<Integer> pattern,
            int number,
            List<Integer> stitchEnds,
            List<GraftMoveView> moves,
            @Nullable Picture picture,
            @Nullable Integer expected,
            boolean forGood,
            Sharing sharing,
            List<Mishap> mishaps,
            List<LapCautionView> cautions,
            List<NeedlesView> needles) {
        static List<LapStepView> of(LapPlan lap, SockPlan plan, List<Caution> cautions) {
            List<List<Work>> before = lap.before();
            return IntStream.range(0, before.size())
                    .mapToObj(i -> of(lap.steps().get(i), before.get(i), plan, cautions))
                    .toList();
        }

        private static LapStepView of(LapStep step, List<Work> before, SockPlan plan, List<Caution> cautions) {
            return new LapStepView(
                    step.id(),
                    step.doing(),
                    step.doing().paced(),
                    step.title(),
                    step.template(),
                    step.amounts(),
                    step.before(),
                    shortened(
                            step.presses().stream().map(LapStep.Press::template).toList()),
                    shortened(step.presses().stream().map(LapStep.Press::loops).toList()),
                    step.presses().stream().allMatch(press -> press.pattern() == 0)
                            ? List.of()
                            : step.presses().stream()
                                    .map(LapStep.Press::pattern)
                                    .toList(),
                    step.presses().size(),
                    step.stitchEnds(),
                    GraftMoveView.of(step.moves()),
                    step.picture(before.get(0)).orElse(null),
                    step.expected().isPresent() ? step.expected().getAsInt() : null,
                    step.forGood(),
                    step.sharing(),
                    Rescue.in(step, plan),
                    cautions.stream()
                            .filter(caution -> step.stage()
                                    .filter(stage -> caution.belongsTo(stage, step.cuts()))
                                    .isPresent())
                            .map(caution -> new LapCautionView(caution.title(), caution.description()))
                            .toList(),
                    needles(step, before));
        }

        /** Of a graft only what it begins with: while it is sewn, its moves tell. */
        private static List<NeedlesView> needles(LapStep step, List<Work> before) {
            List<Work> drawn = step.doing() == Doing.GRAFT ? before.subList(0, 1) : before;
            return shortened(drawn.stream().map(NeedlesView::of).toList());
        }

        private static <T> List<T> shortened(List<T> all) {
            T last = all.get(all.size() - 1);
            int kept = all.size();
            while (kept > 1 && all.get(kept - 2).equals(last)) {
                kept--;
            }
            return all.subList(0, kept);
        }
    }

    /**
     * The needles, threads and yarns at a moment.
     *
     * @param groups the live loops on needles, in the order in which a round comes to them
     * @param waiting the live loops that wait
     * @param yarns the yarns that hang from them
     * @param line the heel line; left out before it is in
     * @param closed what is closed for good
     * @param words the same in words, a sentence each
     */
    public record NeedlesView(
            List<Glance.Group> groups,
            List<Glance.Waiting> waiting,
            List<Glance.HangsAt> yarns,
            Glance.@Nullable HeelLine line,
            List<Edge> closed,
            List<String> words) {
        static NeedlesView of(Work work) {
            Glance glance = Glance.of(work);
            return new NeedlesView(
                    glance.groups(),
                    glance.waiting(),
                    glance.yarns(),
                    glance.line().orElse(null),
                    glance.closed(),
                    glance.words());
        }
    }

    /** Something to be careful of. */
    public record LapCautionView(String title, String text) {}
}
