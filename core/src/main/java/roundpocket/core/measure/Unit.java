package roundpocket.core.measure;

/** The unit a value of the job is in. The symbol is the one a reader sees where no better one is at hand. */
public enum Unit {
    STITCHES("sts"),
    ROUNDS("rounds"),
    TENS("tens"),
    MILLIMETRES("mm"),
    METRES("m"),
    GRAMS("g"),
    TEX("tex"),
    STITCHES_PER_10CM("sts per 10 cm"),
    ROUNDS_PER_10CM("rounds per 10 cm"),
    /** A ratio; 0.1 is shown as 10 %. */
    PERCENT("%"),
    /** A bare number, such as a factor. */
    NUMBER("");

    private final String symbol;

    Unit(String symbol) {
        this.symbol = symbol;
    }

    /** The unit as a reader sees it, in the plural; empty for a bare number. */
    public String symbol() {
        return symbol;
    }
}
