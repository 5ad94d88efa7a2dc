package roundpocket.core.finish;

import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * How a sock is finished. What is left empty is as usual.
 *
 * @param cuffRounds rounds of the cuff, 4 to 120; usually 15
 * @param rib the ribbing; usually 2×2
 * @param graftSetUp whether a set-up pair opens the graft; usually so
 * @param yarnAt the needle at which the yarn waits; usually the back one
 */
public record FinishChoice(
        OptionalInt cuffRounds, Optional<Rib> rib, Optional<Boolean> graftSetUp, Optional<Needle> yarnAt) {
    public static final int USUAL_CUFF_ROUNDS = 15;

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

    /** Rounds of the cuff. */
    public Step cuff() {
        return Given.choice(
                "rounds of the cuff",
                cuffRounds.orElse(USUAL_CUFF_ROUNDS),
                Unit.ROUNDS,
                cuffRounds.isEmpty(),
                "choices.finish.cuffRounds");
    }
}
