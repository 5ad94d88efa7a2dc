package roundpocket.core.swatch;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules that turn counts on a swatch into a gauge. */
public final class GaugeRules {
    private static final double SQRT_3 = Math.sqrt(3);

    static final Rule RATE = new Rule(
            "swatch.rate",
            "gauge from one reading",
            "count ÷ span × 100 mm",
            List.of("count", "span"),
            Source.derived("a count over a span, brought to 10 cm; 4 in are 101.6 mm and not 10 cm"),
            in -> in[0] / in[1] * 100,
            example(31.496, 0.001, 32.0, 101.6));

    static final Rule MEAN = new Rule(
            "swatch.mean",
            "mean of the readings",
            "sum of the readings ÷ number of readings",
            List.of("readings…"),
            Source.derived("arithmetic mean"),
            in -> Arrays.stream(in).average().orElseThrow(),
            example(31.0, 1e-9, 30.5, 31.0, 31.5));

    static final Rule COUNTING_ERROR = new Rule(
            "swatch.counting-error",
            "uncertainty of counting",
            "0.5 ÷ √(3) ÷ span × 100 mm",
            List.of("span"),
            Source.published("a count is good to ±0.5 evenly spread, so its standard uncertainty is 0.5/√3"
                    + " (JCGM 100:2008, GUM, 4.3.7)"),
            in -> 0.5 / SQRT_3 / in[0] * 100,
            example(0.28868, 1e-5, 100.0));

    static final Rule SPREAD = new Rule(
            "swatch.spread",
            "uncertainty from the spread of the readings",
            "standard deviation of the readings ÷ √(number of readings), for three readings or more",
            List.of("readings…"),
            Source.published("standard uncertainty of a mean (JCGM 100:2008, GUM, 4.2.3)"),
            GaugeRules::standardErrorOfMean,
            example(0.28868, 1e-5, 30.5, 31.0, 31.5));

    static final Rule LARGER = new Rule(
            "swatch.uncertainty",
            "uncertainty of the gauge",
            "the larger of spread and counting",
            List.of("spread", "counting"),
            Source.derived("readings that happen to agree are no surer than counting allows"),
            in -> Math.max(in[0], in[1]),
            example(0.4, 1e-9, 0.4, 0.3));

    static final Rule OFF_BY = new Rule(
            "swatch.off-by",
            "how far the swatch is off the gauge that was hoped for",
            "measured ÷ wanted − 1",
            List.of("measured", "wanted"),
            Source.derived("the share by which there are more stitches than wanted"),
            in -> in[0] / in[1] - 1,
            example(0.0333, 1e-4, 31.0, 30.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(RATE, MEAN, COUNTING_ERROR, SPREAD, LARGER, OFF_BY);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS =
            Arrays.stream(FabricState.values()).map(FabricState::ks).toList();

    private GaugeRules() {}

    private static double standardErrorOfMean(double[] readings) {
        double mean = Arrays.stream(readings).average().orElseThrow();
        double squares =
                Arrays.stream(readings).map(r -> (r - mean) * (r - mean)).sum();
        return Math.sqrt(squares / (readings.length - 1) / readings.length);
    }
}
