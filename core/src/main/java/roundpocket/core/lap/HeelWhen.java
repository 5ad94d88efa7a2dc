package roundpocket.core.lap;

import roundpocket.core.explain.Named;
import roundpocket.core.tube.Way;

/** When the heel is knitted. */
public enum HeelWhen implements Named {
    AFTER_TUBE("after the tube", "finish the tube, then heel, then toe"),
    LAST("last of all", "toe and everything else first; the heel closes the sock"),
    AT_ONCE(
            "as soon as possible",
            "10 rounds past the heel line, so that you can try it on early; the rest of the tube waits");

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

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }
}
