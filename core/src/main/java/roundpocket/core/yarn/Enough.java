package roundpocket.core.yarn;

import roundpocket.core.explain.Named;

/**
 * Whether the yarn will do, in words. The margin is what would be left over, in standard uncertainties of it; the limits
 * are the 95th and the 75th percentile of the normal distribution.
 */
public enum Enough implements Named {
    SURE("plenty", 1.64, "enough at least 19 times in 20"),
    LIKELY("probably enough", 0.67, "enough at least 3 times in 4"),
    GAMBLE("risky", 0, "enough more often than not"),
    NOT_ENOUGH("not enough", Double.NEGATIVE_INFINITY, "runs out more often than not");

    private final String words;
    private final double fromMargin;
    private final String meaning;

    Enough(String words, double fromMargin, String meaning) {
        this.words = words;
        this.fromMargin = fromMargin;
        this.meaning = meaning;
    }

    public static Enough of(double margin) {
        for (Enough enough : values()) {
            if (margin >= enough.fromMargin) {
                return enough;
            }
        }
        throw new IllegalArgumentException("not a margin: " + margin);
    }

    @Override
    public String title() {
        return words;
    }

    @Override
    public String description() {
        return meaning;
    }
}
