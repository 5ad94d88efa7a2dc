package roundpocket.core.swatch;

import java.util.Optional;
import roundpocket.core.explain.Source;

/** Needles for socks, millimetres and the US names. */
public enum NeedleSize {
    MM_2_00(2.0, "0"),
    MM_2_25(2.25, "1"),
    MM_2_50(2.5, "1½"),
    MM_2_75(2.75, "2"),
    MM_3_00(3.0, "2½"),
    MM_3_25(3.25, "3"),
    MM_3_50(3.5, "4");

    public static final Source SOURCE = Source.memory("US names of knitting needles; makers differ by a step");

    private final double mm;
    private final String us;

    NeedleSize(double mm, String us) {
        this.mm = mm;
        this.us = us;
    }

    public double mm() {
        return mm;
    }

    /** The US name. */
    public String us() {
        return us;
    }

    /** The size of a needle of {@code mm}, if socks are usually knitted on it. */
    public static Optional<NeedleSize> of(double mm) {
        for (NeedleSize size : values()) {
            if (Math.abs(size.mm - mm) < 0.05) {
                return Optional.of(size);
            }
        }
        return Optional.empty();
    }

    Optional<NeedleSize> thicker() {
        return ordinal() + 1 < values().length ? Optional.of(values()[ordinal() + 1]) : Optional.empty();
    }

    Optional<NeedleSize> thinner() {
        return ordinal() > 0 ? Optional.of(values()[ordinal() - 1]) : Optional.empty();
    }
}
