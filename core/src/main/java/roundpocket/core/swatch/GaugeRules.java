package roundpocket.core.swatch;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules that turn counts on a swatch into a gauge. */
public final class GaugeRules {
    private static final double SQRT_3 = Math.sqrt(3);

    static final Rule.Of2 RATE = Rule.of(
            "swatch.rate",
            "gauge from one reading",
            "count ÷ span × 100 mm",
            List.of("count", "span"),
            Source.derived("a count over a span, brought to 10 cm; 4 in are 101.6 mm and not 10 cm"),
            (count, span) -> count / span * 100,
            example(31.496, 0.001, 32.0, 101.6));

    static final Rule.OfMany POOLED = Rule.ofMany(
            "swatch.pooled",
            "gauge from several readings",
            "sum of the counts ÷ sum of the spans × 100 mm",
            List.of("count, span…"),
            Source.derived("all that was counted over all it was counted on, so that a long reading weighs more"),
            in -> every(in, 0) / every(in, 1) * 100,
            example(32.8, 1e-9, 31.0, 100.0, 10.0, 25.0));

    static final Rule.OfMany COUNTING_ERROR = Rule.ofMany(
            "swatch.counting-error",
            "uncertainty of counting",
            "0.5 × √(number of readings) ÷ √(3) ÷ sum of the spans × 100 mm",
            List.of("spans…"),
            Source.published("each count is good to ±0.5 evenly spread, so its standard uncertainty is 0.5/√3"
                    + " (JCGM 100:2008, GUM, 4.3.7)"),
            in -> 0.5 * Math.sqrt(in.length) / SQRT_3 / Arrays.stream(in).sum() * 100,
            example(0.28868, 1e-5, 100.0));

    /** How much a fabric differs from place to place, as a share of its gauge, over 10 cm. */
    static final Constant FABRIC_VARIES = Constant.of(
            "swatch.fabric-varies",
            "a fabric’s gauge varies from place to place, over 10 cm, by",
            0.02,
            Unit.PERCENT,
            Source.memory("about 2 % of the gauge from one reading of 10 cm to the next, in one and the same fabric"));

    static final Rule.OfMany FEW_READINGS = Rule.ofMany(
            "swatch.few-readings",
            "uncertainty of one reading or two",
            "√(counting² + (varies × gauge)² × 100 mm ÷ sum of the spans)",
            List.of("counting, varies, gauge, spans…"),
            Source.derived(
                    "a count is good to half a stitch, and the fabric differs from place to place, less over a longer"
                            + " span; two readings that happen to be near each other know nothing of it"),
            in -> Math.sqrt(in[0] * in[0]
                    + Math.pow(in[1] * in[2], 2)
                            * 100
                            / Arrays.stream(in).skip(3).sum()),
            example(0.90716, 1e-4, 0.28868, 0.02, 43.0, 100.0));

    static final Rule.Of2 HALF_DIFFERENCE = Rule.of(
            "swatch.half-difference",
            "uncertainty from two readings",
            "half the difference of the readings",
            List.of("one", "other"),
            Source.published("standard uncertainty of a mean of two (JCGM 100:2008, GUM, 4.2.3)"),
            (one, other) -> Math.abs(one - other) / 2,
            example(0.5, 1e-9, 31.0, 32.0));

    static final Rule.OfMany SPREAD = Rule.ofMany(
            "swatch.spread",
            "uncertainty from the spread of the readings",
            "standard deviation of the readings ÷ √(number of readings), for three readings or more",
            List.of("readings…"),
            Source.published("standard uncertainty of a mean (JCGM 100:2008, GUM, 4.2.3)"),
            GaugeRules::standardErrorOfMean,
            example(0.28868, 1e-5, 30.5, 31.0, 31.5));

    static final Rule.Of2 LARGER = Rule.of(
            "swatch.uncertainty",
            "uncertainty of the gauge",
            "the larger of spread and counting",
            List.of("spread", "counting"),
            Source.derived("readings that happen to agree are no surer than counting allows"),
            (spread, counting) -> Math.max(spread, counting),
            example(0.4, 1e-9, 0.4, 0.3));

    static final Rule.Of2 OFF_BY = Rule.of(
            "swatch.off-by",
            "how far the swatch is off the target gauge",
            "measured ÷ wanted − 1",
            List.of("measured", "wanted"),
            Source.derived("the share by which there are more stitches than wanted"),
            (measured, wanted) -> measured / wanted - 1,
            example(0.0333, 1e-4, 31.0, 30.0));

    static final Rule.Of2 ROUNDS_PER_STITCH = Rule.of(
            "swatch.rounds-per-stitch",
            "rounds to a stitch, in the same length",
            "rounds ÷ stitches",
            List.of("rounds", "stitches"),
            Source.memory("relaxed plain fabric has 1.29 times as many rounds as stitches in a length, after Munden"),
            (rounds, stitches) -> rounds / stitches,
            example(1.387, 0.001, 43.0, 31.0));

    static final Rule.Of3 APART = Rule.of(
            "swatch.apart",
            "how far the readings lie apart",
            "(largest − smallest) ÷ gauge",
            List.of("largest", "smallest", "gauge"),
            Source.derived("the span of the readings as a share of the gauge they give"),
            (largest, smallest, gauge) -> (largest - smallest) / gauge,
            example(0.1395, 1e-4, 46.0, 40.0, 43.0));

    /** Rounds to a stitch below which the two are believed to be swapped, or counted wrong. */
    public static final Constant LEAST_RATIO = ratio("least", 1.15);

    public static final Constant MOST_RATIO = ratio("most", 1.50);

    /** Readings that differ by more than this share of their mean are asked about. */
    public static final Constant MOST_APART = Constant.of(
            "swatch.most-apart",
            "readings of one gauge may differ by",
            0.04,
            Unit.PERCENT,
            Source.memory("more than that and one was miscounted, or the wash was uneven"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            RATE,
            POOLED,
            COUNTING_ERROR,
            FEW_READINGS,
            HALF_DIFFERENCE,
            SPREAD,
            LARGER,
            OFF_BY,
            ROUNDS_PER_STITCH,
            APART);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = Stream.concat(
                    Arrays.stream(FabricState.values()).map(FabricState::ks),
                    Stream.of(LEAST_RATIO, MOST_RATIO, MOST_APART, FABRIC_VARIES))
            .toList();

    private GaugeRules() {}

    private static Constant ratio(String which, double value) {
        return Constant.of(
                "swatch.ratio-" + which,
                which + " rounds to a stitch in plain knitting",
                value,
                Unit.NUMBER,
                Source.memory("around Munden’s 1.29; outside 1.15 to 1.50 the two are swapped or miscounted"));
    }

    /** The sum of every second input, from {@code first} on. */
    private static double every(double[] in, int first) {
        double sum = 0;
        for (int i = first; i < in.length; i += 2) {
            sum += in[i];
        }
        return sum;
    }

    private static double standardErrorOfMean(double[] readings) {
        double mean = Arrays.stream(readings).average().orElseThrow();
        double squares =
                Arrays.stream(readings).map(r -> (r - mean) * (r - mean)).sum();
        return Math.sqrt(squares / (readings.length - 1) / readings.length);
    }
}
