package roundpocket.core.cut;

import java.util.OptionalDouble;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;

/**
 * A tube to be cut, counted in rounds from the end where the toes will be.
 *
 * @param rounds its rounds, 1 to 5000
 * @param spareRounds rounds more than needed at each cut rim, 0 to 3, where a wish does not say otherwise
 * @param repeatRounds rounds of one repeat of its stripes, 1 to 2000; empty where it has none
 * @param tolerance how many rounds the two socks of a pair may begin apart in the repeat, 0 to 10
 * @param toeEndHeld whether the live stitches of the toes' end are on a thread, so that no cut is needed there
 * @param cuffEndHeld the same at the other end
 * @param two whether there are two such tubes, alike, each of which gives one sock of every pair
 */
public record CutTube(
        int rounds,
        int spareRounds,
        OptionalDouble repeatRounds,
        double tolerance,
        boolean toeEndHeld,
        boolean cuffEndHeld,
        boolean two) {
    /** The rounds in which two socks of a pair may begin apart, usually. */
    public static final double USUAL_TOLERANCE = 1;

    private static final Limit ROUNDS = new Limit(
            "cut.tube.rounds",
            1,
            5000,
            Unit.ROUNDS,
            "The tube must have {min} to {max} (you entered {found}).",
            "Count along one column of stitches.");
    static final Limit SPARE = new Limit(
            "cut.tube.spare",
            0,
            3,
            Unit.ROUNDS,
            "Spare rounds at a cut must be {min} to {max} (you entered {found}).",
            "Two give enough tail to weave in.");
    private static final Limit REPEAT = new Limit(
            "cut.tube.repeat",
            1,
            2000,
            Unit.ROUNDS,
            "A repeat must take {min} to {max} (this one takes {found}).",
            "Count one whole repeat on the tube.");
    private static final Limit TOLERANCE = new Limit(
            "cut.tube.tolerance",
            0,
            10,
            Unit.ROUNDS,
            "Two socks of a pair may begin {min} to {max} apart (you entered {found}).",
            "One round is not seen.");

    public CutTube {
        Problems problems = new Problems();
        problems.checkRange("rounds", rounds, ROUNDS);
        problems.checkRange("spareRounds", spareRounds, SPARE);
        repeatRounds.ifPresent(repeat -> problems.checkRange("repeatRounds", repeat, REPEAT));
        problems.checkRange("tolerance", tolerance, TOLERANCE);
        problems.throwIfAny();
    }

    /** One tube without stripes, both ends on a thread. */
    public static CutTube plain(int rounds, int spareRounds) {
        return new CutTube(rounds, spareRounds, OptionalDouble.empty(), USUAL_TOLERANCE, true, true, false);
    }

    /** One striped tube, both ends on a thread. */
    public static CutTube striped(int rounds, int spareRounds, double repeatRounds) {
        return new CutTube(rounds, spareRounds, OptionalDouble.of(repeatRounds), USUAL_TOLERANCE, true, true, false);
    }

    /** The same and another like it. */
    public CutTube twice() {
        return new CutTube(rounds, spareRounds, repeatRounds, tolerance, toeEndHeld, cuffEndHeld, true);
    }

    /** Socks of one pair that come out of one tube. */
    int socks() {
        return two ? 1 : 2;
    }

    /** Whether what is unravelled comes off the toes' end: an end that is not on a thread is better unravelled than cut. */
    boolean ravelledAtToe() {
        return !toeEndHeld && cuffEndHeld;
    }

    Phase phase() {
        return repeatRounds.isPresent() && !two ? Phase.of(repeatRounds.getAsDouble(), tolerance) : Phase.ANY;
    }
}
