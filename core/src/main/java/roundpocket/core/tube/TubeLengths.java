package roundpocket.core.tube;

import roundpocket.core.explain.Step;

/**
 * The lengths that the whole rounds of a tube give, in millimetres.
 *
 * @param tube the tube without toe and cuff
 * @param byTrade the tube by the trade's rule, from lengths alone
 * @param cuff depth of the cuff
 * @param all from the tip of the toe to the edge of the cuff
 * @param foot from the tip of the toe to the back of the heel
 * @param footDifference how much longer than wanted the sock's foot is
 */
public record TubeLengths(Step tube, Step byTrade, Step cuff, Step all, Step foot, Step footDifference) {}
