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
            "Count over {min} to {max} (you entered {found}).",
            "10 cm or 4 in is usual.");

    public Reading {
        Problems problems = new Problems();
        problems.checkRange("spanMm", spanMm, SPAN);
        problems.throwIfAny();
    }

    /** The gauge that it comes to by itself. */
    public double per10cm() {
        return count / spanMm * 100;
    }
}
