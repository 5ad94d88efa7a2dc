package roundpocket.app.plans;

import roundpocket.core.measure.Unit;

/**
 * A figure: a value and where its working begins.
 *
 * @param value the value, in {@code unit}
 * @param unit its unit; PERCENT is a ratio
 * @param plusMinus half the width of the 95 % interval; 0 where the value is exact
 * @param step number of its step in the plan's workings
 */
public record FigureView(double value, Unit unit, double plusMinus, int step) {}
