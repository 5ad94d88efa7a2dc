package roundpocket.core.shaping;

import roundpocket.core.explain.Source;

/** The schools of closing a heel or a toe. */
public enum ShapingSchool {
    WEDGE(
            "wedge",
            "decrease in every second round until half of each side is left, then graft",
            "an even slope that suits most feet; the graft is as wide as the decreases are long",
            2,
            0.5);

    private final String title;
    private final String description;
    private final String goodFor;
    private final int every;
    private final double closeShare;

    ShapingSchool(String title, String description, String goodFor, int every, double closeShare) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
        this.every = every;
        this.closeShare = closeShare;
    }

    public String title() {
        return title;
    }

    public String description() {
        return description;
    }

    public String goodFor() {
        return goodFor;
    }

    /** A decrease round comes every so many rounds. */
    int every() {
        return every;
    }

    /** The share of a side that is left at the close. */
    double closeShare() {
        return closeShare;
    }

    Source source() {
        return Source.practice(title + ": " + description);
    }
}
