package roundpocket.core.swatch;

import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;

/**
 * A second reading of the round gauge, on the tube itself once some of it is knitted. It takes the place of the
 * swatch's, since it is the fabric that the sock is made of.
 *
 * @param rounds rounds counted
 * @param spanMm length they were counted over
 * @param roundsDone rounds of the tube that are knitted already, 1 to 2000
 */
public record TubeReading(double rounds, double spanMm, int roundsDone) {
    private static final Limit DONE = new Limit(
            "swatch.rounds-done.range",
            1,
            2000,
            Unit.ROUNDS,
            "Knitted so far must be {min} to {max} (you entered {found}).",
            "Count the rounds from the start of the tube, by the markers.");

    public TubeReading {
        double gauge = new Reading(rounds, spanMm).count() / spanMm * 100;
        Problems problems = new Problems();
        problems.checkRange("roundsDone", roundsDone, DONE);
        problems.checkRange("rounds", gauge, Swatch.ROUND_GAUGE);
        problems.throwIfAny();
    }
}
