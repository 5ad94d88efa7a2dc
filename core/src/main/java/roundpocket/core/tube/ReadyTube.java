package roundpocket.core.tube;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;

/**
 * A tube that is there already.
 *
 * @param stitches its stitches, an even number from 16 to 400
 * @param rounds its rounds, 20 to 5000, where they were counted
 * @param lengthMm its length, 50 to 20 000 mm, where it was measured instead
 * @param cut how it is cut for the pair; usually to length
 * @param spareRounds rounds cut beyond where needed, 1 to 3, so that the tail can be woven in; usually 2
 */
public record ReadyTube(
        int stitches, OptionalInt rounds, OptionalDouble lengthMm, Optional<Cut> cut, OptionalInt spareRounds) {
    static final int USUAL_SPARE_ROUNDS = 2;
    private static final Limit STITCHES = new Limit(
            "tube.ready.stitches",
            StitchCount.FEWEST,
            StitchCount.MOST,
            Unit.STITCHES,
            "A tube of {found} is outside what a sock can be made from: {min} to {max}.",
            "Count once round the tube.");
    private static final Limit ROUNDS = new Limit(
            "tube.ready.rounds",
            20,
            5000,
            Unit.ROUNDS,
            "A tube of {found} is outside what can be cut: {min} to {max}.",
            "Count along one column of stitches, or give its length instead.");
    private static final Limit LENGTH = new Limit(
            "tube.ready.length",
            50,
            20_000,
            Unit.MILLIMETRES,
            "A tube of {found} is outside what can be cut: {min} to {max}.",
            "Lay it flat, unstretched, along the tape.");
    private static final Limit SPARE = new Limit(
            "tube.ready.spare",
            1,
            3,
            Unit.ROUNDS,
            "{found} beyond the cut are outside what is usual: {min} to {max}.",
            "Two give enough tail to weave in.");

    public ReadyTube {
        Problems problems = new Problems();
        problems.checkRange("stitches", stitches, STITCHES);
        rounds.ifPresent(counted -> problems.checkRange("rounds", counted, ROUNDS));
        lengthMm.ifPresent(length -> problems.checkRange("lengthMm", length, LENGTH));
        spareRounds.ifPresent(spare -> problems.checkRange("spareRounds", spare, SPARE));
        if (stitches % 2 != 0) {
            problems.add(new Problem(
                    "tube.ready.odd",
                    "stitches",
                    "A tube of {found} has no two halves.",
                    "Count once more; if it is odd, decrease one in the first round of the cuff and plan with that.",
                    Map.of("found", Amount.stitches(stitches))));
        }
        if (rounds.isPresent() == lengthMm.isPresent()) {
            problems.add(new Problem(
                    "tube.ready.size",
                    "rounds",
                    "How long the tube is must be given once, in rounds or as a length.",
                    "Rounds are surer.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    public Cut cutTaken() {
        return cut.orElse(Cut.TO_LENGTH);
    }
}
