package roundpocket.core.yarn;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * The yarn was weighed before and after a stretch of knitting.
 *
 * @param stitches stitches worked in between, 1 to 200 000; or empty
 * @param rounds full rounds of the tube worked in between, 1 to 2000; or empty
 * @param usedG grams gone, 0.1 to 1000 g
 * @param uncertaintyG standard uncertainty of that difference, 0.001 to 50 g; that of a whole-gram scale where nobody said
 * @param contrast whether it was the second yarn that was weighed
 */
public record WeighIn(
        OptionalDouble stitches, OptionalInt rounds, double usedG, OptionalDouble uncertaintyG, boolean contrast) {
    private static final Limit STITCHES = new Limit(
            "yarn.weigh-in.stitches",
            1,
            200_000,
            Unit.STITCHES,
            "Between two weighings you must have knitted {min} to {max} (you entered {found}).",
            "Give the rounds that were knitted in between.");
    private static final Limit ROUNDS = new Limit(
            "yarn.weigh-in.rounds",
            1,
            2000,
            Unit.ROUNDS,
            "Between two weighings you must have knitted {min} to {max} (you entered {found}).",
            "Count the full rounds that were knitted in between.");
    private static final Limit USED = new Limit(
            "yarn.weigh-in.used",
            0.1,
            1000,
            Unit.GRAMS,
            "Yarn used between two weighings must be {min} to {max} (you entered {found}).",
            "Weigh the yarn before and after, without the bowl.");
    private static final Limit UNCERTAINTY = new Limit(
            "yarn.weigh-in.uncertainty",
            0.001,
            50,
            Unit.GRAMS,
            "A scale can be off by {min} to {max} (you entered {found}).",
            "A scale that shows whole grams is unsure by 0.41 g in a difference.");

    public WeighIn {
        Problems problems = new Problems();
        stitches.ifPresent(worked -> problems.checkRange("stitches", worked, STITCHES));
        rounds.ifPresent(worked -> problems.checkRange("rounds", worked, ROUNDS));
        if (stitches.isPresent() == rounds.isPresent()) {
            problems.add(new Problem(
                    "yarn.weigh-in.between",
                    "rounds",
                    "What was knitted between two weighings must be given once, in rounds or in stitches.",
                    "Full rounds of the tube are the easiest.",
                    Map.of()));
        }
        problems.checkRange("usedG", usedG, USED);
        uncertaintyG.ifPresent(u -> problems.checkRange("uncertaintyG", u, UNCERTAINTY));
        problems.throwIfAny();
    }

    /** So many stitches, on a scale that shows whole grams. */
    public static WeighIn ofStitches(double stitches, double usedG) {
        return ofStitches(stitches, usedG, false);
    }

    /** So many stitches of either yarn, on a scale that shows whole grams. */
    public static WeighIn ofStitches(double stitches, double usedG, boolean contrast) {
        return new WeighIn(OptionalDouble.of(stitches), OptionalInt.empty(), usedG, OptionalDouble.empty(), contrast);
    }

    /** So many rounds of the tube, on a scale that shows whole grams. */
    public static WeighIn ofRounds(int rounds, double usedG) {
        return new WeighIn(OptionalDouble.empty(), OptionalInt.of(rounds), usedG, OptionalDouble.empty(), false);
    }

    /**
     * What was found otherwise than by a scale of stitches of the main yarn; empty where it is less or more than can be
     * weighed, since it then says nothing of a sock.
     */
    public static Optional<WeighIn> ifBelievable(double stitches, double usedG, double uncertaintyG) {
        try {
            return Optional.of(new WeighIn(
                    OptionalDouble.of(stitches), OptionalInt.empty(), usedG, OptionalDouble.of(uncertaintyG), false));
        } catch (Refusal outside) {
            return Optional.empty();
        }
    }

    /** Standard uncertainty of a difference, in grams, on a scale that shows whole grams. */
    public static double unsureInWholeGrams() {
        return Calibration.WHOLE_GRAMS.value();
    }

    /** Standard uncertainty of the difference. */
    Step unsure(int number) {
        return uncertaintyG.isPresent()
                ? Given.measured(
                        "scale unsure by",
                        uncertaintyG.getAsDouble(),
                        Unit.GRAMS,
                        "weighIns[" + number + "].uncertaintyG")
                : Calibration.WHOLE_GRAMS.step();
    }

    Given used(int number) {
        return Given.measured("weighed", usedG, Unit.GRAMS, "weighIns[" + number + "].usedG");
    }

    /** Stitches worked in between; {@code round} are those of one round of the tube. */
    Step worked(int number, Step round) {
        String at = "weighIns[" + number + "]";
        return rounds.isPresent()
                ? Computed.of(
                        "stitches knitted between the weighings",
                        Unit.STITCHES,
                        YarnRules.STITCHES_IN_ROUNDS.of(
                                Given.measured(
                                        "rounds knitted between the weighings",
                                        rounds.getAsInt(),
                                        Unit.ROUNDS,
                                        at + ".rounds"),
                                round))
                : Given.measured(
                        "stitches knitted between the weighings",
                        stitches.orElseThrow(),
                        Unit.STITCHES,
                        at + ".stitches");
    }
}
