package roundpocket.core.explain;

import java.util.List;
import java.util.Optional;
import roundpocket.core.measure.Unit;

/** A value that was put in: measured, chosen, defaulted, or a constant of the job. */
public final class Given extends Step {
    private final Origin origin;
    private final String field;
    private final Source source;
    private final Slopes slopes;

    private Given(String label, double value, Unit unit, Origin origin, String field, Source source, double u) {
        super(label, value, unit);
        this.origin = origin;
        this.field = field;
        this.source = source;
        this.slopes = Slopes.ofGiven(this, u);
    }

    /** A measurement; {@code field} is its path in the specification, such as {@code foot.lengthMm}. */
    public static Given measured(String label, double value, Unit unit, String field) {
        return new Given(label, value, unit, Origin.MEASURED, field, null, 0);
    }

    /** A choice of the knitter's, or the default where she made none. */
    public static Given choice(String label, double value, Unit unit, boolean defaulted, String field) {
        return new Given(label, value, unit, defaulted ? Origin.DEFAULT : Origin.CHOSEN, field, null, 0);
    }

    /** A constant of the job with its source. */
    public static Given constant(String label, double value, Unit unit, Source source) {
        return new Given(label, value, unit, Origin.CONSTANT, null, source, 0);
    }

    /** A constant known only to within a standard uncertainty {@code u}, in its own unit. */
    public static Given uncertain(String label, double value, Unit unit, double u, Source source) {
        return new Given(label, value, unit, Origin.CONSTANT, null, source, u);
    }

    @Override
    public List<Step> inputs() {
        return List.of();
    }

    @Override
    Slopes slopes() {
        return slopes;
    }

    public Origin origin() {
        return origin;
    }

    /** Path of the value in the specification; empty for a constant. */
    public Optional<String> field() {
        return Optional.ofNullable(field);
    }

    /** The source of a constant; empty for what a person put in. */
    public Optional<Source> source() {
        return Optional.ofNullable(source);
    }
}
