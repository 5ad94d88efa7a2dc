package roundpocket.core.finish;

import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The ribbings of a cuff. */
public enum Rib implements Named {
    ONE_BY_ONE("1×1 rib", "knit one, purl one: the finer and the tighter one", 2, 0.85),
    TWO_BY_TWO("2×2 rib", "knit two, purl two: the stretchier one", 4, 0.75);

    private final String title;
    private final String description;
    private final int repeat;
    private final Constant width;

    Rib(String title, String description, int repeat, double width) {
        this.title = title;
        this.description = description;
        this.repeat = repeat;
        this.width = Constant.of(
                "finish.rib-" + repeat / 2 + "x" + repeat / 2,
                "width of " + title + " over that of plain fabric",
                width,
                Unit.NUMBER,
                Source.memory("rib draws in; not stretched"));
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    /** What to work, round after round. */
    public String instruction() {
        return this == ONE_BY_ONE ? "K1, p1 around" : "K2, p2 around";
    }

    /** Its width over that of as many stitches of plain fabric, not stretched. */
    public Constant width() {
        return width;
    }

    /** Stitches of one repeat. */
    public int repeat() {
        return repeat;
    }

    public boolean closesOn(int stitches) {
        return stitches % repeat == 0;
    }
}
