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

    /** A measurement that is good to a standard uncertainty of {@code u}, in the unit of the value. */
    public static Given measured(String label, double value, Unit unit, String field, double u) {
        return new Given(label, value, unit, Origin.MEASURED, field, null, u);
    }

    /** A choice of the knitter's, or the default where she made none. */
    public static Given choice(String label, double value, Unit unit, boolean defaulted, String field) {
        return new Given(label, value, unit, defaulted ? Origin.DEFAULT : Origin.CHOSEN, field, null, 0);
    }

    /** A value put in only to see what it would give. */
    public static Given tried(String label, double value, Unit unit) {
        return new Given(label, value, unit, Origin.TRIED, null, null, 0);
    }

    /** A constant of the job. */
    static Given of(Constant constant) {
        return new Given(
                constant.label(),
                constant.value(),
                constant.unit(),
                Origin.CONSTANT,
                null,
                constant.source(),
                constant.u());
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

    /** Path of the value in the specification; empty for a constant and for what is only tried. */
    public Optional<String> field() {
        return Optional.ofNullable(field);
    }

    /** The source of a constant; empty for what a person put in. */
    public Optional<Source> source() {
        return Optional.ofNullable(source);
    }
}
