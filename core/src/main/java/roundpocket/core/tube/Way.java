package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** How one comes by the tube. */
public enum Way implements Named {
    TOE_UP("toe-up", "the tube grows from the toe to the cuff"),
    CUFF_DOWN("cuff-down", "the tube grows from the cuff to the toe"),
    READY_TUBE(
            "from a ready tube", "the tube is there already, from a machine or an earlier day, and is cut to length");

    private final String title;
    private final String description;

    Way(String title, String description) {
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
