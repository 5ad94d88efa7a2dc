package roundpocket.core.pattern;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules of a patterned leg or instep. */
public final class PatternRules {
    static final Rule.Of2 AROUND = Rule.of(
            "pattern.around",
            "repeats around the leg",
            "stitches ÷ width",
            List.of("stitches", "width"),
            Source.derived("the leg is a round: its pattern closes on whole repeats only"),
            (stitches, width) -> stitches / width,
            example(16.0, 1e-9, 64.0, 4.0));

    static final Rule.Of3 ACROSS = Rule.of(
            "pattern.across",
            "repeats across the instep",
            "(half − 2 × edge) ÷ width",
            List.of("half", "edge", "width"),
            Source.derived("the instep’s half without its plain edge stitches"),
            (half, edge, width) -> (half - 2 * edge) / width,
            example(5.0, 1e-9, 32.0, 1.0, 6.0));

    static final Rule.Of4 REPEATS_WANTED = Rule.of(
            "pattern.repeats-wanted",
            "repeats to the end of the leg as it is wished for",
            "(before + leg − plain) ÷ height",
            List.of("before", "leg", "plain", "height"),
            Source.derived("rounds in pattern, those on the foot included, over those of a repeat"),
            (before, leg, plain, height) -> (before + leg - plain) / height,
            example(4.75, 1e-9, 0.0, 40.0, 2.0, 8.0));

    static final Rule.Of4 WHOLE_LEG = Rule.of(
            "pattern.whole-leg",
            "rounds of a leg that ends with a whole repeat",
            "plain + repeats × height − before",
            List.of("plain", "repeats", "height", "before"),
            Source.derived("the plain rounds at the heel line, and what of the repeats is not on the foot"),
            (plain, repeats, height, before) -> plain + repeats * height - before,
            example(42.0, 1e-9, 2.0, 5.0, 8.0, 0.0));

    static final Rule.Of2 LEG_REPEATS = Rule.of(
            "pattern.leg-repeats",
            "repeats up the leg",
            "rounds ÷ height",
            List.of("rounds", "height"),
            Source.derived("division; what is left over is a repeat that is begun"),
            (rounds, height) -> rounds / height,
            example(5.0, 1e-9, 40.0, 8.0));

    static final Rule.Of2 GAUGE = Rule.of(
            "pattern.gauge",
            "gauge in the pattern",
            "gauge × likeness",
            List.of("gauge", "likeness"),
            Source.memory("a pattern has a gauge of its own; from a plain swatch it is unsure by 5 % more"),
            (gauge, like) -> gauge * like,
            example(43.0, 1e-9, 43.0, 1.0));

    /** How far the gauge of a pattern is from that of plain fabric, where only that was measured. */
    static final Constant LIKE_PLAIN = new Constant(
            "pattern.like-plain",
            "gauge in a pattern over that of plain fabric",
            1,
            Unit.NUMBER,
            0.05,
            Source.memory("unsure by 5 % until a swatch is knitted in the pattern"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(AROUND, ACROSS, REPEATS_WANTED, WHOLE_LEG, LEG_REPEATS, GAUGE);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = List.of(LIKE_PLAIN);

    private PatternRules() {}
}
