package roundpocket.core.tube;

import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;

/** How stitches are begun that are to be live again later. */
public enum Provisional implements Named {
    WASTE_ROWS(
            "on waste yarn",
            "a few rounds of waste yarn come first; later they come out stitch by stitch",
            "working without a hook"),
    CHAIN(
            "on a crochet chain",
            "stitches are picked up behind a chain of waste yarn, which later unravels from its end",
            "a start that comes out in one pull");

    /** Chains more than stitches, since some bumps are hard to find. */
    private static final int SPARE = 4;

    private final String title;
    private final String description;
    private final String goodFor;

    Provisional(String title, String description, String goodFor) {
        this.title = title;
        this.description = description;
        this.goodFor = goodFor;
    }

    @Override
    public String title() {
        return title;
    }

    @Override
    public String description() {
        return description;
    }

    @Override
    public String goodFor() {
        return goodFor;
    }

    @Override
    public Source source() {
        return Source.practice("two common ways of beginning with live stitches");
    }

    /**
     * How so many stitches are begun in the round, and when it is joined.
     *
     * @param laid how the round lies on the needles, as it goes on behind the number of stitches
     */
    public String beginRound(int stitches, String laid) {
        return switch (this) {
            case WASTE_ROWS ->
                "Cast on " + stitches + " sts with smooth waste yarn of another colour" + laid
                        + ". Join in the round and knit 3 or 4 rounds of it, then go on with the working yarn, its end"
                        + " inside. The count begins there.";
            case CHAIN ->
                chained(stitches) + " Lay them so that they don’t twist" + laid + ", and join in the round."
                        + " They are the foot’s round 1 as well: tap once more for it.";
        };
    }

    /** How so many stitches are begun in rows. */
    public String beginRow(int stitches) {
        return switch (this) {
            case WASTE_ROWS ->
                "Cast on " + stitches
                        + " sts with smooth waste yarn of another colour and work 4 rows of it, to and fro,"
                        + " ending with a purl row. Don’t join. Go on with the working yarn.";
            case CHAIN -> chained(stitches) + " Don’t join.";
        };
    }

    private static String chained(int stitches) {
        return "With smooth waste yarn of another colour and a hook, chain " + (stitches + SPARE) + ": " + SPARE
                + " to spare. Pick up " + stitches
                + " sts with the working yarn, one in each bump at the back of the chain.";
    }

    /** How what held them comes out. */
    public String undo() {
        return switch (this) {
            case WASTE_ROWS -> "Then take the waste yarn out.";
            case CHAIN ->
                "Open the end that was worked last and pull: the chain comes out st by st, and each st goes on"
                        + " the needle as it is let go.";
        };
    }
}
