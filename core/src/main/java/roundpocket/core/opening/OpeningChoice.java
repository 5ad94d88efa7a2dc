package roundpocket.core.opening;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * How the opening is made. What is left empty is as usual.
 *
 * @param way the way; usually one line of waste yarn
 * @param corners what is done at the corners; usually two stitches are left in
 * @param extraLoops loops picked up at each corner, 1, 2 or 4; only where they are picked up, and 2 where nobody said
 * @param keepFour whether four of the extra loops stay in the heel; usually all are decreased away
 */
public record OpeningChoice(
        Optional<OpeningWay> way, Optional<Corners> corners, OptionalInt extraLoops, Optional<Boolean> keepFour) {
    static final int USUAL_EXTRA = 2;

    public OpeningChoice {
        Problems problems = new Problems();
        boolean picksUp = corners.filter(c -> c == Corners.PICK_UP).isPresent();
        extraLoops.ifPresent(loops -> {
            Map<String, Amount> amounts = Map.of("found", Amount.stitches(loops));
            if (loops != 1 && loops != 2 && loops != 4) {
                problems.add(new Problem(
                        "opening.extra.range",
                        "extraLoops",
                        "{found} more at each corner are not usual: it is 1, 2 or 4.",
                        "Two close the corner in most yarns.",
                        amounts));
            }
            if (!picksUp) {
                problems.add(new Problem(
                        "opening.extra.unused",
                        "extraLoops",
                        "{found} more at each corner are given, but stitches are left in there.",
                        "Choose to pick up extra loops, or leave their number out.",
                        amounts));
            }
        });
        boolean keeps = keepFour.orElse(false);
        if (keeps && (!picksUp || extraLoops.orElse(USUAL_EXTRA) == 1)) {
            problems.add(new Problem(
                    "opening.keep-four",
                    "keepFour",
                    "Four extra loops cannot stay in the heel: fewer are picked up at the corners.",
                    "Pick up 2 or 4 at each corner, or decrease them all away.",
                    Map.of()));
        }
        problems.throwIfAny();
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

    /** The way that is taken; {@code ready} tubes can only be snipped. */
    public OpeningWay wayTaken(boolean ready) {
        return way.orElse(ready ? OpeningWay.SNIP : OpeningWay.WASTE_ONE_LINE);
    }

    public Corners cornersTaken() {
        return corners.orElse(Corners.LEAVE_TWO);
    }

    Step extra() {
        return Given.choice(
                "extra loops at each corner",
                extraLoops.orElse(USUAL_EXTRA),
                Unit.STITCHES,
                extraLoops.isEmpty(),
                "choices.opening.extraLoops");
    }

    Step kept() {
        return Given.choice(
                "extra loops that stay",
                keepFour.orElse(false) ? 4 : 0,
                Unit.STITCHES,
                keepFour.isEmpty(),
                "choices.opening.keepFour");
    }
}
