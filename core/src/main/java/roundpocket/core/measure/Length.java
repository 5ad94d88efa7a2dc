package roundpocket.core.measure;

/**
 * A length. Millimetres inside, so that centimetres and inches are both exact.
 *
 * <p>Source: one inch is 25.4 mm exactly (international yard and pound agreement, 1959).
 *
 * @param mm millimetres
 */
public record Length(double mm) implements Comparable<Length> {
    /** Millimetres in one inch, exact. */
    public static final double INCH_MM = 25.4;

    public static Length ofMm(double mm) {
        return new Length(mm);
    }

    public static Length ofCm(double cm) {
        return new Length(cm * 10);
    }

    public static Length ofInches(double inches) {
        return new Length(inches * INCH_MM);
    }

    public double cm() {
        return mm / 10;
    }

    public double inches() {
        return mm / INCH_MM;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(mm, other.mm);
    }

    @Override
    public String toString() {
        return LengthUnit.CM.text(mm);
    }
}
