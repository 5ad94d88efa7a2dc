package roundpocket.core.practice;

import java.util.List;
import java.util.Map;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/**
 * A line to pick up along: the stitches of one row, the same leg of each, from one end to the other. Common practice, no
 * source.
 *
 * @param columns stitches in the row, 6 to 20
 * @param rows rows of the piece, from the bottom
 * @param line the row that comes out, from 0 at the bottom
 * @param below whether the row below the line is picked up, or the row above
 * @param left whether the left leg is taken, as a left-hander does
 */
public record PickUpDrill(int columns, int rows, int line, boolean below, boolean left) {
    private static final int FEWEST = 6;
    private static final int MOST = 20;
    private static final int ROWS = 7;
    private static final int ROWS_AROUND = 3;

    public PickUpDrill {
        if (columns < FEWEST || columns > MOST) {
            throw new Refusal(List.of(new Problem(
                    "practice.columns",
                    "columns",
                    "A piece to practise on has " + FEWEST + " to " + MOST + " stitches.",
                    "Ten are enough to see a row wander.",
                    Map.of())));
        }
    }

    /** A piece; {@code seed} decides where its line lies and which side of it is picked up. */
    public static PickUpDrill of(int columns, long seed, boolean left) {
        long chance = Mixed.of(seed);
        int line = ROWS_AROUND - 1 + (int) Math.floorMod(chance, 3L);
        return new PickUpDrill(columns, ROWS, line, Math.floorMod(chance >> 8, 2L) == 0, left);
    }

    /** The row whose stitches are picked up, from 0 at the bottom. */
    public int row() {
        return below ? line - 1 : line + 1;
    }

    /**
     * What a leg is worth that is taken after {@code done} right ones.
     *
     * @param row row of the stitch, from 0 at the bottom
     * @param column its column, from 0 where the needle begins: at the right, or at the left for a left-hander
     * @param leftLeg whether its left leg was taken
     */
    public Verdict judge(int done, int row, int column, boolean leftLeg) {
        String side = below ? "below" : "above";
        if (row == line) {
            return new Verdict(
                    false, "That row comes out: it is the heel line itself. Use the row next to it, " + side + ".");
        }
        if ((row < line) != below) {
            return new Verdict(false, "That is the other side of the heel line. This needle goes " + side + " it.");
        }
        if (row != row()) {
            return new Verdict(
                    false,
                    "A row too far from the heel line: the needle would wander, and a row would be left between it"
                            + " and the cut.");
        }
        if (column != done) {
            return new Verdict(
                    false,
                    column < done
                            ? "That stitch is on the needle already."
                            : "You skipped a stitch: the one right beside the last is not on the needle yet.");
        }
        if (leftLeg != left) {
            return new Verdict(
                    false,
                    "The other leg of it. Always the same one, here the " + (left ? "left" : "right")
                            + ": then none sits twisted.");
        }
        return new Verdict(true, done + 1 == columns ? "All are on. Count them: " + columns + "." : "It is on.");
    }
}
