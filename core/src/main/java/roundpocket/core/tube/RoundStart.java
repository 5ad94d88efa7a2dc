package roundpocket.core.tube;

import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;

/** Where a round of the tube begins, and so which half of it comes first. */
public enum RoundStart implements Named {
    SOLE("with the sole", "the sole comes first, then the instep", "a heel line where a round begins"),
    INSTEP(
            "with the instep",
            "the instep comes first, then the sole",
            "a waste-yarn line that leaves no half round over"),
    MIDDLE(
            "in the middle of the sole",
            "half the sole comes first; at the heel line you knit on to the side and begin there from then on",
            "a start that lies out of sight");

    private final String title;
    private final String description;
    private final String goodFor;

    RoundStart(String title, String description, String goodFor) {
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
        return Source.practice("a round begins at a side, with either half, or in the middle of the sole");
    }

    /** Stitches of the sole, or of sole and instep, that are gone by before a round begins, on halves of so many. */
    public int before(int half) {
        return switch (this) {
            case SOLE -> 0;
            case INSTEP -> half;
            case MIDDLE -> half / 2;
        };
    }
}
