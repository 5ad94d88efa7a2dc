package roundpocket.core.foot;

import roundpocket.core.explain.Named;

/** How the toes end. */
public enum ToeForm implements Named {
    ROUND("round", "the toes end in an even curve"),
    POINTED("pointed", "the big toe is by far the longest, or the middle ones are"),
    SQUARE("square", "the toes are nearly of one length");

    private final String title;
    private final String description;

    ToeForm(String title, String description) {
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
}
