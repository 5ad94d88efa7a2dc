package roundpocket.core.finish;

/** The two needles that hold the loops of a graft. */
public enum Needle {
    FRONT("front needle"),
    BACK("back needle");

    private final String title;

    Needle(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }
}
