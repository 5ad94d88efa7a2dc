package roundpocket.core.opening;

import java.util.Optional;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** What is done at the two corners of the opening, where a hole tends to form. */
public enum Corners {
    LEAVE_TWO("leave two", "the last two stitches at either end stay in the row", 2.0),
    LEAVE_ONE_AND_A_HALF("leave one and a half", "the last one and a half stitches at either end stay in the row", 1.5),
    PICK_UP("pick up extra loops", "the row comes out to its ends, and extra loops are picked up at each corner", 0);

    private final String title;
    private final String description;
    private final Optional<Constant> left;

    Corners(String title, String description, double left) {
        this.title = title;
        this.description = description;
        this.left = left == 0
                ? Optional.empty()
                : Optional.of(Constant.of(
                        left == 2 ? "opening.corner-two" : "opening.corner-one-and-a-half",
                        "stitches left in at each corner",
                        left,
                        Unit.STITCHES,
                        Source.practice("two, or one and a half, against a hole at the corner")));
    }

    public String title() {
        return title;
    }

    public String description() {
        return description;
    }

    /** Stitches of the row that stay in at each end. */
    public Optional<Constant> left() {
        return left;
    }
}
