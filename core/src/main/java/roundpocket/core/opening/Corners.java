package roundpocket.core.opening;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/**
 * What is done at the two corners of the opening, where a hole tends to form. Stitches can be left in only where fabric is
 * unpicked: waste yarn comes out whole, or it would stay in the sock.
 */
public enum Corners implements Named {
    LEAVE_TWO(
            "leave 2 sts in",
            "leaving 2 sts in at each corner",
            "stop unpicking 2 sts before either end of the row; they hold the corner",
            2.0),
    LEAVE_ONE_AND_A_HALF(
            "leave one and a half in",
            "leaving one and a half sts in at each corner",
            "stop unpicking one and a half sts before either end of the row",
            1.5),
    PICK_UP(
            "pick up extra sts",
            "picking up extra sts at the corners",
            "the row comes out to its ends; extra sts are picked up at each corner and decreased away again",
            0),
    CLOSE_LATER(
            "close them later",
            "the corners closed later with the tail",
            "the row comes out to its ends; the joining tail closes the gap, round and round it from inside",
            0);

    private final String title;
    private final String phrase;
    private final String description;
    private final Optional<Constant> left;

    Corners(String title, String phrase, String description, double left) {
        this.title = title;
        this.phrase = phrase;
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

    /** Stitches of the row that stay in at each end. */
    public Optional<Constant> left() {
        return left;
    }

    /** Whether it can be done where the opening is made in that way. */
    public boolean goesWith(OpeningWay way) {
        return left.isEmpty() || way.cuts();
    }

    /** What is usually done there. */
    public static Corners usual(OpeningWay way) {
        return way.cuts() ? LEAVE_TWO : PICK_UP;
    }

    /** What can be done there, in the order in which it is offered. */
    public static List<Corners> of(OpeningWay way) {
        return Arrays.stream(values()).filter(corners -> corners.goesWith(way)).toList();
    }
}
