package roundpocket.core.opening;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * How the opening is made. What is left empty is as usual.
 *
 * @param way the way; usually one line of waste yarn
 * @param corners what is done at the corners; usually two stitches are left in where fabric is unpicked, and extra ones
 *     are picked up where waste yarn comes out
 * @param extraLoops loops picked up at each corner, 1, 2 or 4; only where they are picked up, and 2 where nobody said
 * @param keepFour whether four of the extra loops stay in the heel; usually all are decreased away
 */
public record OpeningChoice(
        Optional<OpeningWay> way, Optional<Corners> corners, OptionalInt extraLoops, Optional<Boolean> keepFour) {
    public static final int USUAL_EXTRA = 2;

    private static final Limit EXTRA = new Limit(
            "opening.extra.range",
            1,
            4,
            Unit.STITCHES,
            "Extra stitches at each corner must be 1, 2 or 4 (you entered {found}).",
            "2 close the corner in most yarns.");

    public OpeningChoice {
        Problems problems = new Problems();
        OpeningWay known = way.orElse(OpeningWay.WASTE_ONE_LINE);
        corners.filter(c -> way.isPresent() && !c.goesWith(known))
                .ifPresent(c -> problems.add(new Problem(
                        "opening.corners.waste",
                        "corners",
                        "Waste yarn comes out whole: stitches left in at the corners would stay in the sock.",
                        "Pick up extra stitches at the corners, or close them later with the tail.",
                        Map.of())));
        boolean picksUp = corners.orElse(Corners.usual(known)) == Corners.PICK_UP;
        extraLoops.ifPresent(loops -> {
            Map<String, Amount> amounts = Map.of("found", Amount.stitches(loops));
            if (loops == 3) {
                problems.add(new Problem(EXTRA.code(), "extraLoops", EXTRA.template(), EXTRA.remedy(), amounts));
            }
            problems.checkRange("extraLoops", loops, EXTRA);
            if (!picksUp) {
                problems.add(new Problem(
                        "opening.extra.unused",
                        "extraLoops",
                        "Extra stitches are given, but none are picked up at the corners.",
                        "Choose to pick up extra stitches, or leave their number out.",
                        amounts));
            }
        });
        boolean keeps = keepFour.orElse(false);
        if (keeps && (!picksUp || extraLoops.orElse(USUAL_EXTRA) == 1)) {
            problems.add(new Problem(
                    "opening.keep-four",
                    "keepFour",
                    "Four extra stitches cannot stay in the heel: fewer are picked up at the corners.",
                    "Pick up 2 or 4 at each corner, or decrease them all away.",
                    Map.of()));
        }
        problems.throwIfAny();
    }

    /** Extra stitches at each corner; three of them do not come out. */
    public static Limit extraLimit() {
        return EXTRA;
    }

    /** Everything as usual. */
    public static OpeningChoice usual() {
        return new OpeningChoice(Optional.empty(), Optional.empty(), OptionalInt.empty(), Optional.empty());
    }

    public static OpeningChoice of(OpeningWay way) {
        return new OpeningChoice(Optional.of(way), Optional.empty(), OptionalInt.empty(), Optional.empty());
    }

    /** Extra loops at each corner, decreased away again, or all but four of them. */
    public static OpeningChoice pickingUp(OpeningWay way, int extraLoops, boolean keepFour) {
        return new OpeningChoice(
                Optional.of(way), Optional.of(Corners.PICK_UP), OptionalInt.of(extraLoops), Optional.of(keepFour));
    }

    /** The same way with nothing picked up at the corners; the tail closes them later. */
    public OpeningChoice closingLater() {
        return new OpeningChoice(way, Optional.of(Corners.CLOSE_LATER), OptionalInt.empty(), Optional.empty());
    }

    /** The way that is taken; {@code ready} tubes can only be snipped. */
    public OpeningWay wayTaken(boolean ready) {
        return way.orElse(ready ? OpeningWay.SNIP : OpeningWay.WASTE_ONE_LINE);
    }

    /** What is done at the corners of an opening made in that way. */
    public Corners cornersTaken(OpeningWay taken) {
        return corners.orElse(Corners.usual(taken));
    }

    /**
     * The same choice where it can be done: leaving stitches in where waste yarn comes out, which earlier plans could ask
     * for, becomes what is usual there.
     */
    public static Optional<Corners> moved(Optional<OpeningWay> way, Optional<Corners> corners, boolean ready) {
        OpeningWay taken = way.orElse(ready ? OpeningWay.SNIP : OpeningWay.WASTE_ONE_LINE);
        return corners.filter(c -> c.goesWith(taken));
    }

    Step extra() {
        return Given.choice(
                "extra stitches at each corner",
                extraLoops.orElse(USUAL_EXTRA),
                Unit.STITCHES,
                extraLoops.isEmpty(),
                "choices.opening.extraLoops");
    }

    Step kept() {
        return Given.choice(
                "extra stitches that stay",
                keepFour.orElse(false) ? 4 : 0,
                Unit.STITCHES,
                keepFour.isEmpty(),
                "choices.opening.keepFour");
    }
}
