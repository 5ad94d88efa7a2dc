package roundpocket.core.lap;

/**
 * What a count that is not what it should be probably means, and how to find it. Common practice, no source.
 */
public final class Miscount {
    private static final int MOST_THAT_IS_A_SLIP = 2;

    private Miscount() {}

    /** What to look for on a needle whose loops were knitted last; one too many or too few can be knitted away. */
    public static String live(String needle, int expected, int counted) {
        int more = counted - expected;
        if (more == 0) {
            return "";
        }
        String wrong = needle + ": " + counted + ", and it should be " + expected + ". ";
        if (Math.abs(more) > 1) {
            return wrong
                    + "That’s more than a slip. Count again in tens, and look whether the halves meet at the sides.";
        }
        return more < 0
                ? wrong
                        + "Look for a st that has dropped and left a ladder. If there is none you may go on: in the next"
                        + " round lift the strand between two sts at one side, and knit it twisted."
                : wrong
                        + "Look for a st that was split or a yarn-over. You may go on: in the next round knit two sts"
                        + " together at one side.";
    }

    /** Whether what was counted on two needles can be put right in the next round. */
    public static boolean mayGoOn(int expected, int first, int second) {
        return Math.abs(first - expected) <= 1 && Math.abs(second - expected) <= 1;
    }

    /** What to look for on one needle that should hold {@code expected} loops; empty where it does. */
    public static String on(String needle, int expected, int counted) {
        int more = counted - expected;
        if (more == 0) {
            return "";
        }
        String wrong = needle + ": " + counted + ", and it should be " + expected + ". ";
        if (Math.abs(more) > MOST_THAT_IS_A_SLIP) {
            return wrong
                    + "That’s more than a slip. Count again in tens; check both needle ends sit in the same two"
                    + " columns.";
        }
        return more < 0
                ? wrong
                        + "You probably skipped a stitch. Follow the row from its marker and look for a stitch that is"
                        + " not on the needle, between two that are."
                : wrong
                        + "You split a stitch, or picked up one from the next row. Follow the row from its marker:"
                        + " one that lies higher or lower, or has only half a strand, does not belong there.";
    }
}
