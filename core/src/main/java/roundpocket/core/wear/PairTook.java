package roundpocket.core.wear;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.lap.Course;
import roundpocket.core.lap.PairWork;
import roundpocket.core.lap.Used;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;

/**
 * What a pair on the needles took, and what it was knitted at.
 *
 * @param stitches stitches of its tube
 * @param legMm its leg above the heel line, as knitted
 * @param hours hours of knitting; empty where too little was pressed in its own time
 * @param plannedG grams that were planned for the pair when it was begun
 * @param used what was weighed on the way, beside what was planned for the same stitches; empty where nothing was weighed
 *     twice
 * @param knitted the swatch it was planned on, with what the tape said on the tube; empty of a ready tube
 * @param weighIns what was weighed of the main yarn on the way, as it is known of it for another pair
 */
public record PairTook(
        int stitches,
        double legMm,
        OptionalDouble hours,
        double plannedG,
        Optional<Used> used,
        Optional<Swatch> knitted,
        List<WeighIn> weighIns) {
    public PairTook {
        weighIns = List.copyOf(weighIns);
    }

    /** What a pair took. */
    public static PairTook of(PairWork work) {
        SockSpec begun = work.begun().spec();
        Course first = work.sock(1).course();
        SockPlan plan = first.plan();
        boolean ready = plan.tube().way() == Way.READY_TUBE;
        return new PairTook(
                plan.stitchCount().stitches().count(),
                plan.tube().wanted().legAbove().value(),
                work.hours(),
                work.begun().plan().yarn().pairGrams().value(),
                work.used(),
                ready ? Optional.empty() : Optional.of(first.spec().swatch()),
                first.spec().weighIns().stream()
                        .filter(each -> !each.contrast() && !begun.weighIns().contains(each))
                        .toList());
    }

    /** Whether it says anything of its yarn: it is done, or was measured or weighed on the way. */
    public boolean teaches(boolean finished) {
        return finished
                || !weighIns.isEmpty()
                || knitted.flatMap(Swatch::onTheTube).isPresent();
    }

    /** Grams of the whole pair: what was planned, in the proportion in which the weighed part came out. */
    public OptionalDouble grams() {
        return used.filter(part -> part.plannedG() > 0)
                .map(part -> OptionalDouble.of(plannedG * part.weighedG() / part.plannedG()))
                .orElse(OptionalDouble.empty());
    }
}
