package roundpocket.core.lap;

/**
 * What a count that is not what it should be probably means, and how to find it. Common practice, no source.
 */
public final class Miscount {
    private static final int MOST_THAT_IS_A_SLIP = 2;

    private Miscount() {}

    /** What to look for on one needle that should hold {@code expected} loops; empty where it does. */
    public static String on(String needle, int expected, int counted) {
        int more = counted - expected;
        if (more == 0) {
            return "";
        }
        String wrong = needle + ": " + counted + ", and it should be " + expected + ". ";
        if (Math.abs(more) > MOST_THAT_IS_A_SLIP) {
            return wrong
                    + "That is more than a slip. Count again, in tens; then see that both ends of the needle are at the same"
                    + " two columns of stitches.";
        }
        return more < 0
                ? wrong
                        + "A stitch was passed over, most likely. Follow the row from its marker: where two loops on the needle"
                        + " have an untouched stitch between them, that is it."
                : wrong
                        + "A stitch was split, or a loop of the next row was taken. Follow the row from its marker: a loop that"
                        + " lies higher or lower, or has half a strand only, does not belong there.";
    }
}
