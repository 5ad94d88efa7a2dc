package roundpocket.core.swatch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * A measured swatch.
 *
 * @param stitches one to 20 readings of stitches, each coming to 5 to 100 stitches in 10 cm
 * @param rounds one to 20 readings of rounds, each coming to 5 to 150 rounds in 10 cm
 * @param fabric what else is known of it
 * @param onTheTube the round gauge read once more on the tube itself
 */
public record Swatch(List<Reading> stitches, List<Reading> rounds, Fabric fabric, Optional<TubeReading> onTheTube) {
    private static final int MOST_READINGS = 20;
    private static final int ENOUGH_FOR_A_SPREAD = 3;
    private static final Limit STITCH_GAUGE = new Limit(
            "swatch.stitches.range",
            5,
            100,
            Unit.STITCHES_PER_10CM,
            "{found} is not a gauge that socks are knitted at: {min} to {max}.",
            "Check the count and the span it was counted over.");
    static final Limit ROUND_GAUGE = new Limit(
            "swatch.rounds.range",
            5,
            150,
            Unit.ROUNDS_PER_10CM,
            "{found} is not a gauge that socks are knitted at: {min} to {max}.",
            "Check the count and the span it was counted over.");

    /** A swatch of which only the counts are known. */
    public Swatch(List<Reading> stitches, List<Reading> rounds) {
        this(stitches, rounds, Fabric.UNTOLD, Optional.empty());
    }

    public Swatch {
        stitches = List.copyOf(stitches);
        rounds = List.copyOf(rounds);
        Problems problems = new Problems();
        check(problems, "stitches", stitches, STITCH_GAUGE);
        check(problems, "rounds", rounds, ROUND_GAUGE);
        problems.throwIfAny();
    }

    private static void check(Problems problems, String field, List<Reading> readings, Limit limit) {
        if (readings.isEmpty() || readings.size() > MOST_READINGS) {
            problems.add(new Problem(
                    "swatch.readings.number",
                    field,
                    "A gauge needs 1 to {max} readings; here are {found}.",
                    "Count once over 10 cm or 4 in to begin with.",
                    Map.of(
                            "max", new Amount(MOST_READINGS, Unit.NUMBER),
                            "found", new Amount(readings.size(), Unit.NUMBER))));
        }
        for (int i = 0; i < readings.size(); i++) {
            Reading reading = readings.get(i);
            problems.checkRange(field + "[" + i + "].count", reading.count() / reading.spanMm() * 100, limit);
        }
    }

    /** The gauge to plan with: the swatch's, its rounds replaced by those of the tube where they were read. */
    public Gauge gauge() {
        Gauge own = ownGauge();
        return onTheTube
                .map(reading -> new Gauge(own.stitches(), gaugeOf(reading)))
                .orElse(own);
    }

    /** The gauge of the swatch itself. */
    public Gauge ownGauge() {
        return new Gauge(
                gauge("stitch gauge", "stitches", stitches, Unit.STITCHES_PER_10CM, Unit.STITCHES),
                gauge("round gauge", "rounds", rounds, Unit.ROUNDS_PER_10CM, Unit.ROUNDS));
    }

    /** What to do about the needle, where a gauge was hoped for. */
    public Optional<GaugeAdvice> advice(Gauge gauge) {
        return fabric.wanted().map(wanted -> GaugeAdvice.of(wanted, gauge.stitches(), fabric.needle()));
    }

    private static Step gaugeOf(TubeReading reading) {
        Given count = Given.measured("rounds counted on the tube", reading.rounds(), Unit.ROUNDS, "tubeReading.rounds");
        Given span = Given.measured(
                "span of the count on the tube", reading.spanMm(), Unit.MILLIMETRES, "tubeReading.spanMm");
        return Computed.of("round gauge, on the tube", Unit.ROUNDS_PER_10CM, GaugeRules.RATE, count, span)
                .within(Computed.of("uncertainty of counting", Unit.ROUNDS_PER_10CM, GaugeRules.COUNTING_ERROR, span));
    }

    private static Step gauge(String label, String field, List<Reading> readings, Unit unit, Unit counted) {
        List<Computed> rates = new ArrayList<>();
        List<Given> spans = new ArrayList<>();
        for (int i = 0; i < readings.size(); i++) {
            String path = "swatch." + field + "[" + i + "]";
            String which = readings.size() == 1 ? "" : " in reading " + (i + 1);
            Given count =
                    Given.measured(field + " counted" + which, readings.get(i).count(), counted, path + ".count");
            Given span = Given.measured(
                    "span of the count of " + field + which,
                    readings.get(i).spanMm(),
                    Unit.MILLIMETRES,
                    path + ".spanMm");
            spans.add(span);
            rates.add(Computed.of(readings.size() == 1 ? label : label + which, unit, GaugeRules.RATE, count, span));
        }
        Computed mean = rates.size() == 1 ? rates.get(0) : Computed.of(label, unit, GaugeRules.MEAN, rates);
        return mean.within(uncertainty(label, unit, rates, spans));
    }

    private static Step uncertainty(String label, Unit unit, List<Computed> rates, List<Given> spans) {
        Given longest =
                spans.stream().max(Comparator.comparingDouble(Given::value)).orElseThrow();
        Computed counting = Computed.of("uncertainty of counting", unit, GaugeRules.COUNTING_ERROR, longest);
        if (rates.size() < ENOUGH_FOR_A_SPREAD) {
            return counting;
        }
        Computed spread = Computed.of("uncertainty from the spread", unit, GaugeRules.SPREAD, rates);
        return Computed.of("uncertainty of the " + label, unit, GaugeRules.LARGER, spread, counting);
    }
}
