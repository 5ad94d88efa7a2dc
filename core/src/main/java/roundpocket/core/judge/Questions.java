package roundpocket.core.judge;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.sock.StitchCount;

/**
 * Questions that go the other way: from a wish or a finished sock to what gives it.
 *
 * @param wantedEase how much smaller than the foot the sock shall be, as a ratio from 0 to 0.25
 * @param atHandG grams of the main yarn that a pair is to be made of, 1 to 5000 g
 * @param wantedStretch how far the heel may stretch, as a ratio from 0 to 1
 * @param finished a finished sock, or a tube, of which one asks what foot it fits
 * @param sock which of two unlike socks is asked about, 1 or 2; usually the first
 */
public record Questions(
        OptionalDouble wantedEase,
        OptionalDouble atHandG,
        OptionalDouble wantedStretch,
        Optional<Finished> finished,
        OptionalInt sock) {
    /** No question. */
    public static final Questions NONE =
            new Questions(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), Optional.empty());

    private static final Limit AT_HAND = new Limit(
            "questions.at-hand.range",
            1,
            5000,
            Unit.GRAMS,
            "Yarn must be {min} to {max} (you entered {found}).",
            "Weigh the cakes without the bowl.");
    private static final Limit STRETCH = new Limit(
            "questions.stretch.range",
            0,
            1,
            Unit.PERCENT,
            "Stretch must be {min} to {max} (you entered {found}).",
            "15 to 20 % is comfortable.");

    private static final Limit SOCK = new Limit(
            "questions.sock.range",
            1,
            2,
            Unit.NUMBER,
            "A pair has sock {min} and sock {max} (you entered {found}).",
            "Ask for one of them.");

    /** Of the first sock. */
    public Questions(
            OptionalDouble wantedEase,
            OptionalDouble atHandG,
            OptionalDouble wantedStretch,
            Optional<Finished> finished) {
        this(wantedEase, atHandG, wantedStretch, finished, OptionalInt.empty());
    }

    public Questions {
        Problems problems = new Problems();
        wantedEase.ifPresent(ease -> problems.checkRange("wantedEase", ease, SizeChoice.easeLimit()));
        atHandG.ifPresent(grams -> problems.checkRange("atHandG", grams, AT_HAND));
        wantedStretch.ifPresent(stretch -> problems.checkRange("wantedStretch", stretch, STRETCH));
        sock.ifPresent(number -> problems.checkRange("sock", number, SOCK));
        problems.throwIfAny();
    }

    /** The sock that is asked about. */
    public int sockAsked() {
        return sock.orElse(1);
    }

    /**
     * A finished sock.
     *
     * @param stitches stitches round it, 16 to 400
     * @param openingRound rounds from the tip of the toe to the opening, 1 to 1000
     * @param heelRounds rounds of the heel, 0 to 200
     * @param legRounds rounds above the heel line, cuff included, 0 to 2000
     */
    public record Finished(int stitches, int openingRound, int heelRounds, int legRounds) {
        public Finished {
            Problems problems = new Problems();
            problems.checkRange(
                    "stitches",
                    stitches,
                    counted(Unit.STITCHES, StitchCount.FEWEST, StitchCount.MOST, "around the sock"));
            problems.checkRange(
                    "openingRound", openingRound, counted(Unit.ROUNDS, 1, 1000, "from the toe tip to the heel"));
            problems.checkRange("heelRounds", heelRounds, counted(Unit.ROUNDS, 0, 200, "of the heel"));
            problems.checkRange("legRounds", legRounds, counted(Unit.ROUNDS, 0, 2000, "above the heel"));
            problems.throwIfAny();
        }

        private static Limit counted(Unit unit, int min, int max, String what) {
            return new Limit(
                    "questions.finished.range",
                    min,
                    max,
                    unit,
                    "There must be {min} to {max} " + what + " (you entered {found}).",
                    "Count again along one column of stitches.");
        }
    }
}
