package roundpocket.core.plan;

import roundpocket.core.explain.Step;
import roundpocket.core.finish.Rib;

/**
 * The cuff.
 *
 * @param rounds its rounds
 * @param rib its ribbing
 * @param closes whether the ribbing comes out even round the tube
 * @param firstRoundPlain whether its first round is plain, since the yarn changes there
 */
public record CuffPlan(Step rounds, Rib rib, boolean closes, boolean firstRoundPlain) {}
