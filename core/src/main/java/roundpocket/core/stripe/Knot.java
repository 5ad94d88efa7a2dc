package roundpocket.core.stripe;

import java.util.OptionalDouble;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;

/**
 * A knot in the yarn: there the order of the bands breaks.
 *
 * @param atM metres from the outer end, 0 to 10 000
 * @param goesOnM the place in the repeat at which the yarn goes on behind it, where that is known, in metres from the start
 *     of the first band
 */
public record Knot(double atM, OptionalDouble goesOnM) {
    private static final Limit AT = new Limit(
            "knot.range",
            0,
            10_000,
            Unit.METRES,
            "A knot must be {min} to {max} from the outer end (you entered {found}).",
            "Measure to it, or guess.");
    private static final Limit GOES_ON = new Limit(
            "knot.goes-on.range",
            0,
            40_000,
            Unit.METRES,
            "Behind a knot the yarn goes on {min} to {max} into the repeat (you entered {found}).",
            "Count from the start of the first band.");

    public Knot {
        Problems problems = new Problems();
        problems.checkRange("atM", atM, AT);
        goesOnM.ifPresent(place -> problems.checkRange("goesOnM", place, GOES_ON));
        problems.throwIfAny();
    }
}
