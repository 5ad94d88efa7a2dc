package roundpocket.core.shaping;

import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Step;

/**
 * One phase of a shaping, worked out for one side.
 *
 * @param every a decrease round in every so many
 * @param target the stitches that the school wants on each side, before parity; empty where it says how often
 * @param decreases decrease rounds
 * @param side stitches on each side at its end
 * @param otherSide the other count, where two lie equally near to the target
 */
public record PhasePlan(Step every, Optional<Step> target, Step decreases, Step side, OptionalInt otherSide) {}
