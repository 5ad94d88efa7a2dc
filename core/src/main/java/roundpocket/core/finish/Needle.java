package roundpocket.core.finish;

import roundpocket.core.explain.Named;

/** The two needles that hold the loops of a graft. */
public enum Needle implements Named {
    FRONT("front needle"),
    BACK("back needle");

    private final String title;

    Needle(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return "on the " + title;
    }
}
