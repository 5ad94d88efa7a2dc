package roundpocket.core.shaping;

/**
 * One round, or one short row, of a heel or a toe.
 *
 * @param number from 1 in the order of work
 * @param kind what happens in it
 * @param side stitches on each needle after it; in a short row, the stitches worked
 * @param stitches stitches of the whole round after it; in a short row, the stitches worked
 * @param cumulative stitches worked from the first round to this one
 * @param instruction what to do on each side, in the field's abbreviations
 */
public record ShapingRound(int number, Kind kind, int side, int stitches, int cumulative, String instruction) {
    /** What happens in a round. */
    public enum Kind {
        PLAIN,
        /** A plain round in which extra stitches of the heel's corners are decreased away. */
        CORNERS,
        DECREASE,
        INCREASE,
        SHORT_ROW
    }

    public boolean decrease() {
        return kind == Kind.DECREASE;
    }
}
