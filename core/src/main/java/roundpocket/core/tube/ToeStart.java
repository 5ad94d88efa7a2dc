package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** How a toe-up tube begins. */
public enum ToeStart implements Named {
    WASTE_YARN(
            "waste yarn, toe later",
            "the tube begins on waste yarn with all its stitches; the toe is added last, like the heel"),
    CLOSED("closed start", "a few stitches on both needles of a closed start; the toe is shaped by increases"),
    SHORT_ROWS(
            "short rows",
            "half the stitches on waste yarn, worked in short rows and back; the waiting stitches make the other half");

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

    /** After “toe-up”. */
    @Override
    public String phrase() {
        return switch (this) {
            case WASTE_YARN -> "from waste yarn, toe added last";
            case CLOSED -> "from a closed start";
            case SHORT_ROWS -> "from a short-row toe";
        };
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
