package roundpocket.core.work;

/** What is drawn beside a step, where words alone are hard to follow. */
public enum Picture {
    /** Two needles held together, with loops on both. */
    CLOSED_START,
    /** The first row on waste yarn. */
    WASTE_START,
    /** The first row on a chain of waste yarn. */
    CHAIN_START,
    /** The sole on the needle in waste yarn. */
    WASTE_LINE,
    /** A thread through the sole. */
    THREAD_LINE,
    /** The tube on the table with its leg at the top, and where the two needles go. */
    TUBE_LEG_UP,
    /** The same with its foot at the top. */
    TUBE_FOOT_UP,
    /** Extra stitches at the two corners of the opening. */
    EXTRA_STITCHES,
    /** A short row turned with a wrap. */
    WRAP,
    /** A short row turned with a doubled stitch. */
    DOUBLED,
    /** A short row turned with a shadow stitch. */
    SHADOW;

    /** Whether what is worked there are short rows. */
    public boolean inRows() {
        return this == WRAP || this == DOUBLED || this == SHADOW;
    }
}
