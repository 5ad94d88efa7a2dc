package roundpocket.core.lap;

/** What is done in a step of the work. */
public enum Doing {
    /** Loops come onto the needles. */
    BEGIN,
    /** Rounds of the tube or the cuff. */
    ROUNDS,
    /** The line of the opening is made while knitting. */
    LINE,
    /** Something is counted before the work goes on. */
    CHECK,
    /** Loops wait on a thread. */
    HOLD,
    /** Loops are picked up. */
    PICK_UP,
    /** The fabric is cut; it cannot be undone. */
    CUT,
    /** A row is unpicked, or waste yarn drawn out. */
    UNPICK,
    /** What is done at the corners of the opening. */
    CORNERS,
    /** Rounds of a heel or a toe. */
    SHAPE,
    /** Loops are grafted, move by move. */
    GRAFT,
    /** Loops are drawn together, or bound off. */
    CLOSE,
    /** What is done once no loop is live. */
    FINISH;

    /** Whether it is done on both socks in one go where both are on the needles together. */
    boolean onBoth() {
        return this == BEGIN || this == ROUNDS || this == LINE || this == SHAPE;
    }

    /** Whether a press is a round, so that it tells of the knitter's pace. */
    public boolean paced() {
        return this == ROUNDS || this == SHAPE;
    }
}
