package roundpocket.core.tube;

import roundpocket.core.explain.Step;

/**
 * What foot and leg of the sock are to be.
 *
 * @param foot target foot length, in millimetres
 * @param legAbove height of the leg above the heel line, cuff included, in millimetres
 * @param legIsResult whether the leg is what half a tube leaves or a mark on the foot says, and not a wish
 */
public record TubeWanted(Step foot, Step legAbove, boolean legIsResult) {}
