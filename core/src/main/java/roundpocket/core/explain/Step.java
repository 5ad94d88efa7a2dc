package roundpocket.core.explain;

import java.util.List;
import java.util.Optional;
import roundpocket.core.measure.Unit;

/**
 * A value and how it came about. Steps form a tree (shared branches are the same object) that ends in what was given.
 * Two steps are the same only when they are the same object.
 */
public abstract sealed class Step permits Given, Computed, Rounded, Spread {
    private final String label;
    private final double value;
    private final Unit unit;

    Step(String label, double value, Unit unit) {
        this.label = label;
        this.value = value;
        this.unit = unit;
    }

    /** What the value is, in the field's words. */
    public final String label() {
        return label;
    }

    public final double value() {
        return value;
    }

    public final Unit unit() {
        return unit;
    }

    /** The steps this one was made from, in the order of the rule's symbols; empty for what was given. */
    public abstract List<Step> inputs();

    /** How the value answers to each source of it; see {@link Slopes}. */
    abstract Slopes slopes();

    /** The value as a whole number. Throws when it is not one. */
    public final int count() {
        int whole = (int) Math.rint(value());
        if (Math.abs(whole - value) > 1e-9) {
            throw new IllegalStateException(label + " is not a whole number: " + value);
        }
        return whole;
    }

    /** Standard uncertainty, in the unit of the value; 0 where the value is exact. */
    public double standardUncertainty() {
        return slopes().standardUncertainty();
    }

    /**
     * Half the width of the 95 % interval, in the unit of the value: 1.96 standard uncertainties, more where few readings
     * tell of their spread, 1.65 where one evenly spread part makes most of it (JCGM 100:2008, annex G).
     */
    public final double plusMinus95() {
        return coverageFactor() * standardUncertainty();
    }

    /** How many standard uncertainties the 95 % interval reaches to either side. */
    public final double coverageFactor() {
        return slopes().coverageFactor();
    }

    /** The input that moves this value most when each is changed by the same share, and by how much. */
    public final Optional<Influence> strongestInput() {
        return slopes().strongest();
    }

    /** Whose uncertainty is behind most of this value's; empty where the value is exact. */
    public final Optional<Doubt> mostDoubtful() {
        return slopes().mostDoubtful();
    }

    /**
     * An uncertain value behind another.
     *
     * @param by the uncertain value
     * @param share its share of the variance, from 0 to 1
     */
    public record Doubt(Step by, double share) {}

    /**
     * What one per cent more of an input does.
     *
     * @param input the given value
     * @param changePerCent change of the result, in its own unit, for one per cent more of the input
     */
    public record Influence(Given input, double changePerCent) {}

    @Override
    public String toString() {
        return label + " = " + value + " " + unit.symbol();
    }
}
