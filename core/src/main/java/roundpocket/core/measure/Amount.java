package roundpocket.core.measure;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A value with its unit, as it is put in front of a reader.
 *
 * @param value the value, in {@code unit}
 * @param unit its unit
 */
public record Amount(double value, Unit unit) {
    /** Grams in one avoirdupois ounce, exact (international yard and pound agreement, 1959). */
    public static final double OUNCE_G = 28.349523125;

    /** A number at the beginning of an amount, with its fraction. */
    /** From here on the digits say nothing to a person. */
    private static final double BEYOND_WORDS = 1e12;

    private static final Pattern NUMBER = Pattern.compile("^-?+(\\d++/\\d++|[\\d.]++( \\d++/\\d++)?+)");

    /** Metres in one yard, exact. */
    private static final double YARD_M = 0.9144;

    /** From here on whole units tell enough. */
    private static final double MANY = 10;

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

    public static Amount share(double value) {
        return new Amount(value, Unit.PERCENT);
    }

    public static Amount number(double value) {
        return new Amount(value, Unit.NUMBER);
    }

    /** The amount in words, lengths, masses and yarn in the reader's units, one and many told apart. */
    public String text(LengthUnit lengths) {
        if (!(Math.abs(value) < BEYOND_WORDS)) {
            return value > 0 ? "far too much" : value < 0 ? "far too little" : "no number";
        }
        boolean cm = lengths == LengthUnit.CM;
        return switch (unit) {
            case MILLIMETRES -> lengths.text(value);
            case PERCENT -> plain(value * 100, 1) + " %";
            case GRAMS -> cm ? plain(value, places(1)) + " g" : plain(value / OUNCE_G, 2) + " oz";
            case METRES -> cm ? plain(value, places(1)) + " m" : plain(value / YARD_M, places(1)) + " yd";
            case NUMBER -> plain(value, 2);
            case STITCHES -> counted("st", "sts");
            case ROUNDS -> counted("round", "rounds");
            case TENS -> counted("ten", "tens");
            case STITCHES_PER_10CM -> gauge("sts", lengths);
            case ROUNDS_PER_10CM -> gauge("rounds", lengths);
            case TEX -> plain(value, 1) + " tex";
        };
    }

    /** This amount to a larger one of the same unit, the unit said once: "2 to 60 cm". */
    public String rangeTo(Amount most, LengthUnit lengths) {
        Matcher number = NUMBER.matcher(text(lengths));
        return unit == most.unit && number.find()
                ? number.group() + " to " + most.text(lengths)
                : text(lengths) + " to " + most.text(lengths);
    }

    private int places(int few) {
        return Math.abs(value) < MANY ? few : 0;
    }

    private String counted(String one, String many) {
        String number = plain(value, 1);
        return number + " " + (number.equals("1") || number.equals("-1") ? one : many);
    }

    /** A gauge over 10 cm, or over 4 in, which are 10.16 cm. */
    private String gauge(String counted, LengthUnit lengths) {
        return lengths == LengthUnit.CM
                ? plain(value, 2) + " " + counted + " per 10 cm"
                : plain(value * 4 * LengthUnit.INCH_MM / 100, 1) + " " + counted + " per 4 in";
    }

    private static String plain(double value, int places) {
        String text = BigDecimal.valueOf(value)
                .setScale(places, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return text.equals("-0") ? "0" : text;
    }
}
