package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** In which order the two socks of a pair are knitted. */
public enum KnitOrder implements Named {
    ONE_AFTER_OTHER("one after the other", "first one sock, then the other"),
    IN_TURN("in turn, section by section", "a section of one, then of the other"),
    TWO_AT_A_TIME("two at a time", "both on the needles, each from its own yarn");

    private final String title;
    private final String description;

    KnitOrder(String title, String description) {
        this.title = title;
        this.description = description;
    }

    /** Why it cannot be taken, for a tube that is there already or one that is knitted; empty where it can. */
    public String notNow(boolean readyTube) {
        return readyTube && this == TWO_AT_A_TIME
                ? "The pieces of a ready tube cannot go on the needles together."
                : "";
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
