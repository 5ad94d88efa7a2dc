package roundpocket.core.finish;

/** The ribbings of a cuff. */
public enum Rib {
    ONE_BY_ONE("1×1 rib", "knit one, purl one: the finer and the tighter one", 2),
    TWO_BY_TWO("2×2 rib", "knit two, purl two: the stretchier one", 4);

    private final String title;
    private final String description;
    private final int repeat;

    Rib(String title, String description, int repeat) {
        this.title = title;
        this.description = description;
        this.repeat = repeat;
    }

    public String title() {
        return title;
    }

    public String description() {
        return description;
    }

    /** Stitches of one repeat. */
    public int repeat() {
        return repeat;
    }

    public boolean closesOn(int stitches) {
        return stitches % repeat == 0;
    }
}
