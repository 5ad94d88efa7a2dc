package roundpocket.core.measure;

import java.util.Locale;

/** How a reader wants lengths written: centimetres with at most one decimal, or inches to the nearest eighth. */
public enum LengthUnit {
    CM {
        @Override
        public String text(double mm) {
            String text = String.format(Locale.ROOT, "%.1f", mm / 10);
            return (text.endsWith(".0") ? text.substring(0, text.length() - 2) : text) + " cm";
        }
    },
    INCH {
        @Override
        public String text(double mm) {
            return Eighths.text(Math.round(mm / INCH_MM * 8)) + " in";
        }
    };

    /** Millimetres in one inch, exact (international yard and pound agreement, 1959). */
    public static final double INCH_MM = 25.4;

    /** The length {@code mm}, in millimetres, as this reader wants it, with its unit. */
    public abstract String text(double mm);
}
