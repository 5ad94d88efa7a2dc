package roundpocket.core.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import roundpocket.core.shaping.Turning;

/**
 * Short rows half worked: which stitch is the last of the next row? Common practice, no source.
 *
 * @param turning how they are turned
 * @param side stitches on the needle
 * @param rows short rows in all, there and back
 * @param row the row that comes next, from 1
 */
public record TurnDrill(Turning turning, int side, int rows, int row) {
    private static final int FEWEST = 12;
    private static final int KINDS = 3;

    /** A needle; {@code seed} decides how far it is. */
    public static TurnDrill of(Turning turning, long seed) {
        long chance = Mixed.of(seed);
        int side = FEWEST + 2 * (int) Math.floorMod(chance, (long) KINDS);
        int rows = 2 * (side - side / KINDS);
        return new TurnDrill(turning, side, rows, 2 + (int) Math.floorMod(chance >> 8, (long) (rows - 2)));
    }

    /** Whether the rows grow again. */
    public boolean back() {
        return row > rows / 2;
    }

    /** Whether the next row is knitted, from the right; else it is purled, and seen from this side runs from the left. */
    public boolean knit() {
        return row % 2 == 1;
    }

    /** Stitches at the left end, where knitted rows turn, and at the right end that are left after so many rows. */
    private int[] left(int after) {
        int[] ends = {0, 0};
        for (int i = 1; i <= after; i++) {
            ends[(i + 1) % 2] += i > rows / 2 ? -1 : 1;
        }
        return ends;
    }

    /** How often each stitch was turned at and is not worked off yet, from the right. */
    public List<Integer> turned() {
        List<Integer> marks = new ArrayList<>(Collections.nCopies(side, 0));
        for (int i = 1; i < row; i++) {
            int[] ends = left(i);
            boolean knitted = i % 2 == 1;
            int last = knitted ? side - 1 - ends[0] : ends[1];
            // A row works off what it comes over, but for the stitch that it doubled when it began.
            int doubled = turning != Turning.DOUBLED || i == 1 ? -1 : knitted ? ends[1] : side - 1 - ends[0];
            for (int at = ends[1]; at <= side - 1 - ends[0]; at++) {
                marks.set(at, at == doubled ? 1 : 0);
            }
            int mark = turning == Turning.DOUBLED ? last : knitted ? last + 1 : last - 1;
            if (mark >= 0 && mark < side) {
                int more = i > rows / 2 && turning != Turning.DOUBLED ? 2 : 1;
                marks.set(mark, more);
            }
        }
        return List.copyOf(marks);
    }

    /** The last stitch that the next row works, from the right. */
    public int last() {
        int[] ends = left(row);
        return knit() ? side - 1 - ends[0] : ends[1];
    }

    /** What it is worth to turn behind a stitch, counted from the right. */
    public Verdict judge(int column) {
        int beyond = knit() ? column - last() : last() - column;
        int[] before = left(row - 1);
        boolean there = column >= before[1] - (knit() ? 0 : 1) && column <= side - 1 - before[0] + (knit() ? 1 : 0);
        if (beyond == 0) {
            return new Verdict(
                    true,
                    back()
                            ? "The row before turned one st short of it: work it, both parts as one, and turn."
                            : "One st short of the last turn on this side.");
        }
        if (!there) {
            return new Verdict(false, "The row doesn’t reach that st.");
        }
        if (beyond > 0) {
            return new Verdict(
                    false,
                    back()
                            ? "Too far: each row back takes one turned st more, not two."
                            : "Too far: the rows still grow shorter, so this one stops a st sooner than the last on this side.");
        }
        return new Verdict(
                false,
                back()
                        ? "Too soon: on the way back each row takes one more of the sts that were turned at."
                        : "Too soon: leave only one more st each row.");
    }
}
