package roundpocket.core.almanac;

import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;

/** What the hands do, where a step only names it. */
enum Technique implements Named {
    KNITWISE("knitwise", "the needle goes into the stitch as if to knit it"),
    PURLWISE("purlwise", "the needle goes into the stitch as if to purl it, so that it comes off untwisted"),
    CLOSED_START(
            "closed start",
            "two needles lie side by side; the yarn goes over one and under the other in turn until each has half the"
                    + " stitches, then one half is knitted and the other after it: nothing is left to sew"),
    STRETCHY_BIND_OFF(
            "stretchy bind-off",
            "knit two, put both back and knit them together through the back; then knit one more and do the same; a"
                    + " thicker needle loosens it further"),
    JOINED_EDGE(
            "joining the edge",
            "with the end, go under both legs of the first bound-off stitch and back into the middle of the last: the"
                    + " edge goes on without a step"),
    CORNER(
            "picking up at a corner",
            "the strand is lifted onto the needle and knitted through the back: twisted, it leaves no hole"),
    JOINED_YARN(
            "joining yarn",
            "knit on with the new yarn and leave its tail inside; after a round both tails are drawn snug, and woven in"
                    + " at the end"),
    WRAPPING(
            "wrapping a stitch",
            "the yarn goes to the other side, the next stitch is slipped, the yarn comes back and the stitch too: the"
                    + " yarn lies around its foot");

    private final String title;
    private final String description;

    Technique(String title, String description) {
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

    @Override
    public Source source() {
        return Source.practice("as it is done by hand");
    }
}
