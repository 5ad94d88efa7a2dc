package roundpocket.core.work;

import roundpocket.core.opening.OpeningWay;

/**
 * The line of the heel in the tube.
 *
 * @param way how it was made
 * @param after rounds of the fabric that were there when it came in
 * @param rows rows that lie between the two needles: the sole’s row to unpick, or those of waste yarn
 * @param threads lifelines in it, 0 to 2
 * @param state how far it is opened
 * @param corner stitches of the row left in at either corner once it is open
 */
public record Line(OpeningWay way, int after, int rows, int threads, State state, double corner) {
    /** How far a line is opened. */
    public enum State {
        /** Only its first thread is in, and the row to unpick is still to come. */
        BEGUN,
        IN,
        COUNTED,
        CUT,
        OPEN,
        /** Nothing gapes at its corners any more. */
        SHUT
    }

    Line state(State next) {
        return new Line(way, after, rows, threads, next, corner);
    }

    Line threads(int number) {
        return new Line(way, after, rows, number, state, corner);
    }

    Line open(double left) {
        return new Line(way, after, rows, 0, State.OPEN, left);
    }
}
