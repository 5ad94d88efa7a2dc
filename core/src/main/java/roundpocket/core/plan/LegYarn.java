package roundpocket.core.plan;

import roundpocket.core.explain.Step;

/**
 * How far the leg may go on one cake, half of what is at hand.
 *
 * @param cake grams of one sock's cake
 * @param stopWeight grams that the cake must still weigh when the leg stops
 * @param perRound grams in one round of the leg
 * @param longestRounds rounds of the leg, cuff not included, that the cake allows; negative when it is too light
 * @param longestLeg height above the heel line that it allows, cuff included, in millimetres
 */
public record LegYarn(Step cake, Step stopWeight, Step perRound, Step longestRounds, Step longestLeg) {}
