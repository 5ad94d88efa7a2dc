package roundpocket.core.cut;

import java.util.Map;
import java.util.OptionalInt;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.measure.Amount;

/**
 * A pair that a tube is to give.
 *
 * @param footRounds rounds of foot and heel line of one sock, 1 or more
 * @param legFrom the fewest rounds of its leg between heel line and cuff, 1 or more
 * @param legTo the most of them, {@code legFrom} or more
 * @param alike whether both socks are to begin in the same place of the stripes
 * @param ravelRounds rounds of the tube that heels, toes and cuffs of the pair take where they are unravelled from it,
 *     not yet made whole; 0 where they come from another cake
 * @param spareRounds rounds more than needed at each cut rim of its pieces, 0 to 3; those of the tube where empty
 */
public record CutWish(
        int footRounds, int legFrom, int legTo, boolean alike, double ravelRounds, OptionalInt spareRounds) {
    public CutWish {
        Problems problems = new Problems();
        spareRounds.ifPresent(spare -> problems.checkRange("spareRounds", spare, CutTube.SPARE));
        if (footRounds < 1 || legFrom < 1 || !(ravelRounds >= 0)) {
            problems.add(new Problem(
                    "cut.wish.short",
                    "leg",
                    "A sock needs at least a round of foot and a round of leg.",
                    "Make the leg longer.",
                    Map.of()));
        }
        if (legTo < legFrom) {
            problems.add(new Problem(
                    "cut.wish.leg",
                    "legTo",
                    "The longest leg ({most}) is shorter than the shortest ({least}).",
                    "Enter the shorter one first.",
                    Map.of("least", Amount.rounds(legFrom), "most", Amount.rounds(legTo))));
        }
        problems.throwIfAny();
    }

    /** A wish whose yarn for heels, toes and cuffs comes from another cake. */
    public static CutWish of(int footRounds, int legFrom, int legTo, boolean alike) {
        return new CutWish(footRounds, legFrom, legTo, alike, 0, OptionalInt.empty());
    }

    /** The same with a leg of so many rounds. */
    CutWish withLeg(int least, int most) {
        return new CutWish(footRounds, least, most, alike, ravelRounds, spareRounds);
    }

    CutWish unlike() {
        return new CutWish(footRounds, legFrom, legTo, false, ravelRounds, spareRounds);
    }
}
