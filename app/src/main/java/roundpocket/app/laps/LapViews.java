package roundpocket.app.laps;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapStepViews.LapStepView;
import roundpocket.app.plans.FigureView;
import roundpocket.app.plans.Workings;
import roundpocket.app.plans.WorkingsView;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Caution;
import roundpocket.core.lap.CakeCheck;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.Difference;
import roundpocket.core.lap.Outing;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.SockWork;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.Enough;

/** The work on a pair as it is handed out. */
public final class LapViews {
    private LapViews() {}

    /**
     * The work on a pair.
     *
     * @param startedAt when it was begun; left out before that, and then the steps are what they would be
     * @param heelWhen when the heel is knitted
     * @param order in which order the two socks are knitted
     * @param orders the orders there are, each with why it cannot be taken now
     * @param heelChoices when it can be knitted
     * @param planChanged whether the pair's plan was changed since it was begun, and not taken over
     * @param earlierRules whether it was begun by an earlier Round Pocket, whose steps may have been others
     * @param contrast whether there is a contrast yarn to weigh
     * @param mainName what the main yarn is called, where it is on the shelf
     * @param contrastName what the contrast yarn is called, likewise
     * @param works what each of the two socks is knitted by
     * @param half loops on each of two needles, in the tube
     * @param socks how far the two socks are
     * @param pressed for which socks the last presses were, 0 for both, the latest last
     * @param weighings what was weighed, the earliest first
     * @param cakes what the latest weighing of each yarn says, the latest first
     * @param windOff what to wind off before the second sock; left out where nothing is
     * @param notes what was noted, the earliest first
     * @param revision grows with everything that is no press
     */
    public record LapView(
            UUID pairId,
            String name,
            @Nullable Instant startedAt,
            HeelWhen heelWhen,
            List<HeelChoiceView> heelChoices,
            KnitOrder order,
            List<OrderView> orders,
            boolean planChanged,
            boolean earlierRules,
            boolean contrast,
            @Nullable String mainName,
            @Nullable String contrastName,
            List<LapWorkView> works,
            int half,
            List<LapSockView> socks,
            List<Integer> pressed,
            List<WeighedView> weighings,
            List<CakeView> cakes,
            @Nullable Sentence windOff,
            List<LapNoteView> notes,
            int revision) {}

    /** A time at which the heel can be knitted. */
    public record HeelChoiceView(HeelWhen when, String title, String description) {
        static List<HeelChoiceView> of(SockPlan plan) {
            return Arrays.stream(HeelWhen.values())
                    .filter(when -> when.goesWith(plan.tube().way()))
                    .map(when -> new HeelChoiceView(when, when.title(), when.description()))
                    .toList();
        }
    }

    /**
     * What one sock is knitted by.
     *
     * @param steps its steps, in their order
     * @param starts the position at which each step begins
     * @param presses all presses of it
     * @param differences what is otherwise than when the pair was begun
     * @param stretches foot, leg and cuff, as they may be made longer or shorter
     * @param measureAt presses after which the tube is to be measured; left out where it was
     * @param colours its colours; left out where the yarn has one only
     * @param pattern its pattern; left out where it is plain
     */
    public record LapWorkView(
            List<LapStepView> steps,
            List<Integer> starts,
            int presses,
            List<DifferenceView> differences,
            List<StretchView> stretches,
            @Nullable Integer measureAt,
            @Nullable LapColoursView colours,
            @Nullable LapPatternView pattern) {
        static LapWorkView of(PairWork pair, int number) {
            SockWork sock = pair.sock(number);
            Course begun = pair.begun().forSock(number);
            Course course = sock.course();
            List<Caution> cautions = Caution.of(course.plan());
            return new LapWorkView(
                    LapStepView.of(course.lap(), course.plan(), cautions),
                    course.lap().starts(),
                    course.lap().presses(),
                    DifferenceView.between(begun.plan(), course.plan()),
                    course.lap().progress(sock.position()).entrySet().stream()
                            .filter(entry -> Course.mayChange(course.plan(), entry.getKey()))
                            .map(entry -> new StretchView(
                                    entry.getKey(),
                                    entry.getKey().title(),
                                    entry.getValue().done(),
                                    entry.getValue().all()))
                            .toList(),
                    course.measureAt().isPresent() ? course.measureAt().getAsInt() : null,
                    pair.colours(number)
                            .map(colours -> LapColoursView.of(pair, number, colours))
                            .orElse(null),
                    course.plan().pattern().map(LapPatternView::of).orElse(null));
        }
    }

    /**
     * A section that may be made longer or shorter.
     *
     * @param done rounds of it that are done
     * @param all rounds it has
     */
    public record StretchView(Section section, String title, int done, int all) {}

    /** One figure that is otherwise now. Steps are not handed out with it: it is told in the plan. */
    public record DifferenceView(String label, Unit unit, double before, double after) {
        public static List<DifferenceView> between(SockPlan one, SockPlan other) {
            return Difference.between(one, other).stream()
                    .map(each -> new DifferenceView(
                            each.label(),
                            each.before().unit(),
                            each.before().value(),
                            each.after().value()))
                    .toList();
        }
    }

    /**
     * What something would change, before it is taken in.
     *
     * @param differences what would be otherwise, old and new
     * @param otherFollows whether the other sock would be knitted so too
     * @param words what it means for the round that is on the needles
     */
    public record TriedView(List<DifferenceView> differences, boolean otherFollows, String words) {}

    /** A weighing. */
    public record WeighedView(
            UUID id, int sock, YarnRole role, double grams, boolean shared, boolean fresh, Instant at) {}

    /** A note. */
    public record LapNoteView(UUID id, int sock, Instant at, String words) {}

    /**
     * What the latest weighing of a yarn says of the rest.
     *
     * @param role which yarn
     * @param sock which sock is knitted from it; 0 where both are
     * @param words what to do
     * @param enough whether the cake will do
     * @param figures the figures behind it, each with its label
     * @param stopAt rounds of leg after which to stop, where that is sooner than planned
     * @param workings how they came about
     */
    public record CakeView(
            YarnRole role,
            int sock,
            String words,
            Enough enough,
            List<LabelledView> figures,
            @Nullable Integer stopAt,
            WorkingsView workings) {
        static CakeView of(CakeCheck check) {
            Map<String, Step> labelled = new LinkedHashMap<>();
            labelled.put("Yarn by now", check.cake());
            labelled.put("Still to knit", check.needed());
            labelled.put(check.left().value() < 0 ? "Short at the end" : "Left over at the end", check.left());
            check.leg().ifPresent(leg -> {
                Step stop = leg.stopWeight();
                labelled.put(Sentence.capital(stop.label()).replace("the yarn weighs", "it weighs"), stop);
                if (leg.allowed().value() >= 0) {
                    labelled.put("Leg you have yarn for", leg.allowed());
                }
            });
            Workings workings = new Workings();
            List<LabelledView> figures = new ArrayList<>();
            labelled.forEach((label, step) -> figures.add(
                    new LabelledView(label, workings.figure("/figures/" + figures.size() + "/figure", step))));
            Integer stopAt = check.leg()
                    .filter(leg -> leg.sooner() && leg.allowed().value() >= 0)
                    .map(CakeCheck.Leg::total)
                    .orElse(null);
            return new CakeView(
                    check.role(), check.sock(), check.words(), check.enough(), figures, stopAt, workings.view());
        }
    }

    /**
     * An order in which the two socks can be knitted.
     *
     * @param notNow why it cannot be taken; empty where it can
     */
    public record OrderView(KnitOrder order, String title, String description, String notNow) {
        static List<OrderView> of(SockPlan plan) {
            return Arrays.stream(KnitOrder.values())
                    .map(order -> new OrderView(
                            order,
                            order.title(),
                            order.description(),
                            order.notNow(plan.tube().way() == Way.READY_TUBE)))
                    .toList();
        }
    }

    /** A figure with its label. */
    public record LabelledView(String label, FigureView figure) {}

    /**
     * One sock of the pair.
     *
     * @param position presses done
     * @param trail positions that undoing leads back to, the nearest last
     * @param devices how many devices counted on it within an hour of the last press
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
     * @param said why it does not, where it does not
     */
    public record HeardView(UUID id, boolean counted, List<Sentence> said) {}

    /**
     * What became of what was sent, and where that leaves both socks.
     *
     * @param pressed for which socks the last presses were, 0 for both, the latest last
     * @param revision as in the work on the pair: where it has grown, more than the count is new
     */
    public record HeardAllView(List<HeardView> heard, List<LapSockView> socks, List<Integer> pressed, int revision) {}

    /**
     * The little that a basket shows of the work.
     *
     * @param presses all presses of each sock
     * @param positions presses done of each
     * @param sock which sock is next
     * @param knitted how much of each section of that sock is knitted, from 0 to 1
     * @param next the next thing to do, in words
     * @param outings what gets done in a given time, and what to take along
     * @param finished whether both socks are done
     * @param lastAt when one of them was pressed last
     */
    public record LapGistView(
            UUID pairId,
            List<Integer> presses,
            List<Integer> positions,
            int sock,
            List<KnittedView> knitted,
            String next,
            List<Outing> outings,
            boolean finished,
            @Nullable Instant lastAt) {}

    /** How much of a section is knitted, from 0 to 1. */
    public record KnittedView(Section section, double share) {}
}
