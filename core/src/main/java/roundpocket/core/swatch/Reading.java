package roundpocket.core.swatch;

import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;

/**
 * One count on a swatch. Half stitches count.
 *
 * @param count stitches or rounds counted, more than 0
 * @param spanMm length of tape counted over, 25 to 1000 mm
 */
public record Reading(double count, double spanMm) {
    private static final Limit SPAN = new Limit(
            "swatch.span.range",
            25,
            1000,
            Unit.MILLIMETRES,
            "A count over {found} says too little: count over {min} to {max}.",
            "Over 10 cm or 4 in the count is surest.");

    public Reading {
        Problems problems = new Problems();
        problems.checkRange("spanMm", spanMm, SPAN);
        problems.throwIfAny();
    }
}
