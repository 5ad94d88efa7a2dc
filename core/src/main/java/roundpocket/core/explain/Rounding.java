package roundpocket.core.explain;

import java.util.function.DoubleUnaryOperator;

/** The ways in which a count is made whole. */
public enum Rounding {
    /** Of two that are equally near, the larger: 77.5 becomes 78. */
    NEAREST("to the nearest whole", v -> Math.floor(v + 0.5 + Rounding.HAIR)),
    /** Of two that are equally near, the smaller: 8.5 becomes 8. */
    NEAREST_FEWER("to the nearest whole, the fewer on a tie", v -> Math.ceil(v - 0.5 - Rounding.HAIR)),
    DOWN("down to the whole below", v -> Math.floor(v + Rounding.HAIR)),
    UP("up to the whole above", v -> Math.ceil(v - Rounding.HAIR)),
    /** 62 lies midway between 60 and 64 and becomes 60. */
    NEAREST_FOUR(
            "to the nearest multiple of four, the smaller on a tie", v -> 4 * Math.ceil(v / 4 - 0.5 - Rounding.HAIR));

    /** What misses a bound by less than this is on it: 201 × 124 ÷ 321.6 is a tie, however it was multiplied out. */
    private static final double HAIR = 1e-9;

    private final String words;
    private final DoubleUnaryOperator function;

    Rounding(String words, DoubleUnaryOperator function) {
        this.words = words;
        this.function = function;
    }

    public String words() {
        return words;
    }

    double apply(double value) {
        return function.applyAsDouble(value) + 0.0; // + 0.0 turns a negative zero into zero
    }
}
