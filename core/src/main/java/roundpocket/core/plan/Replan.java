package roundpocket.core.plan;

import roundpocket.core.explain.Step;

/**
 * What the second gauge reading, on the tube itself, changes.
 *
 * @param swatchRounds round gauge of the swatch
 * @param openingBefore rounds to the heel line as the swatch had them, counted from where this knitter counts
 * @param openingNow the same with the gauge of the tube
 * @param tubeBefore rounds of the tube as the swatch had them
 * @param tubeNow the same with the gauge of the tube
 * @param done rounds of the tube that are knitted
 * @param left rounds left to the heel line; negative when it has been passed
 */
public record Replan(
        Step swatchRounds, Step openingBefore, Step openingNow, Step tubeBefore, Step tubeNow, Step done, Step left) {}
