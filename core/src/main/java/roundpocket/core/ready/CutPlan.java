package roundpocket.core.ready;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.cut.CutAim;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.yarn.Left;

/**
 * A way to cut a tube, with its places on the tape and its reasons.
 *
 * @param aim what it looks to; {@code BEST} where it was put by hand
 * @param along the tube from end to end
 * @param pairs the pairs that it gives, in the order of the wishes
 * @param cuts how often it is cut
 * @param pieces rounds of all pieces
 * @param rims rounds unpicked at cuts, and the spare ones beside them
 * @param unravelled rounds unravelled, for heels, toes and cuffs or given up
 * @param left rounds of the tube that are left over
 * @param remnants what is left, the longest first
 * @param leftOut the wishes that are not met, and why
 * @param contrast what all its pairs together leave of the other cake, where they take of one
 * @param reasons why it is cut so and what is to be known, in sentences
 * @param gives what it gives and gives up beside the best cut, in sentences; none for the best
 * @param proven whether every other way was looked at or ruled out
 */
public record CutPlan(
        CutAim aim,
        List<Along> along,
        List<CutPair> pairs,
        int cuts,
        Step pieces,
        Step rims,
        Step unravelled,
        Step left,
        List<Remnant> remnants,
        List<LeftOut> leftOut,
        Optional<Left> contrast,
        List<Problem> reasons,
        List<Problem> gives,
        boolean proven) {
    public CutPlan {
        along = List.copyOf(along);
        pairs = List.copyOf(pairs);
        remnants = List.copyOf(remnants);
        leftOut = List.copyOf(leftOut);
        reasons = List.copyOf(reasons);
        gives = List.copyOf(gives);
    }

    /**
     * One pair.
     *
     * @param wish its number among the wishes, from 0
     * @param leg rounds of its leg between heel line and cuff
     * @param legAbove the leg above the heel line, cuff included, in millimetres
     * @param piece rounds of each piece, spare ones not among them
     * @param apart how many rounds of the stripes the second sock begins after the first; empty without stripes
     * @param matched whether both begin in the same place of the stripes
     */
    public record CutPair(int wish, Step leg, Step legAbove, Step piece, OptionalDouble apart, boolean matched) {}

    /**
     * A wish that is not met.
     *
     * @param wish its number, from 0
     * @param why what is missing and what would help
     */
    public record LeftOut(int wish, Problem why) {}
}
