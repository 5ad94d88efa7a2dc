package roundpocket.core.fit;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/** The rules of the fit at heel and ankle. */
public final class FitRules {
    private static final Source AT_LEG = Source.memory("a ribbed edge holds between 10 and 35 % smaller than the leg");

    static final Rule.Of2 SHAPING_ROUNDS = Rule.of(
            "fit.shaping-rounds",
            "rounds of the heel after the plain ones",
            "rounds − plain",
            List.of("rounds", "plain"),
            Source.derived("subtraction"),
            (rounds, plain) -> rounds - plain,
            example(16.0, 1e-9, 20.0, 4.0));

    static final Rule.Of7 ROOM = Rule.of(
            "fit.heel-room",
            "girth that the sock offers around heel and ankle",
            "(instep + close) × 100 mm ÷ stitches + 2 × (plain × 100 mm ÷ rounds"
                    + " + √((shaped × 100 mm ÷ rounds)^2 + ((heel − close) ÷ 2 × 100 mm ÷ stitches)^2))",
            List.of("instep", "heel", "close", "plain", "shaped", "stitches", "rounds"),
            Source.derived("over the instep once half the tube, down either edge of the heel along its plain rounds and"
                    + " its slope, and across the close"),
            (instep, heel, close, plain, shaped, stitches, rounds) -> (instep + close) * 100 / stitches
                    + 2
                            * (plain * 100 / rounds
                                    + Math.hypot(shaped * 100 / rounds, (heel - close) / 2 * 100 / stitches)),
            example(268.57, 0.01, 32.0, 32.0, 16.0, 4.0, 16.0, 80 / 2.54, 100 / 2.54));

    static final Rule.Of2 STRETCH = Rule.of(
            "fit.stretch",
            "how far the fabric stretches",
            "girth ÷ offered − 1",
            List.of("girth", "offered"),
            Source.derived("the girth of the foot over what the sock offers, less one"),
            (girth, offered) -> girth / offered - 1,
            example(0.125, 1e-9, 228.6, 203.2));

    static final Rule.Of4 STRETCH_LIMIT = Rule.of(
            "fit.stretch-limit",
            "stretch at the heel that is still comfortable",
            "ball + points, but never under least nor over most",
            List.of("ball", "points", "least", "most"),
            Source.derived(
                    "the heel may stretch little more than the ball does; less than 15 % is never felt, more than"
                            + " 30 % always"),
            (ball, points, least, most) -> Math.max(least, Math.min(most, ball + points)),
            example(0.175, 1e-9, 0.125, 0.05, 0.15, 0.30));

    static final Rule.Of3 OVER_LIMIT = Rule.of(
            "fit.over-limit",
            "stretch at the heel beyond what is comfortable",
            "stretch − limit − slack",
            List.of("stretch", "limit", "slack"),
            Source.derived("a point more than the limit is not noticed"),
            (stretch, limit, slack) -> stretch - limit - slack,
            example(0.015, 1e-9, 0.20, 0.175, 0.01));

    static final Rule.Of4 USUAL_PLAIN = Rule.of(
            "fit.usual-plain",
            "plain rounds of a heel whose diagonal was not measured",
            "the larger of 0 and share × ball × rounds ÷ 100 mm − shaped",
            List.of("share", "ball", "rounds", "shaped"),
            Source.derived("two inches of heel on a ball of nine inches, as practice found by trial"),
            (share, ball, rounds, shaped) -> Math.max(0, share * ball * rounds / 100 - shaped),
            example(4.0, 1e-9, 2 / 9.0, 228.6, 100 / 2.54, 16.0));

    static final Rule.Of2 EDGE_GIRTH = Rule.of(
            "fit.edge-girth",
            "girth of the ribbed edge, not stretched",
            "tube × rib",
            List.of("tube", "rib"),
            Source.memory("rib draws in: to 0.75 of plain fabric in 2×2 rib, to 0.85 in 1×1"),
            (tube, rib) -> tube * rib,
            example(152.4, 1e-9, 203.2, 0.75));

    static final Rule.Of2 PASSING = Rule.of(
            "fit.passing",
            "how far the tube must stretch to pass the heel",
            "diagonal ÷ tube",
            List.of("diagonal", "tube"),
            Source.derived("the heel diagonal over the girth of the tube"),
            (diagonal, tube) -> diagonal / tube,
            example(1.53, 0.001, 310.9, 203.2));

    static final Rule.Of2 HEEL_SHARE = Rule.of(
            "fit.heel-share",
            "share of the foot that the heel takes",
            "depth ÷ foot",
            List.of("depth", "foot"),
            Source.practice("a heel takes a quarter to a third of the foot"),
            (depth, foot) -> depth / foot,
            example(0.2105, 1e-4, 50.8, 241.3));

    static final Constant POINTS = share(
            "fit.points",
            "comfortable stretch at the heel, over that at the ball",
            0.05,
            Source.derived("at 8 stitches and 10 rounds an inch it gives 3 or 4 plain rounds for an average foot, what"
                    + " practice found by trial; at a finer round gauge the same depth takes more rounds"));
    static final Constant LEAST_LIMIT = share(
            "fit.least-limit",
            "stretch at the heel that is comfortable in any sock",
            0.15,
            Source.derived("plain knitting gives that much without being felt"));
    static final Constant MOST_LIMIT = share(
            "fit.most-limit",
            "stretch at the heel that is comfortable in no sock",
            0.30,
            Source.derived("beyond this the heel pulls however snug the rest is"));
    static final Constant SLACK = share(
            "fit.slack",
            "stretch beyond the limit that nobody notices",
            0.01,
            Source.derived("a point; the tape does not read closer"));
    static final Constant USUAL_HEEL = Constant.of(
            "fit.usual-heel",
            "depth of a heel over the girth of the ball",
            2 / 9.0,
            Unit.PERCENT,
            Source.practice("two inches of heel on a ball of nine inches"));
    /** A cuff's edge is to be smaller than the leg by at least this much, or it slides. */
    public static final Constant LEAST_AT_LEG =
            share("fit.least-at-leg", "ribbed edge smaller than the leg, at least", 0.10, AT_LEG);

    /** A cuff's edge that is smaller by more than this marks the leg. */
    public static final Constant MOST_AT_LEG =
            share("fit.most-at-leg", "ribbed edge smaller than the leg, at most", 0.35, AT_LEG);

    /** Stretch beyond which a tube passes the heel only just. */
    public static final Constant TIGHT = Constant.of(
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

    static final Rule.Of4 FOOT_WIDTH = Rule.of(
            "fit.foot-width",
            "width of the foot so far behind the tip of its toes",
            "tip + (width − tip) × (part + √(1 − (1 − part)²)) ÷ 2 with part = depth ÷ back, but never more than 1; less"
                    + " the round of the big toe: tip × (1 − √(1 − (1 − depth ÷ tip)²)) as far as depth is less than tip",
            List.of("depth", "tip", "width", "back"),
            Source.derived(
                    "the toes are round: the outline lies half way between the line from the longest to the little one and"
                            + " a quarter of an ellipse over it, and the big toe’s side is one"),
            (depth, tip, width, back) -> right(depth, tip, width, back) - left(depth, tip),
            example(95.0, 1e-9, 40.0, 28.0, 95.0, 38.0));

    static final Rule.Of3 WORN_WIDTH = Rule.of(
            "fit.worn-width",
            "width of the sock as it is worn",
            "width × side ÷ half",
            List.of("width", "side", "half"),
            Source.derived("half of the tube’s stitches are stretched as wide as the foot at the ball, and fewer in"
                    + " proportion"),
            (width, side, half) -> width * side / half,
            example(47.5, 1e-9, 95.0, 16.0, 32.0));

    static final Rule.Of2 BETWEEN = Rule.of(
            "fit.between",
            "how far the sock’s width is from the foot’s",
            "the larger of foot − sock and sock − foot",
            List.of("foot", "sock"),
            Source.derived("too narrow squeezes, too wide folds: either counts"),
            (foot, sock) -> Math.abs(foot - sock),
            example(12.5, 1e-9, 35.0, 47.5));

    static final Rule.OfMany MEAN = Rule.ofMany(
            "fit.mean",
            "average",
            "sum ÷ how many",
            List.of("values…"),
            Source.derived("arithmetic mean"),
            in -> Arrays.stream(in).average().orElse(0),
            example(3.0, 1e-9, 2.0, 4.0, 3.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            SHAPING_ROUNDS,
            ROOM,
            STRETCH,
            STRETCH_LIMIT,
            OVER_LIMIT,
            USUAL_PLAIN,
            PASSING,
            EDGE_GIRTH,
            HEEL_SHARE,
            FOOT_WIDTH,
            WORN_WIDTH,
            BETWEEN,
            MEAN);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS =
            List.of(POINTS, LEAST_LIMIT, MOST_LIMIT, SLACK, USUAL_HEEL, TIGHT, TOO_TIGHT, LEAST_AT_LEG, MOST_AT_LEG);

    private FitRules() {}

    /** The outline's edge on the big toe's side so far behind the tip, from the inner edge of the foot. */
    static double left(double depth, double tip) {
        double ahead = 1 - Math.min(depth, tip) / tip;
        return tip * (1 - Math.sqrt(1 - ahead * ahead));
    }

    /** Its edge on the little toe's side. */
    static double right(double depth, double tip, double width, double back) {
        double share = back > 0 ? Math.min(1, depth / back) : 1;
        return tip + (width - tip) * (share + Math.sqrt(1 - (1 - share) * (1 - share))) / 2;
    }

    private static Constant share(String id, String label, double value, Source source) {
        return Constant.of(id, label, value, Unit.PERCENT, source);
    }

    /** The girth of a cuff's edge in {@code rib}, not stretched, in millimetres. */
    public static Step edgeGirth(Step tube, Constant rib) {
        return Computed.of("around the cuff’s edge", Unit.MILLIMETRES, EDGE_GIRTH.of(tube, rib.step()));
    }

    /** The share of the foot that a heel of this depth takes. */
    public static Step heelShare(Step depth, Step foot) {
        return Computed.of("share of the foot that the heel takes", Unit.PERCENT, HEEL_SHARE.of(depth, foot));
    }
}
