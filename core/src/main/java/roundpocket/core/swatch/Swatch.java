package roundpocket.core.swatch;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Distribution;
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
            "The gauge must be {min} to {max} (that would be {found}).",
            "Check the count and the span it was counted over.");
    static final Limit ROUND_GAUGE = new Limit(
            "swatch.rounds.range",
            5,
            150,
            Unit.ROUNDS_PER_10CM,
            "The gauge must be {min} to {max} (that would be {found}).",
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
                    "A gauge needs 1 to {max} counts (there are {found}).",
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

    /** The same counts, those of the stitches taken for the rounds and the other way about. */
    public Swatch swapped() {
        return new Swatch(rounds, stitches, fabric, onTheTube);
    }

    /** The gauge of the swatch itself. */
    public Gauge ownGauge() {
        return new Gauge(gauge(CountedWay.STITCHES, stitches), gauge(CountedWay.ROUNDS, rounds));
    }

    /** What to do about the needle, where a gauge was hoped for. */
    public Optional<GaugeAdvice> advice(Gauge gauge) {
        return fabric.wanted().map(wanted -> GaugeAdvice.of(wanted, gauge.stitches(), fabric.needle()));
    }

    /** How many rounds this fabric has to a stitch, by the swatch. */
    public Step roundsPerStitch() {
        Gauge own = ownGauge();
        return Computed.of(
                "rounds to a stitch", Unit.NUMBER, GaugeRules.ROUNDS_PER_STITCH.of(own.rounds(), own.stitches()));
    }

    /** How far the readings of the stitches lie apart; empty where there is only one. */
    public Optional<Step> stitchesApart() {
        return apart(CountedWay.STITCHES, stitches, ownGauge().stitches());
    }

    /** How far the readings of the rounds lie apart; empty where there is only one. */
    public Optional<Step> roundsApart() {
        return apart(CountedWay.ROUNDS, rounds, ownGauge().rounds());
    }

    private static Optional<Step> apart(CountedWay way, List<Reading> readings, Step gauge) {
        if (readings.size() < 2) {
            return Optional.empty();
        }
        List<Step> rates = Counted.of(way, readings).rates();
        Comparator<Step> byValue = Comparator.comparingDouble(Step::value);
        return Optional.of(Computed.of(
                "readings of the " + way.things() + " differ by",
                Unit.PERCENT,
                GaugeRules.APART.of(
                        rates.stream().max(byValue).orElseThrow(),
                        rates.stream().min(byValue).orElseThrow(),
                        gauge)));
    }

    private static Step gaugeOf(TubeReading reading) {
        Given count = Given.measured("rounds counted on the tube", reading.rounds(), Unit.ROUNDS, "tubeReading.rounds");
        Given span = Given.measured(
                "span of the count on the tube", reading.spanMm(), Unit.MILLIMETRES, "tubeReading.spanMm");
        return Computed.of("round gauge, on the tube", Unit.ROUNDS_PER_10CM, GaugeRules.RATE.of(count, span))
                .within(
                        Computed.of(
                                "uncertainty of counting",
                                Unit.ROUNDS_PER_10CM,
                                GaugeRules.COUNTING_ERROR.of(List.of(span))),
                        Distribution.RECTANGULAR);
    }

    private static Step gauge(CountedWay way, List<Reading> readings) {
        String label = way.gauge();
        Unit unit = way.rate();
        Counted counted = Counted.of(way, readings);
        Step counting = Computed.of("uncertainty of counting", unit, GaugeRules.COUNTING_ERROR.of(counted.spans()));
        List<Step> rates = counted.rates();
        Computed gauge = readings.size() == 1
                ? Computed.of(
                        label,
                        unit,
                        GaugeRules.RATE.of(
                                counted.counts().get(0), counted.spans().get(0)))
                : Computed.of(label, unit, GaugeRules.POOLED.of(counted.both()));
        if (readings.size() >= ENOUGH_FOR_A_SPREAD) {
            Step spread = Computed.of("uncertainty from the spread", unit, GaugeRules.SPREAD.of(rates));
            return gauge.within(
                    Computed.of("uncertainty of the " + label, unit, GaugeRules.LARGER.of(spread, counting)),
                    counting.value() >= spread.value()
                            ? Distribution.NORMAL
                            : Distribution.ofReadings(readings.size()));
        }
        List<Step> parts = new ArrayList<>(List.of(counting, GaugeRules.FABRIC_VARIES.step(), gauge));
        parts.addAll(counted.spans());
        Step few = Computed.of("uncertainty of so few readings", unit, GaugeRules.FEW_READINGS.of(parts));
        if (readings.size() == 1) {
            return gauge.within(few, Distribution.NORMAL);
        }
        Step half =
                Computed.of("uncertainty from both", unit, GaugeRules.HALF_DIFFERENCE.of(rates.get(0), rates.get(1)));
        return gauge.within(
                Computed.of("uncertainty of the " + label, unit, GaugeRules.LARGER.of(half, few)), Distribution.NORMAL);
    }

    /** What was counted, reading by reading. */
    private record Counted(CountedWay way, List<Given> counts, List<Given> spans) {
        static Counted of(CountedWay way, List<Reading> readings) {
            String field = way.things();
            List<Given> counts = new ArrayList<>();
            List<Given> spans = new ArrayList<>();
            for (int i = 0; i < readings.size(); i++) {
                String path = "swatch." + field + "[" + i + "]";
                String which = readings.size() == 1 ? "" : " in reading " + (i + 1);
                counts.add(Given.measured(
                        field + " counted" + which, readings.get(i).count(), way.unit(), path + ".count"));
                spans.add(Given.measured(
                        "span of the count of " + field + which,
                        readings.get(i).spanMm(),
                        Unit.MILLIMETRES,
                        path + ".spanMm"));
            }
            return new Counted(way, counts, spans);
        }

        /** Count, span, count, span and so on. */
        List<Step> both() {
            List<Step> both = new ArrayList<>();
            for (int i = 0; i < counts.size(); i++) {
                both.add(counts.get(i));
                both.add(spans.get(i));
            }
            return both;
        }

        List<Step> rates() {
            return IntStream.range(0, counts.size())
                    .<Step>mapToObj(i -> Computed.of(
                            way.things() + " in reading " + (i + 1),
                            way.rate(),
                            GaugeRules.RATE.of(counts.get(i), spans.get(i))))
                    .toList();
        }
    }
}
