package roundpocket.core.measure;

/**
 * A mass. Grams inside.
 *
 * <p>Source: one avoirdupois ounce is 28.349523125 g exactly (international yard and pound agreement, 1959).
 *
 * @param g grams
 */
public record Mass(double g) {
    /** Grams in one ounce, exact. */
    public static final double OUNCE_G = 28.349523125;

    public static Mass ofGrams(double g) {
        return new Mass(g);
    }

    public static Mass ofOunces(double ounces) {
        return new Mass(ounces * OUNCE_G);
    }

    public double ounces() {
        return g / OUNCE_G;
    }
}
