package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** The parts of a sock, from the toe up, and last what is neither knitted rounds nor on the tape. */
public enum Section implements Named {
    TOE("toe"),
    FOOT("foot"),
    HEEL("heel"),
    LEG("leg"),
    CUFF("cuff"),
    ENDS("bind-off and tails"),
    CONTRAST_ENDS("bind-off and tails, contrast");

    private final String title;

    Section(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }
}
