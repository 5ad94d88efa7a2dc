package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** When the heel is knitted. */
public enum HeelWhen implements Named {
    AFTER_TUBE("after the tube", "finish the tube, then heel, then toe"),
    LAST("last of all", "the toe first; the heel closes the sock"),
    AT_ONCE("as soon as possible", "10 rounds past the heel line, to try it on early; the rest waits");

    private final String title;
    private final String description;

    HeelWhen(String title, String description) {
        this.title = title;
        this.description = description;
    }

    /** Whether it can be done with a tube that one comes by in that way. */
    public boolean goesWith(Way way) {
        return this != AT_ONCE || way != Way.READY_TUBE;
    }

    /** Why it cannot be taken for a tube that one comes by in that way; empty where it can. */
    public String notNow(Way way) {
        return goesWith(way) ? "" : "A ready tube is already whole, so its heel can’t be knitted along the way.";
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
