package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** How a toe-up tube begins. */
public enum ToeStart implements Named {
    WASTE_YARN(
            "waste yarn, toe later",
            "the tube begins on waste yarn with all its stitches; the toe is knitted last, like the heel"),
    CLOSED("closed start", "few stitches on both sides of a closed start, and the toe's shaping mirrored by increases"),
    SHORT_ROWS(
            "short rows",
            "half the stitches on waste yarn, worked in short rows and back; the waiting loops make the other half");

    private final String title;
    private final String description;

    ToeStart(String title, String description) {
        this.title = title;
        this.description = description;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    /** Whether the toe is knitted before the tube. */
    public boolean toeFirst() {
        return this != WASTE_YARN;
    }
}
