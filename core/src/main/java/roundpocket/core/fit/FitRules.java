package roundpocket.core.fit;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/** The rules of the fit at heel and ankle. */
public final class FitRules {
    static final Rule SHAPING_ROUNDS = new Rule(
            "fit.shaping-rounds",
            "rounds of the heel after the plain ones",
            "rounds − plain",
            List.of("rounds", "plain"),
            Source.derived("subtraction"),
            in -> in[0] - in[1],
            example(16.0, 1e-9, 20.0, 4.0));

    static final Rule ROOM = new Rule(
            "fit.heel-room",
            "girth that the sock offers round heel and ankle",
            "(side + close) × 100 mm ÷ stitches + 2 × (plain × 100 mm ÷ rounds"
                    + " + √((shaped × 100 mm ÷ rounds)^2 + ((side − close) ÷ 2 × 100 mm ÷ stitches)^2))",
            List.of("side", "close", "plain", "shaped", "stitches", "rounds"),
            Source.derived("over the instep once the side, down either edge of the heel along its plain rounds and"
                    + " its slope, and across the close"),
            in -> (in[0] + in[1]) * 100 / in[4]
                    + 2 * (in[2] * 100 / in[5] + Math.hypot(in[3] * 100 / in[5], (in[0] - in[1]) / 2 * 100 / in[4])),
            example(268.57, 0.01, 32.0, 16.0, 4.0, 16.0, 80 / 2.54, 100 / 2.54));

    static final Rule STRETCH = new Rule(
            "fit.stretch",
            "how far the fabric stretches",
            "girth ÷ offered − 1",
            List.of("girth", "offered"),
            Source.derived("the girth of the foot over what the sock offers, less one"),
            in -> in[0] / in[1] - 1,
            example(0.125, 1e-9, 228.6, 203.2));

    static final Rule STRETCH_LIMIT = new Rule(
            "fit.stretch-limit",
            "stretch at the heel that is still easy",
            "ball + points",
            List.of("ball", "points"),
            Source.derived("the heel may stretch little more than the ball does"),
            in -> in[0] + in[1],
            example(0.175, 1e-9, 0.125, 0.05));

    static final Rule PASSING = new Rule(
            "fit.passing",
            "how far the tube must stretch to pass the heel",
            "diagonal ÷ tube",
            List.of("diagonal", "tube"),
            Source.derived("the heel diagonal over the girth of the tube"),
            in -> in[0] / in[1],
            example(1.53, 0.001, 310.9, 203.2));

    static final Rule HEEL_SHARE = new Rule(
            "fit.heel-share",
            "share of the foot that the heel takes",
            "depth ÷ foot",
            List.of("depth", "foot"),
            Source.practice("a heel takes a quarter to a third of the foot"),
            in -> in[0] / in[1],
            example(0.2105, 1e-4, 50.8, 241.3));

    static final Constant POINTS = Constant.of(
            "fit.points",
            "stretch at the heel over that at the ball",
            0.05,
            Unit.PERCENT,
            Source.derived("gives 3 or 4 plain rounds for an average foot, what practice found by trial"));
    static final Constant TIGHT = Constant.of(
            "fit.tight",
            "passes the heel only tightly above",
            1.6,
            Unit.NUMBER,
            Source.memory("common practice: knitting stretches to about one and a half times"));
    static final Constant TOO_TIGHT = Constant.of(
            "fit.too-tight",
            "does not pass the heel above",
            1.8,
            Unit.NUMBER,
            Source.memory("common practice: beyond this no bind-off gives"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(SHAPING_ROUNDS, ROOM, STRETCH, STRETCH_LIMIT, PASSING, HEEL_SHARE);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = List.of(POINTS, TIGHT, TOO_TIGHT);

    private FitRules() {}

    /** The share of the foot that a heel of this depth takes. */
    public static Step heelShare(Step depth, Step foot) {
        return Computed.of("share of the foot that the heel takes", Unit.PERCENT, HEEL_SHARE, depth, foot);
    }
}
