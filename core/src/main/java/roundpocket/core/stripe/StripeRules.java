package roundpocket.core.stripe;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules of a yarn that changes colour. */
public final class StripeRules {
    public static final Constant BAND_TRUE = Constant.of(
            "stripe.band-true",
            "how far a band’s length is to be trusted",
            0.02,
            Unit.PERCENT,
            Source.memory("dyed bands are good to about 2 % until they are measured"));

    static final Rule.Of2 BAND_STITCHES = Rule.of(
            "stripe.band-stitches",
            "stitches of a band that was counted in rounds",
            "rounds × stitches",
            List.of("rounds", "stitches"),
            Source.derived("every round of the tube has all its stitches"),
            (rounds, stitches) -> rounds * stitches,
            example(1408.0, 1e-9, 22.0, 64.0));

    static final Rule.OfMany REPEAT = Rule.ofMany(
            "stripe.repeat",
            "metres of one repeat",
            "bands added up",
            List.of("bands…"),
            Source.derived("addition"),
            StripeRules::sum,
            example(10.5, 1e-9, 4.0, 2.5, 4.0));

    static final Rule.Of4 BAND_ROUNDS = Rule.of(
            "stripe.band-rounds",
            "rounds that metres of the yarn take in the tube",
            "metres × 1000 ÷ (stitches × loop × factor)",
            List.of("metres", "stitches", "loop", "factor"),
            Source.derived("a round takes its stitches, at one loop each"),
            (metres, stitches, loop, factor) -> metres * 1000 / (stitches * loop * factor),
            example(5.0, 1e-9, 4.224, 64.0, 13.2, 1.0));

    static final Rule.Of4 WIND_OFF = Rule.of(
            "stripe.wind-off",
            "metres to wind off until a place of the repeat comes",
            "wanted − now, and a repeat more where that is below nothing, but never within a stitch of a whole repeat",
            List.of("wanted", "now", "repeat", "stitch"),
            Source.derived("the order of the bands recurs every repeat"),
            StripeRules::windOff,
            example(3.1, 1e-9, 1.0, 8.4, 10.5, 0.0132));

    static final Rule.Of1 WIND_OFF_LOST = Rule.of(
            "stripe.wind-off-lost",
            "metres to wind off until a place of the repeat comes, behind a knot that nobody looked behind",
            "repeat ÷ 2",
            List.of("repeat"),
            Source.derived("anything from nothing to a whole repeat is as likely, so half of one on average"),
            repeat -> repeat / 2,
            example(5.25, 1e-9, 10.5));

    static final Rule.Of1 LOST = Rule.of(
            "stripe.lost",
            "standard uncertainty of a place of the repeat that nobody knows",
            "repeat ÷ √(12)",
            List.of("repeat"),
            Source.published("rectangular distribution (JCGM 100:2008, GUM, 4.3.7)"),
            repeat -> repeat / Math.sqrt(12),
            example(3.0311, 1e-4, 10.5));

    static final Rule.Of2 UNSURE_LOST = Rule.of(
            "stripe.unsure-lost",
            "how far a change of colour may come early or late behind a knot that nobody looked behind, in rounds",
            "repeat ÷ √(12) ÷ round",
            List.of("repeat", "round"),
            Source.derived("any place of the repeat is as likely"),
            (repeat, round) -> repeat / Math.sqrt(12) / round,
            example(3.5879, 1e-3, 10.5, 0.8448));

    static final Rule.Of4 UNSURE = Rule.of(
            "stripe.unsure",
            "how far a change of colour may come early or late, in rounds",
            "metres × √(factor × factor + band × band) ÷ round",
            List.of("metres", "factor", "band", "round"),
            Source.derived(
                    "metres since the last change that was seen, at the relative uncertainty of a stitch’s yarn and"
                            + " of a band’s length, together by their squares"),
            (metres, factor, band, round) -> metres * Math.hypot(factor, band) / round,
            example(12.0709, 1e-3, 100.0, 0.1, 0.02, 0.8448));

    static final Rule.Of5 UNSURE_PLACE = Rule.of(
            "stripe.unsure-place",
            "how far a place of the repeat may come early or late while winding off, as a standard uncertainty in metres",
            "√((knitted × factor) × (knitted × factor) + (knitted + off) × (knitted + off) × band × band"
                    + " + begun × begun)",
            List.of("knitted", "factor", "off", "band", "begun"),
            Source.derived(
                    "what was knitted since the last change that was seen is as sure as the yarn in a stitch, the bands since"
                            + " then as their lengths, and where it was begun as that is known, together by their squares"),
            (knitted, factor, off, band, begun) ->
                    Math.hypot(Math.hypot(knitted * factor, (knitted + off) * band), begun),
            example(5.4479, 1e-3, 50.0, 0.1, 10.0, 0.02, 1.8));

    static final Rule.Of2 REPEATS = Rule.of(
            "stripe.repeats",
            "metres of whole repeats",
            "repeats × repeat",
            List.of("repeats", "repeat"),
            Source.derived("multiplication"),
            (repeats, repeat) -> repeats * repeat,
            example(52.5, 1e-9, 5.0, 10.5));

    static final Rule.Of2 RELATIVE = Rule.of(
            "stripe.relative",
            "how far the yarn in a stitch is to be trusted, as a share of it",
            "unsure ÷ factor",
            List.of("unsure", "factor"),
            Source.derived("a share of the factor"),
            (unsure, factor) -> unsure / factor,
            example(0.1, 1e-9, 0.11, 1.1));

    public static final List<Rule> ALL = List.of(
            BAND_STITCHES,
            REPEAT,
            BAND_ROUNDS,
            WIND_OFF,
            WIND_OFF_LOST,
            LOST,
            UNSURE,
            UNSURE_LOST,
            UNSURE_PLACE,
            REPEATS,
            RELATIVE);
    public static final List<Constant> CONSTANTS = List.of(BAND_TRUE);

    private StripeRules() {}

    private static double sum(double[] in) {
        double sum = 0;
        for (double one : in) {
            sum += one;
        }
        return sum;
    }

    /** Metres from one place of the repeat on to another, 0 to just below {@code repeat}. */
    static double windOff(double wanted, double now, double repeat, double stitch) {
        double metres = mod(wanted - now, repeat);
        return metres < repeat - stitch ? metres : 0;
    }

    static double mod(double metres, double repeat) {
        double rest = metres % repeat;
        double positive = rest < 0 ? rest + repeat : rest;
        // A hair below zero is a whole repeat after the addition, and that is the start again.
        return positive >= repeat ? 0 : positive;
    }
}
