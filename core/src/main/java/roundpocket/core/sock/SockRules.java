package roundpocket.core.sock;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/** The rules of the stitch count. */
public final class SockRules {
    static final Rule.Of3 IDEAL_STITCHES = Rule.of(
            "sock.ideal-stitches",
            "stitches that would fit exactly",
            "girth × (1 − smaller) × gauge ÷ 100 mm",
            List.of("girth", "smaller", "gauge"),
            Source.practice("a sock is knitted 10 to 20 % smaller than the foot around the ball"),
            (girth, smaller, gauge) -> girth * (1 - smaller) * gauge / 100,
            example(64.8, 1e-9, 228.6, 0.1, 72 / 228.6 * 100));

    static final Rule.Of1 HALF = Rule.of(
            "sock.half",
            "stitches of the sole or of the instep",
            "stitches ÷ 2",
            List.of("stitches"),
            Source.practice("the tube is divided evenly"),
            stitches -> stitches / 2,
            example(32.0, 1e-9, 64.0));

    static final Rule.Of2 FINISHED_GIRTH = Rule.of(
            "sock.finished-girth",
            "girth of the tube, not stretched",
            "stitches ÷ gauge × 100 mm",
            List.of("stitches", "gauge"),
            Source.derived("stitches over stitches in 10 cm"),
            (stitches, gauge) -> stitches / gauge * 100,
            example(203.2, 1e-6, 64.0, 80 / 2.54));

    static final Rule.Of2 REAL_EASE = Rule.of(
            "sock.real-ease",
            "how much smaller the sock really is",
            "1 − tube ÷ girth",
            List.of("tube", "girth"),
            Source.derived("negative ease as a share of the foot; a 7 in sock on a 9 in foot is 22 % smaller"),
            (tube, girth) -> 1 - tube / girth,
            example(0.2222, 1e-4, 7.0, 9.0));

    static final Rule.Of2 GIRTH_FOR = Rule.of(
            "sock.girth-for",
            "girth of the foot that a tube fits",
            "tube ÷ (1 − smaller)",
            List.of("tube", "smaller"),
            Source.derived("the tube is smaller than the foot by the ease"),
            (tube, smaller) -> tube / (1 - smaller),
            example(225.78, 0.01, 203.2, 0.1));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(IDEAL_STITCHES, HALF, FINISHED_GIRTH, REAL_EASE, GIRTH_FOR);

    /** The girth of a tube of so many stitches, not stretched, in millimetres. */
    public static Step girthOf(Step stitches, Gauge gauge) {
        return Computed.of("girth of the tube", Unit.MILLIMETRES, FINISHED_GIRTH.of(stitches, gauge.stitches()));
    }

    /** How much smaller than {@code girth} a tube is, as a ratio. */
    public static Step easeOf(String label, Step tube, Step girth) {
        return Computed.of(label, Unit.PERCENT, REAL_EASE.of(tube, girth));
    }

    /** The girth of the foot that a tube fits when it is to be smaller by {@code ease}. */
    public static Step girthFor(Step tube, Step ease) {
        return Computed.of("girth of the foot it fits", Unit.MILLIMETRES, GIRTH_FOR.of(tube, ease));
    }

    private SockRules() {}
}
