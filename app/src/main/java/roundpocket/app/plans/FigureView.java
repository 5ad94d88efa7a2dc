package roundpocket.app.plans;

import roundpocket.core.measure.Unit;

/**
 * A figure: a value, known by its place in the answer that it stands in; by that its working is found.
 *
 * @param value the value, in {@code unit}
 * @param unit its unit; PERCENT is a ratio
 * @param plusMinus half the width of the 95 % interval; 0 where the value is exact
 */
public record FigureView(double value, Unit unit, double plusMinus) {}
