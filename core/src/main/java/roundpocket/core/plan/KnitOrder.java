package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** In which order the two socks of a pair are knitted. */
public enum KnitOrder implements Named {
    ONE_AFTER_OTHER("one after the other", "the first sock to its end, then the second", "one ball of yarn"),
    IN_TURN("in turn, section by section", "a section of one sock, then of the other", "socks alike"),
    TWO_AT_A_TIME(
            "two at a time",
            "both on the needles, each from its own yarn; a round counts once it is knitted on both",
            "two socks done at once");

    private final String title;
    private final String description;
    private final String goodFor;

    KnitOrder(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
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

    @Override
    public String goodFor() {
        return goodFor;
    }
}
