package roundpocket.core.wear;

import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.lap.PairWork;

/**
 * What a finished pair took.
 *
 * @param hours hours of knitting; empty where too little was pressed in its own time
 * @param plannedG grams that were planned for the pair when it was begun
 * @param used what was weighed on the way, beside what was planned for the same stitches; empty where nothing was weighed
 *     twice
 */
public record PairTook(OptionalDouble hours, double plannedG, Optional<PairWork.Used> used) {
    /** What a pair took. */
    public static PairTook of(PairWork work) {
        return new PairTook(work.hours(), work.begun().plan().yarn().pairGrams().value(), work.used());
    }

    /** Grams of the whole pair: what was planned, in the proportion in which the weighed part came out. */
    public OptionalDouble grams() {
        return used.filter(part -> part.plannedG() > 0)
                .map(part -> OptionalDouble.of(plannedG * part.weighedG() / part.plannedG()))
                .orElse(OptionalDouble.empty());
    }
}
