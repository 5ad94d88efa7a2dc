package roundpocket.core.explain;

import roundpocket.core.measure.Unit;

/**
 * A constant of the job, listed in the almanac. Each use makes a step of its own, so that a tree of workings ends in it.
 *
 * @param id stable name for programs, such as {@code yarn.ks-washed}
 * @param label what it is, in the field's words
 * @param value the value, in {@code unit}
 * @param unit its unit
 * @param u standard uncertainty, in {@code unit}; 0 where it is exact or agreed on
 * @param source where it comes from
 */
public record Constant(String id, String label, double value, Unit unit, double u, Source source) {
    /** An agreed value. */
    public static Constant of(String id, String label, double value, Unit unit, Source source) {
        return new Constant(id, label, value, unit, 0, source);
    }

    public Given step() {
        return Given.of(this);
    }
}
