package roundpocket.core.yarn;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules from stitches to metres and grams. */
public final class YarnRules {
    static final Rule FINENESS = new Rule(
            "yarn.fineness",
            "fineness from the label",
            "mass ÷ length × 1000",
            List.of("mass", "length"),
            Source.published("tex is grams in a kilometre (ISO 1144)"),
            in -> in[0] / in[1] * 1000,
            example(238.1, 0.05, 100.0, 420.0));

    static final Rule LOOP_LENGTH = new Rule(
            "yarn.loop-length",
            "length of one loop",
            "√(Ks ÷ (stitches ÷ 100 mm × rounds ÷ 100 mm))",
            List.of("Ks", "stitches", "rounds"),
            Source.published("D. L. Munden, The geometry and dimensional properties of plain-knit fabrics,"
                    + " Journal of the Textile Institute 50 (1959), T448; the constant from memory"),
            in -> Math.sqrt(in[0] / (in[1] / 100 * in[2] / 100)),
            example(13.2, 0.05, 21.6, 80 / 2.54, 100 / 2.54));

    static final Rule STITCH_METRES = new Rule(
            "yarn.stitch-metres",
            "metres in stitches",
            "stitches × loop ÷ 1000",
            List.of("stitches", "loop"),
            Source.derived("every stitch is one loop"),
            in -> in[0] * in[1] / 1000,
            example(13.2, 1e-9, 1000.0, 13.2));

    static final Rule GRAMS = new Rule(
            "yarn.grams",
            "grams in metres",
            "metres × fineness ÷ 1000 × factor",
            List.of("metres", "fineness", "factor"),
            Source.derived("tex is grams in a kilometre; the factor is 1 until something has been weighed"),
            in -> in[0] * in[1] / 1000 * in[2],
            example(2.381, 1e-9, 10.0, 238.1, 1.0));

    static final Rule GRAFT_TAIL = new Rule(
            "yarn.graft-tail",
            "tail for a graft",
            "the larger of 300 mm and 4 × stitches ÷ gauge × 100 mm",
            List.of("stitches", "gauge"),
            Source.practice("four times the width of the graft, and at least 30 cm"),
            in -> Math.max(300, 4 * in[0] / in[1] * 100),
            example(400.0, 1e-9, 32.0, 32.0));

    static final Rule TAIL_METRES = new Rule(
            "yarn.tail-metres",
            "metres in tails",
            "(ends × 200 mm + heel_tail + toe_tail) ÷ 1000",
            List.of("ends", "heel_tail", "toe_tail"),
            Source.practice("20 cm for every end that is woven in"),
            in -> (in[0] * 200 + in[1] + in[2]) / 1000,
            example(1.6, 1e-9, 4.0, 400.0, 400.0));

    static final Rule SUM = new Rule(
            "yarn.sum",
            "sum",
            "sum of all parts",
            List.of("parts…"),
            Source.derived("addition"),
            in -> Arrays.stream(in).sum(),
            example(6.0, 1e-9, 1.0, 2.0, 3.0));

    static final Rule PAIR = new Rule(
            "yarn.pair",
            "yarn for the pair",
            "2 × sock",
            List.of("sock"),
            Source.derived("two socks alike"),
            in -> 2 * in[0],
            example(54.0, 1e-9, 27.0));

    static final Rule LEFT_OVER = new Rule(
            "yarn.left-over",
            "left when the pair is done",
            "at_hand − pair",
            List.of("at_hand", "pair"),
            Source.derived("subtraction; below nothing it is what is missing"),
            in -> in[0] - in[1],
            example(46.0, 1e-9, 100.0, 54.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL =
            List.of(FINENESS, LOOP_LENGTH, STITCH_METRES, GRAMS, GRAFT_TAIL, TAIL_METRES, SUM, PAIR, LEFT_OVER);

    private YarnRules() {}
}
