package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** What is done about a knot, behind which the bands of a yarn do not go on as they should. */
public enum KnotWay implements Named {
    KNIT_ON("knit on", "the order of the bands breaks where the knot comes", "wasting no yarn"),
    CUT_OUT(
            "cut it out",
            "wind off behind the knot until the order goes on, and join the two ends",
            "stripes that run on as if there were no knot"),
    BEHIND(
            "begin the second sock behind it",
            "begin the second sock behind a knot that would come in it",
            "a second sock without a knot, alike with the first");

    private final String title;
    private final String description;
    private final String goodFor;

    KnotWay(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
    }

    @Override
    public String title() {
        return title;
    }

    /** After “At a knot,”. */
    @Override
    public String phrase() {
        return this == KNIT_ON ? "knit on and let the order break" : title;
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }
}
