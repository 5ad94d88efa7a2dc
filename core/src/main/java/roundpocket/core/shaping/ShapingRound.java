package roundpocket.core.shaping;

/**
 * One round of a heel or a toe.
 *
 * @param number from 1 at the pick-up
 * @param decrease whether it is a decrease round
 * @param side stitches on each side after it
 * @param instruction what to do on each side, in the field's abbreviations
 */
public record ShapingRound(int number, boolean decrease, int side, String instruction) {
    /** Stitches on both sides after the round. */
    public int stitches() {
        return 2 * side;
    }

    static ShapingRound plain(int number, int side) {
        return new ShapingRound(number, false, side, "knit " + side);
    }

    static ShapingRound decrease(int number, int sideBefore) {
        int between = sideBefore - 6;
        String middle = between == 0 ? "" : "knit " + between + ", ";
        return new ShapingRound(number, true, sideBefore - 2, "K1, SSK, " + middle + "K2tog, K1");
    }
}
