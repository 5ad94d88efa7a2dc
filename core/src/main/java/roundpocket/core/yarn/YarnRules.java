package roundpocket.core.yarn;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules from stitches to metres and grams. */
public final class YarnRules {
    /** Standard uncertainties beyond which a weighing is doubted. */
    private static final double BELIEVED = 3;

    /** One over the variance of the factor before any weighing, 1 ± 0.1. */
    private static final double PRIOR_WEIGHT = 1 / (0.1 * 0.1);

    static final Rule.Of2 FINENESS = Rule.of(
            "yarn.fineness",
            "fineness from the label",
            "mass ÷ length × 1000",
            List.of("mass", "length"),
            Source.published("tex is grams in a kilometre (ISO 1144)"),
            (mass, length) -> mass / length * 1000,
            example(238.1, 0.05, 100.0, 420.0));

    static final Rule.Of3 LOOP_LENGTH = Rule.of(
            "yarn.loop-length",
            "length of one loop",
            "√(Ks ÷ (stitches ÷ 100 mm × rounds ÷ 100 mm))",
            List.of("Ks", "stitches", "rounds"),
            Source.published("D. L. Munden, The geometry and dimensional properties of plain-knit fabrics,"
                    + " Journal of the Textile Institute 50 (1959), T448; the constant from memory"),
            (ks, stitches, rounds) -> Math.sqrt(ks / (stitches / 100 * rounds / 100)),
            example(13.2, 0.05, 21.6, 80 / 2.54, 100 / 2.54));

    static final Rule.Of3 STITCH_METRES = Rule.of(
            "yarn.stitch-metres",
            "metres in stitches",
            "stitches × loop ÷ 1000 × factor",
            List.of("stitches", "loop", "factor"),
            Source.derived("every stitch is one loop; the factor is 1 until something has been weighed"),
            (stitches, loop, factor) -> stitches * loop / 1000 * factor,
            example(14.52, 1e-9, 1000.0, 13.2, 1.1));

    static final Rule.Of2 GRAMS = Rule.of(
            "yarn.grams",
            "grams in metres",
            "metres × fineness ÷ 1000",
            List.of("metres", "fineness"),
            Source.derived("tex is grams in a kilometre"),
            (metres, fineness) -> metres * fineness / 1000,
            example(2.381, 1e-9, 10.0, 238.1));

    static final Rule.Of2 STITCHES_IN_ROUNDS = Rule.of(
            "yarn.stitches-in-rounds",
            "stitches in rounds of the tube",
            "rounds × round",
            List.of("rounds", "round"),
            Source.derived("every round of the tube has all its stitches"),
            (rounds, round) -> rounds * round,
            example(1280.0, 1e-9, 20.0, 64.0));

    static final Rule.Of3 PREDICTED = Rule.of(
            "yarn.predicted",
            "grams that the model predicts before any weighing",
            "stitches × loop × fineness ÷ 1000000",
            List.of("stitches", "loop", "fineness"),
            Source.derived("stitches times millimetres of loop times grams in a kilometre"),
            (stitches, loop, fineness) -> stitches * loop * fineness / 1e6,
            example(3.143, 0.001, 1000.0, 13.2, 238.1));

    static final Rule.Of3 OFF_THE_MODEL = Rule.of(
            "yarn.off-the-model",
            "how far a weighing lies off what was to be expected, of what is believable",
            "|weighed − predicted| ÷ (3 × √(unsure² + (0.1 × predicted)²))",
            List.of("weighed", "predicted", "unsure"),
            Source.derived("three standard uncertainties of the difference; knitters differ by a tenth"),
            (weighed, predicted, unsure) ->
                    Math.abs(weighed - predicted) / (BELIEVED * Math.hypot(unsure, 0.1 * predicted)),
            example(1.4417, 0.001, 5.0, 10.0, 0.58));

    static final Rule.OfMany FACTOR = Rule.ofMany(
            "yarn.factor",
            "factor from weighing",
            "(1 ÷ 0.1² + sum of predicted × weighed ÷ unsure²) ÷ (1 ÷ 0.1² + sum of predicted² ÷ unsure²)",
            List.of("predicted, weighed, unsure…"),
            Source.derived("weighted least squares with 1 ± 0.1 as one more observation"),
            in -> {
                double above = PRIOR_WEIGHT;
                for (int i = 0; i < in.length; i += 3) {
                    above += in[i] * in[i + 1] / (in[i + 2] * in[i + 2]);
                }
                return above / weight(in, 3);
            },
            example(1.0875, 1e-4, 10.0, 11.0, 0.378));

    static final Rule.OfMany FACTOR_UNCERTAINTY = Rule.ofMany(
            "yarn.factor-uncertainty",
            "standard uncertainty of the factor",
            "1 ÷ √(1 ÷ 0.1² + sum of predicted² ÷ unsure²)",
            List.of("predicted, unsure…"),
            Source.derived("the variance of a weighted mean is one over the sum of the weights"),
            in -> 1 / Math.sqrt(weight(in, 2)),
            example(0.035358, 1e-5, 10.0, 0.378));

    static final Rule.Of2 MARGIN = Rule.of(
            "yarn.margin",
            "what is left over, in standard uncertainties",
            "left ÷ unsure",
            List.of("left", "unsure"),
            Source.derived("how many standard uncertainties it is away from running out"),
            (left, unsure) -> left / unsure,
            example(2.0, 1e-9, 10.0, 5.0));

    static final Rule.Of3 STOP_WEIGHT = Rule.of(
            "yarn.stop-weight",
            "what the cake must still weigh",
            "needed + 1.64 × unsure + scale",
            List.of("needed", "unsure", "scale"),
            Source.derived("what is still to be knitted, sure 19 times in 20, and one step of the scale"),
            (needed, unsure, scale) -> needed + 1.64 * unsure + scale,
            example(9.64, 1e-9, 7.0, 1.0, 1.0));

    static final Rule.Of3 ROUNDS_FROM = Rule.of(
            "yarn.rounds-from",
            "rounds that grams give",
            "(cake − kept) ÷ round",
            List.of("cake", "kept", "round"),
            Source.derived("what may be used, over the grams of one round"),
            (cake, kept, round) -> (cake - kept) / round,
            example(80.0, 1e-9, 26.0, 10.0, 0.2));

    static final Rule.Of2 PER_ROUND = Rule.of(
            "yarn.per-round",
            "grams in one round",
            "grams ÷ rounds",
            List.of("grams", "rounds"),
            Source.derived("division"),
            (grams, rounds) -> grams / rounds,
            example(0.2, 1e-9, 12.0, 60.0));

    static final Rule.Of2 OF_ROUNDS = Rule.of(
            "yarn.of-rounds",
            "grams in rounds",
            "rounds × round",
            List.of("rounds", "round"),
            Source.derived("multiplication"),
            (rounds, round) -> rounds * round,
            example(0.2, 1e-9, 1.0, 0.2));

    static final Rule.Of1 SPLIT = Rule.of(
            "yarn.split",
            "one of two equal cakes",
            "cake ÷ 2",
            List.of("cake"),
            Source.practice("a skein is wound into two cakes of equal weight, one for each sock"),
            cake -> cake / 2,
            example(50.0, 1e-9, 100.0));

    static final Rule.Of2 GRAFT_TAIL = Rule.of(
            "yarn.graft-tail",
            "tail for a graft",
            "the larger of 300 mm and 4 × stitches ÷ gauge × 100 mm",
            List.of("stitches", "gauge"),
            Source.practice("four times the width of the graft, and at least 30 cm"),
            (stitches, gauge) -> Math.max(300, 4 * stitches / gauge * 100),
            example(400.0, 1e-9, 32.0, 32.0));

    static final Rule.Of2 WOVEN_TAILS = Rule.of(
            "yarn.woven-tails",
            "ends to weave in",
            "ends × each",
            List.of("ends", "each"),
            Source.practice("20 cm for every end woven in"),
            (ends, each) -> ends * each,
            example(800.0, 1e-9, 4.0, 200.0));

    static final Rule.Of1 TAIL_METRES = Rule.of(
            "yarn.tail-metres",
            "metres in tails",
            "length ÷ 1000",
            List.of("length"),
            Source.derived("millimetres to metres"),
            length -> length / 1000,
            example(1.6, 1e-9, 1600.0));

    static final Rule.OfMany SUM = Rule.ofMany(
            "yarn.sum",
            "sum",
            "sum of all parts",
            List.of("parts…"),
            Source.derived("addition"),
            in -> Arrays.stream(in).sum(),
            example(6.0, 1e-9, 1.0, 2.0, 3.0));

    static final Rule.Of1 PAIR = Rule.of(
            "yarn.pair",
            "yarn for the pair",
            "2 × sock",
            List.of("sock"),
            Source.derived("two socks alike"),
            sock -> 2 * sock,
            example(54.0, 1e-9, 27.0));

    static final Rule.Of2 LEFT_OVER = Rule.of(
            "yarn.left-over",
            "left when the pair is done",
            "at_hand − pair",
            List.of("at_hand", "pair"),
            Source.derived("subtraction; below nothing it is what is missing"),
            (atHand, pair) -> atHand - pair,
            example(46.0, 1e-9, 100.0, 54.0));

    static final Rule.Of2 PAIRS = Rule.of(
            "yarn.pairs",
            "yarn for several pairs",
            "number × pair",
            List.of("number", "pair"),
            Source.derived("multiplication"),
            (number, pair) -> number * pair,
            example(108.0, 1e-9, 2.0, 54.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            FINENESS,
            LOOP_LENGTH,
            STITCH_METRES,
            GRAMS,
            STITCHES_IN_ROUNDS,
            PREDICTED,
            OFF_THE_MODEL,
            FACTOR,
            FACTOR_UNCERTAINTY,
            MARGIN,
            STOP_WEIGHT,
            ROUNDS_FROM,
            PER_ROUND,
            OF_ROUNDS,
            SPLIT,
            GRAFT_TAIL,
            WOVEN_TAILS,
            TAIL_METRES,
            SUM,
            PAIR,
            PAIRS,
            LEFT_OVER);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = List.of(
            Calibration.UNWEIGHED,
            Calibration.WHOLE_GRAMS,
            YarnModel.JOIN_TAIL,
            YarnModel.DRAW_THROUGH_TAIL,
            YarnModel.SCALE_STEP);

    private YarnRules() {}

    private static double weight(double[] in, int stride) {
        double weight = PRIOR_WEIGHT;
        for (int i = 0; i < in.length; i += stride) {
            double unsure = in[i + stride - 1];
            weight += in[i] * in[i] / (unsure * unsure);
        }
        return weight;
    }
}
