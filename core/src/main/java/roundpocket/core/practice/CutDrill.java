package roundpocket.core.practice;

import java.util.List;
import java.util.Map;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningWay;

/**
 * A heel line to open: one leg is cut in the middle of the row between the needles, and the row unpicked to both sides,
 * short of the corners. Common practice, no source.
 *
 * @param columns stitches in the row, 8 to 20
 */
public record CutDrill(int columns) {
    private static final int FEWEST = 8;
    private static final int MOST = 20;
    /** Rows of the piece; the row between the needles is the middle one. */
    private static final int ROWS = 7;

    public CutDrill {
        if (columns < FEWEST || columns > MOST) {
            throw new Refusal(List.of(new Problem(
                    "practice.columns",
                    "columns",
                    "A piece to practise on has " + FEWEST + " to " + MOST + " stitches.",
                    "Twelve are enough to find the middle and both corners.",
                    Map.of())));
        }
    }

    public int rows() {
        return ROWS;
    }

    /** The row that comes out, from 0 at the bottom; the rows beside it are on the needles. */
    public int line() {
        return ROWS / 2;
    }

    /** Whole stitches of the row that stay at each corner. */
    public int corner() {
        return (int)
                Math.ceil(Corners.usual(OpeningWay.SNIP).left().orElseThrow().value());
    }

    /**
     * What a cut is worth.
     *
     * @param row row of the stitch, from 0 at the bottom
     * @param column its column, from 0 at one end
     */
    public Verdict judgeCut(int row, int column) {
        int beside = Math.abs(row - line());
        if (beside == 1) {
            return new Verdict(
                    false,
                    "That stitch is on a needle. Cut there, and it runs down. The row to cut is on neither needle.");
        }
        if (beside > 1) {
            return new Verdict(false, "That is the sock itself. Only the row between the needles may be cut.");
        }
        if (atCorner(column)) {
            return new Verdict(
                    false,
                    "Too near the corner: the last " + corner() + " stay whole, and one end would be too short.");
        }
        if (2 * column != columns && 2 * (column + 1) != columns && 2 * column + 1 != columns) {
            return new Verdict(
                    false,
                    "Nearer the middle: then both ends are long enough to close the corners with. Count: "
                            + (columns + 1) / 2 + " of " + columns + ".");
        }
        return new Verdict(true, "One leg is cut, and nothing else. Its two ends now come out to both sides.");
    }

    private boolean atCorner(int column) {
        return Math.min(column, columns - 1 - column) < corner();
    }

    /** What it is worth to unpick up to a stitch, as the last that comes out on its side of the cut. */
    public Verdict judgeStop(int row, int column) {
        if (row != line()) {
            return new Verdict(false, "Only the row between the needles comes out. Choose a stitch of it.");
        }
        if (atCorner(column)) {
            return new Verdict(
                    false, "Too far: the last " + corner() + " sts at each corner stay. Without them there is a hole.");
        }
        if (Math.min(column, columns - 1 - column) > corner()) {
            return new Verdict(
                    false,
                    "Not far enough: only the last " + corner() + " sts at each corner stay. Unpick on to them.");
        }
        return new Verdict(
                true, "Stop there. The last " + corner() + " stay, and the end hangs at this corner, inside.");
    }
}
