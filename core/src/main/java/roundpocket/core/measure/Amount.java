package roundpocket.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * A value with its unit, as it is put in front of a reader.
 *
 * @param value the value, in {@code unit}
 * @param unit its unit
 */
public record Amount(double value, Unit unit) {
    public static Amount mm(double value) {
        return new Amount(value, Unit.MILLIMETRES);
    }

    public static Amount rounds(double value) {
        return new Amount(value, Unit.ROUNDS);
    }

    public static Amount stitches(double value) {
        return new Amount(value, Unit.STITCHES);
    }

    /** The amount in words, lengths in the reader's unit. */
    public String text(LengthUnit lengths) {
        return switch (unit) {
            case MILLIMETRES -> lengths.text(value);
            case PERCENT -> plain(value * 100) + " %";
            case NUMBER -> plain(value);
            default -> plain(value) + " " + unit.symbol();
        };
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
