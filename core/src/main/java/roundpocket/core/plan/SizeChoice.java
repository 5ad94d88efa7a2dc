package roundpocket.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;

/**
 * How large the sock is to be. What is left empty is as usual.
 *
 * @param ease how much smaller than the foot, as a ratio from 0 to 0.25; usually 0.10
 * @param stitches stitches in the tube, a multiple of four from 16 to 400; usually from the ease
 * @param lengthEaseMm how much shorter than the foot, −20 to 40 mm, below 0 longer; usually 0
 */
public record SizeChoice(OptionalDouble ease, OptionalInt stitches, OptionalDouble lengthEaseMm) {
    public static final double USUAL_EASE = 0.10;

    private static final Limit EASE = new Limit(
            "choices.ease.range",
            0,
            0.25,
            Unit.PERCENT,
            "The sock can be smaller than the foot by {min} to {max} (you entered {found}).",
            "10 to 20 % is usual.");
    private static final Limit LENGTH_EASE = new Limit(
            "choices.length-ease.range",
            -20,
            40,
            Unit.MILLIMETRES,
            "The sock can be shorter than the foot by {min} to {max} (you entered {found}).",
            "0 is usual; half a centimetre suits a yarn that gives.");

    /** The ease that a plan takes, from 0 to 0.25. */
    public static Limit easeLimit() {
        return EASE;
    }

    /** How much shorter than the foot a plan can be, in millimetres; below 0 it is longer. */
    public static Limit lengthEaseLimit() {
        return LENGTH_EASE;
    }

    public SizeChoice {
        Problems problems = new Problems();
        ease.ifPresent(value -> problems.checkRange("ease", value, EASE));
        lengthEaseMm.ifPresent(value -> problems.checkRange("lengthEaseMm", value, LENGTH_EASE));
        stitches.ifPresent(value -> checkStitches(problems, value));
        problems.throwIfAny();
    }

    private static void checkStitches(Problems problems, int stitches) {
        if (stitches % 4 != 0 || stitches < StitchCount.FEWEST || stitches > StitchCount.MOST) {
            problems.add(new Problem(
                    "choices.stitches.fours",
                    "stitches",
                    "The tube needs a multiple of 4, {min} to {max} (you entered {found}).",
                    "The nearest is {near}.",
                    Map.of(
                            "found", Amount.stitches(stitches),
                            "min", Amount.stitches(StitchCount.FEWEST),
                            "max", Amount.stitches(StitchCount.MOST),
                            "near", Amount.stitches(nearest(stitches)))));
        }
    }

    private static int nearest(int stitches) {
        int four = 4 * Math.floorDiv(Math.max(stitches, 0) + 1, 4);
        return Math.min(StitchCount.MOST, Math.max(StitchCount.FEWEST, four));
    }

    /** Everything as usual. */
    public static SizeChoice usual() {
        return new SizeChoice(OptionalDouble.empty(), OptionalInt.empty(), OptionalDouble.empty());
    }

    /** The usual ease, as a value to reckon with. */
    public static Step usualEase() {
        return usual().easeStep();
    }

    public static SizeChoice ofEase(double ease) {
        return new SizeChoice(OptionalDouble.of(ease), OptionalInt.empty(), OptionalDouble.empty());
    }

    public static SizeChoice ofStitches(int stitches) {
        return new SizeChoice(OptionalDouble.empty(), OptionalInt.of(stitches), OptionalDouble.empty());
    }

    Step easeStep() {
        return Given.choice(
                "smaller than the foot", ease.orElse(USUAL_EASE), Unit.PERCENT, ease.isEmpty(), "choices.size.ease");
    }

    Optional<Given> stitchesStep() {
        return stitches.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.choice(
                        "stitches in the tube", stitches.getAsInt(), Unit.STITCHES, false, "choices.size.stitches"));
    }

    Step lengthEaseStep() {
        return Given.choice(
                "shorter than the foot",
                lengthEaseMm.orElse(0),
                Unit.MILLIMETRES,
                lengthEaseMm.isEmpty(),
                "choices.size.lengthEaseMm");
    }
}
