package roundpocket.core.plan;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;

/**
 * What the knitter decides. What is left empty takes the usual value.
 *
 * @param ease how much smaller than the foot, as a ratio from 0 to 0.25; usually 0.10
 * @param stitches stitches in the tube, a multiple of four from 16 to 400; usually from the ease
 * @param legMm leg above the opening, cuff included, 20 to 600 mm; usually 125
 * @param heelPlainRounds plain rounds before the heel's first decrease, 0 to 30; usually 4
 * @param toePlainRounds plain rounds before the toe's first decrease, 0 to 30; usually 4
 * @param cuffRounds rounds of the cuff, 4 to 120; usually 15
 */
public record Choices(
        OptionalDouble ease,
        OptionalInt stitches,
        OptionalDouble legMm,
        OptionalInt heelPlainRounds,
        OptionalInt toePlainRounds,
        OptionalInt cuffRounds) {

    public static final double USUAL_EASE = 0.10;
    public static final double USUAL_LEG_MM = 125;
    public static final int USUAL_PLAIN_ROUNDS = 4;
    public static final int USUAL_CUFF_ROUNDS = 15;

    private static final Limit EASE = new Limit(
            "choices.ease.range",
            0,
            0.25,
            Unit.PERCENT,
            "{found} smaller than the foot is outside what holds and can be put on: {min} to {max}.",
            "10 to 20 % is usual.");
    private static final Limit LEG = new Limit(
            "choices.leg.range",
            20,
            600,
            Unit.MILLIMETRES,
            "A leg of {found} above the opening is outside what can be planned: {min} to {max}.",
            "Measure from where the heel opens to the top of the cuff.");
    private static final Limit HEEL = plainRounds("heel");
    private static final Limit TOE = plainRounds("toe");
    private static final Limit CUFF = new Limit(
            "choices.cuff.range",
            4,
            120,
            Unit.ROUNDS,
            "A cuff of {found} is outside what can be planned: {min} to {max}.",
            "14 to 20 rounds are usual.");

    private static Limit plainRounds(String name) {
        return new Limit(
                "choices." + name + "-plain.range",
                0,
                30,
                Unit.ROUNDS,
                "{found} plain before the " + name
                        + "'s first decrease is outside what can be planned: {min} to {max}.",
                "0, 1, 4 or 5 are usual.");
    }

    /** Every choice left at its usual value. */
    public static Choices usual() {
        return new Choices(
                OptionalDouble.empty(),
                OptionalInt.empty(),
                OptionalDouble.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty());
    }

    public Choices {
        Problems problems = new Problems();
        ease.ifPresent(value -> problems.checkRange("ease", value, EASE));
        legMm.ifPresent(value -> problems.checkRange("legMm", value, LEG));
        heelPlainRounds.ifPresent(value -> problems.checkRange("heelPlainRounds", value, HEEL));
        toePlainRounds.ifPresent(value -> problems.checkRange("toePlainRounds", value, TOE));
        cuffRounds.ifPresent(value -> problems.checkRange("cuffRounds", value, CUFF));
        stitches.ifPresent(value -> checkStitches(problems, value));
        problems.throwIfAny();
    }

    private static void checkStitches(Problems problems, int stitches) {
        if (stitches % 4 != 0 || stitches < StitchCount.FEWEST || stitches > StitchCount.MOST) {
            problems.add(new Problem(
                    "choices.stitches.fours",
                    "stitches",
                    "{found} cannot be divided as a sock needs: take a multiple of four from {min} to {max}.",
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

    Given easeStep() {
        return Given.choice(
                "smaller than the foot", ease.orElse(USUAL_EASE), Unit.PERCENT, ease.isEmpty(), "choices.ease");
    }

    Optional<Given> stitchesStep() {
        return stitches.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.choice(
                        "stitches in the tube", stitches.getAsInt(), Unit.STITCHES, false, "choices.stitches"));
    }

    Given legStep() {
        return Given.choice(
                "leg above the opening",
                legMm.orElse(USUAL_LEG_MM),
                Unit.MILLIMETRES,
                legMm.isEmpty(),
                "choices.legMm");
    }

    Given heelPlainStep() {
        return rounds("plain rounds at the heel", heelPlainRounds, USUAL_PLAIN_ROUNDS, "choices.heelPlainRounds");
    }

    Given toePlainStep() {
        return rounds("plain rounds at the toe", toePlainRounds, USUAL_PLAIN_ROUNDS, "choices.toePlainRounds");
    }

    Given cuffStep() {
        return rounds("rounds of the cuff", cuffRounds, USUAL_CUFF_ROUNDS, "choices.cuffRounds");
    }

    private static Given rounds(String label, OptionalInt chosen, int usual, String field) {
        return Given.choice(label, chosen.orElse(usual), Unit.ROUNDS, chosen.isEmpty(), field);
    }
}
