package roundpocket.core.explain;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Unit;

/** Collects what is wrong with an input, so that all of it can be said at once. */
public final class Problems {
    /** How much longer a number is as inches than as centimetres. */
    private static final double CM_TO_INCH = 2.54;

    private final List<Problem> found = new ArrayList<>();

    public void add(Problem problem) {
        found.add(problem);
    }

    /** Notes a problem unless {@code value} is a number from {@code limit.min} to {@code limit.max}. */
    public void checkRange(String field, double value, Limit limit) {
        if (!Double.isFinite(value) || value < limit.min() || value > limit.max()) {
            add(new Problem(
                    limit.code(),
                    field,
                    limit.template(),
                    limit.remedy(),
                    Map.of(
                            "found", new Amount(Double.isFinite(value) ? value : 0, limit.unit()),
                            "min", new Amount(limit.min(), limit.unit()),
                            "max", new Amount(limit.max(), limit.unit()))));
        }
    }

    /**
     * As {@link #checkRange} for a length measured on a body, in millimetres; one that would fit if it had been read in the
     * other unit is asked back.
     */
    public void checkBody(String field, double mm, Limit limit) {
        boolean inches = mm < limit.min() && fits(mm * CM_TO_INCH, limit);
        boolean cm = mm > limit.max() && fits(mm / CM_TO_INCH, limit);
        String guess = inches
                ? "Did you mean " + LengthUnit.INCH.text(mm * CM_TO_INCH) + "?"
                : cm ? "Did you mean " + LengthUnit.CM.text(mm / CM_TO_INCH) + "?" : limit.remedy();
        checkRange(field, mm, new Limit(limit.code(), limit.min(), limit.max(), limit.unit(), limit.template(), guess));
    }

    private static boolean fits(double mm, Limit limit) {
        return mm >= limit.min() && mm <= limit.max();
    }

    /** Makes a part of the input; if it is refused, takes over its problems under {@code field}. */
    public <T> Optional<T> collect(String field, Supplier<T> part) {
        try {
            return Optional.of(part.get());
        } catch (Refusal refusal) {
            refusal.problems().forEach(problem -> add(problem.within(field)));
            return Optional.empty();
        }
    }

    /** Makes a part that may be refused; empty where it is. */
    public static <T> Optional<T> tried(Supplier<T> part) {
        try {
            return Optional.of(part.get());
        } catch (Refusal refusal) {
            return Optional.empty();
        }
    }

    /** Throws what was collected, if anything was. */
    public void throwIfAny() {
        if (!found.isEmpty()) {
            throw new Refusal(found);
        }
    }

    /**
     * A range with its words.
     *
     * @param code stable name for programs
     * @param min smallest allowed value, in {@code unit}
     * @param max largest allowed value, in {@code unit}
     * @param unit unit of both
     * @param template what is wrong, with {found}, {min} and {max}
     * @param remedy what would help
     */
    public record Limit(String code, double min, double max, Unit unit, String template, String remedy) {}
}
