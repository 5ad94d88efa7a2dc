package roundpocket.core.plan;

import roundpocket.core.explain.Named;

/** Which of the yarns of a pair. */
public enum YarnRole implements Named {
    MAIN("main yarn", "yarn"),
    CONTRAST("contrast yarn", "contrast");

    private final String title;
    private final String path;

    YarnRole(String title, String path) {
        this.title = title;
        this.path = path;
    }

    @Override
    public String title() {
        return title;
    }

    /** Its path in the specification. */
    public String path() {
        return path;
    }
}
