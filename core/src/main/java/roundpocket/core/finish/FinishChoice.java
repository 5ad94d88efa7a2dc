package roundpocket.core.finish;

import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * How a sock is finished. What is left empty is as usual.
 *
 * @param cuffRounds rounds of the cuff, 4 to 120; usually 15, of a small sock fewer
 * @param rib the ribbing; usually 2×2
 * @param graftSetUp whether a set-up pair opens the graft; usually so
 * @param yarnAt the needle at which the yarn waits; usually the back one
 */
public record FinishChoice(
        OptionalInt cuffRounds, Optional<Rib> rib, Optional<Boolean> graftSetUp, Optional<Needle> yarnAt) {
    static final int USUAL_CUFF_ROUNDS = 15;

    private static final String LABEL = "rounds of the cuff";

    private static final Limit CUFF = new Limit(
            "choices.cuff.range",
            4,
            120,
            Unit.ROUNDS,
            "Cuff must be {min} to {max} (you entered {found}).",
            "14 to 20 rounds are usual.");

    public FinishChoice {
        Problems problems = new Problems();
        cuffRounds.ifPresent(value -> problems.checkRange("cuffRounds", value, CUFF));
        problems.throwIfAny();
    }

    /** Rounds of a cuff. */
    public static Limit cuffLimit() {
        return CUFF;
    }

    /** Everything as usual. */
    public static FinishChoice usual() {
        return new FinishChoice(OptionalInt.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public static FinishChoice cuff(int rounds) {
        return new FinishChoice(OptionalInt.of(rounds), Optional.empty(), Optional.empty(), Optional.empty());
    }

    public Rib ribTaken() {
        return rib.orElse(Rib.TWO_BY_TWO);
    }

    public boolean setUpTaken() {
        return graftSetUp.orElse(true);
    }

    public Needle yarnAtTaken() {
        return yarnAt.orElse(Needle.BACK);
    }

    /**
     * Rounds of the cuff: those chosen, else 15, but of a small sock fewer.
     *
     * @param foot length of the sock’s foot, in millimetres
     * @param gauge rounds over 10 cm
     */
    public Step cuff(Step foot, Step gauge) {
        Step small = Computed.of(
                "usual cuff of a small sock, exactly",
                Unit.ROUNDS,
                FinishRules.SHORT_CUFF.of(FinishRules.MOST_OF_FOOT.step(), foot, gauge));
        if (cuffRounds.isEmpty() && small.value() < USUAL_CUFF_ROUNDS) {
            return Rounded.of(LABEL, small, Rounding.NEAREST, "whole rounds only");
        }
        return Given.choice(
                LABEL,
                cuffRounds.orElse(USUAL_CUFF_ROUNDS),
                Unit.ROUNDS,
                cuffRounds.isEmpty(),
                "choices.finish.cuffRounds");
    }
}
