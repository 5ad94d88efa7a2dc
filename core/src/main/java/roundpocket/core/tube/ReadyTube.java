package roundpocket.core.tube;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.yarn.YarnModel;

/**
 * A tube that is there already.
 *
 * @param stitches its stitches, an even number from 16 to 400
 * @param rounds its rounds, or those of each piece, 20 to 5000, where they were counted
 * @param lengthMm its length, 50 to 20 000 mm, where it was measured instead
 * @param massG its mass, 5 to 2000 g, where it was weighed instead
 * @param cut how it is cut for the pair; usually to length
 * @param spareRounds rounds more than needed at each cut rim, 1 to 3, so that the tail can be woven in; usually 2
 * @param ravel whether the yarn for heels, toes and cuffs is ravelled from the tube; usually it is from a cake
 */
public record ReadyTube(
        int stitches,
        OptionalInt rounds,
        OptionalDouble lengthMm,
        OptionalDouble massG,
        Optional<Cut> cut,
        OptionalInt spareRounds,
        Optional<Boolean> ravel) {
    static final int USUAL_SPARE_ROUNDS = 2;
    private static final Limit STITCHES = new Limit(
            "tube.ready.stitches",
            StitchCount.FEWEST,
            StitchCount.MOST,
            Unit.STITCHES,
            "The tube must have {min} to {max} around (you entered {found}).",
            "Count once around the tube.");
    private static final Limit ROUNDS = new Limit(
            "tube.ready.rounds",
            20,
            5000,
            Unit.ROUNDS,
            "The tube must have {min} to {max} (you entered {found}).",
            "Count along one column of stitches, or give its length instead.");
    private static final Limit LENGTH = new Limit(
            "tube.ready.length",
            50,
            20_000,
            Unit.MILLIMETRES,
            "The tube must be {min} to {max} long (you entered {found}).",
            "Lay it flat, unstretched, along the tape.");
    private static final Limit MASS = new Limit(
            "tube.ready.mass",
            5,
            2000,
            Unit.GRAMS,
            "The tube must weigh {min} to {max} (you entered {found}).",
            "Weigh it without bowl or bag.");
    private static final Limit SPARE = new Limit(
            "tube.ready.spare",
            1,
            3,
            Unit.ROUNDS,
            "Spare rounds at a cut must be {min} to {max} (you entered {found}).",
            "Two give enough tail to weave in.");

    public ReadyTube {
        Problems problems = new Problems();
        problems.checkRange("stitches", stitches, STITCHES);
        rounds.ifPresent(counted -> problems.checkRange("rounds", counted, ROUNDS));
        lengthMm.ifPresent(length -> problems.checkRange("lengthMm", length, LENGTH));
        massG.ifPresent(mass -> problems.checkRange("massG", mass, MASS));
        spareRounds.ifPresent(spare -> problems.checkRange("spareRounds", spare, SPARE));
        if (stitches % 2 != 0) {
            problems.add(new Problem(
                    "tube.ready.odd",
                    "stitches",
                    "A tube of {found} has no two halves.",
                    "Count once more; if it is odd, decrease one in the first round of the cuff and plan with that.",
                    Map.of("found", Amount.stitches(stitches))));
        }
        int sizes = (rounds.isPresent() ? 1 : 0) + (lengthMm.isPresent() ? 1 : 0) + (massG.isPresent() ? 1 : 0);
        if (sizes != 1) {
            problems.add(new Problem(
                    "tube.ready.size",
                    "rounds",
                    "How long the tube is must be given once: in rounds, as a length or as a weight.",
                    "Rounds are surer.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    /** A tube of so many rounds, cut as usual. */
    public static ReadyTube of(int stitches, int rounds) {
        return new ReadyTube(
                stitches,
                OptionalInt.of(rounds),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalInt.empty(),
                Optional.empty());
    }

    public ReadyTube with(Cut other) {
        return new ReadyTube(stitches, rounds, lengthMm, massG, Optional.of(other), spareRounds, ravel);
    }

    /** The same, the yarn for heels, toes and cuffs ravelled from it. */
    public ReadyTube ravelling() {
        return new ReadyTube(stitches, rounds, lengthMm, massG, cut, spareRounds, Optional.of(true));
    }

    /** Spare rounds at each cut rim. */
    public static Limit spareLimit() {
        return SPARE;
    }

    /** Whether the yarn for heels, toes and cuffs comes out of it. Pieces are not made shorter any more. */
    public boolean ravelled() {
        return ravel.orElse(false) && cutTaken() != Cut.PIECES;
    }

    public int spareTaken() {
        return spareRounds.orElse(USUAL_SPARE_ROUNDS);
    }

    public Cut cutTaken() {
        return cut.orElse(Cut.TO_LENGTH);
    }

    /** Its rounds: as counted, or as many whole ones as its length or its mass gives. */
    public Step roundsIn(Step tubeStitches, Gauge gauge, YarnModel yarn) {
        if (rounds.isPresent()) {
            return Given.measured(
                    "rounds of the ready tube", rounds.getAsInt(), Unit.ROUNDS, "choices.tube.readyTube.rounds");
        }
        Step exactly = lengthMm.isPresent()
                ? Computed.of(
                        "rounds of the ready tube, exactly",
                        Unit.ROUNDS,
                        TubeRules.ROUNDS_IN.of(
                                Given.measured(
                                        "length of the ready tube",
                                        lengthMm.getAsDouble(),
                                        Unit.MILLIMETRES,
                                        "choices.tube.readyTube.lengthMm"),
                                gauge.rounds()))
                : Computed.of(
                        "rounds of the ready tube, exactly",
                        Unit.ROUNDS,
                        TubeRules.FROM_MASS.of(
                                Given.measured(
                                        "mass of the ready tube",
                                        massG.orElseThrow(),
                                        Unit.GRAMS,
                                        "choices.tube.readyTube.massG"),
                                yarn.fineness(),
                                tubeStitches,
                                yarn.loopLength()));
        return Rounded.of("rounds of the ready tube", exactly, Rounding.DOWN, "a round that is cut through is lost");
    }
}
