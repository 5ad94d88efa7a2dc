package roundpocket.core.judge;

/** The steps of the work that a caution can belong to. */
public enum Stage {
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

    public String title() {
        return title;
    }
}
