package roundpocket.core.foot;

import java.util.Map;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * What a pencil outline of the foot says of its front, read off with a ruler.
 *
 * @param widthMm straight across the outline at the ball, 40 to 160 mm
 * @param tipInMm from the inner edge, where the big toe runs, to the tip of the longest toe: more than nothing and less
 *     than the width
 * @param littleBackMm how far the tip of the little toe lies behind that of the longest, 0 to 100 mm
 */
public record Tracing(double widthMm, double tipInMm, double littleBackMm) {
    private static final Limit WIDTH = new Limit(
            "foot.tracing.width",
            40,
            160,
            Unit.MILLIMETRES,
            "The outline must be {min} to {max} wide at the ball (you entered {found}).",
            "Lay the ruler straight across the widest part of the outline.");
    private static final Limit TIP = new Limit(
            "foot.tracing.tip",
            1,
            159,
            Unit.MILLIMETRES,
            "The tip must lie {min} to {max} in from the inner edge (you entered {found}).",
            "Measure from the inner edge to the tip of the longest toe.");
    private static final Limit BACK = new Limit(
            "foot.tracing.back",
            0,
            100,
            Unit.MILLIMETRES,
            "The little toe must lie {min} to {max} back (you entered {found}).",
            "Measure how far its tip lies behind that of the longest toe.");

    public Tracing {
        Problems problems = new Problems();
        problems.checkBody("widthMm", widthMm, WIDTH);
        problems.checkRange("tipInMm", tipInMm, TIP);
        problems.checkRange("littleBackMm", littleBackMm, BACK);
        problems.throwIfAny();
        if (tipInMm >= widthMm) {
            problems.add(new Problem(
                    "foot.tracing.tip-outside",
                    "tipInMm",
                    "A tip {found} in from the inner edge lies outside an outline {width} wide.",
                    "Measure from the inner edge to the tip of the longest toe.",
                    Map.of("found", Amount.mm(tipInMm), "width", Amount.mm(widthMm))));
        }
        problems.throwIfAny();
    }

    /** Refuses an outline that is none of this foot's. */
    void checkAgainst(Problems problems, double lengthMm, double ballGirthMm) {
        if (2 * widthMm >= ballGirthMm) {
            problems.add(new Problem(
                    "foot.tracing.wide",
                    "tracing.widthMm",
                    "{found} across is too wide for a foot {ball} around the ball.",
                    "Hold the pencil upright, and read the width straight across.",
                    Map.of("found", Amount.mm(widthMm), "ball", Amount.mm(ballGirthMm))));
        }
        if (littleBackMm > lengthMm / 3) {
            problems.add(new Problem(
                    "foot.tracing.back-far",
                    "tracing.littleBackMm",
                    "A little toe {found} back is more than a third of a foot of {length}.",
                    "Measure how far its tip lies behind that of the longest toe.",
                    Map.of("found", Amount.mm(littleBackMm), "length", Amount.mm(lengthMm))));
        }
    }

    /** Straight across at the ball. */
    public Step width(String at) {
        return read("width of the outline at the ball", widthMm, at + ".widthMm");
    }

    /** From the inner edge to the tip. */
    public Step tipIn(String at) {
        return read("tip of the toes, in from the inner edge", tipInMm, at + ".tipInMm");
    }

    /** From the tip back to the little toe. */
    public Step littleBack(String at) {
        return read("little toe, behind the tip", littleBackMm, at + ".littleBackMm");
    }

    private static Step read(String label, double mm, String field) {
        return Given.measured(label, mm, Unit.MILLIMETRES, field, Foot.TAPE.value());
    }
}
