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

    public static Amount grams(double value) {
        return new Amount(value, Unit.GRAMS);
    }

    public static Amount stitches(double value) {
        return new Amount(value, Unit.STITCHES);
    }

    /** The amount in words, lengths in the reader's unit. */
    public String text(LengthUnit lengths) {
        return switch (unit) {
            case MILLIMETRES -> lengths.text(value);
            case PERCENT -> plain(value * 100, 1) + " %";
            case GRAMS -> plain(value, Math.abs(value) < 1 ? 3 : 1) + " g";
            case NUMBER -> plain(value, 2);
            case STITCHES_PER_10CM -> gauge("stitches", lengths);
            case ROUNDS_PER_10CM -> gauge("rounds", lengths);
            default -> plain(value, 2) + " " + unit.symbol();
        };
    }

    /** A gauge over 10 cm, or over 4 in, which are 10.16 cm. */
    private String gauge(String counted, LengthUnit lengths) {
        return lengths == LengthUnit.CM
                ? plain(value, 2) + " " + counted + " in 10 cm"
                : plain(value * 4 * Length.INCH_MM / 100, 1) + " " + counted + " in 4 in";
    }

    private static String plain(double value, int places) {
        return BigDecimal.valueOf(value)
                .setScale(places, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
