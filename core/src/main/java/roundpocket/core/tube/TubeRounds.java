package roundpocket.core.tube;

import roundpocket.core.explain.Step;

/**
 * The rounds of a tube, part by part.
 *
 * @param foot rounds between toe and heel line
 * @param leg rounds between heel line and cuff
 * @param sacrificed rounds unpicked at the heel line
 * @param tube rounds of foot and leg and the sacrificed ones
 * @param all rounds from the tip of the toe to the edge of the cuff
 */
public record TubeRounds(Step foot, Step leg, Step sacrificed, Step tube, Step all) {}
