package roundpocket.core.opening;

import java.util.Locale;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The ways of making the opening. */
public enum OpeningWay implements Named {
    SNIP(
            "snip afterwards",
            "opened by a snip",
            "nothing to do while knitting; mark the centre stitch with a locking marker so you can find it",
            1,
            1),
    WASTE_ONE_LINE(
            "waste yarn, one line",
            "marked with one line of waste yarn",
            "while knitting: drop the working yarn, knit the sole stitches with waste yarn, long tails outside;"
                    + " slide them back and knit them again with the working yarn",
            0,
            1),
    WASTE_TWO_LINES(
            "waste yarn, two lines",
            "marked with two lines of waste yarn",
            "while knitting: knit across the sole with waste yarn, turn, purl back, and carry on with the working"
                    + " yarn where you left it",
            0,
            2),
    LIFELINES(
            "two lifelines",
            "opened between two lifelines",
            "while knitting: run a thread through the sole stitches, knit one plain round, run a thread through the"
                    + " next; cut between",
            1,
            1);

    private final String title;
    private final String phrase;
    private final String description;
    private final Constant lost;
    private final Constant rows;

    OpeningWay(String title, String phrase, String description, int lost, int rows) {
        this.title = title;
        this.phrase = phrase;
        this.description = description;
        this.lost = Constant.of(
                "opening.lost." + slug(),
                "rounds lost, " + title,
                lost,
                Unit.ROUNDS,
                Source.practice(title + ": " + description));
        this.rows = Constant.of(
                "opening.rows." + slug(),
                "rows that come out, " + title,
                rows,
                Unit.ROUNDS,
                Source.practice(description));
    }

    private String slug() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String phrase() {
        return phrase;
    }

    @Override
    public String description() {
        return description;
    }

    /** Rows of half the tube's stitches that come out at the opening. */
    public Constant rows() {
        return rows;
    }

    /** Rounds that are unpicked and lost. */
    public Constant lost() {
        return lost;
    }

    /** Whether stitches of the fabric itself are cut. */
    public boolean cuts() {
        return this == SNIP || this == LIFELINES;
    }

    /** Whether it can still be made when the tube is there already. */
    public boolean afterwards() {
        return this == SNIP;
    }
}
