package roundpocket.core.judge;

import roundpocket.core.explain.Named;

/** The steps of the work that a caution can belong to. */
public enum Stage implements Named {
    MEASURE("measuring"),
    KNIT("knitting"),
    OPEN("opening the heel"),
    GRAFT("grafting"),
    FINISH("finishing"),
    WEAR("wearing");

    private final String title;

    Stage(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }
}
