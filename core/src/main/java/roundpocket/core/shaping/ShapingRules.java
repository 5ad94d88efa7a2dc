package roundpocket.core.shaping;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules of a heel or a toe. */
public final class ShapingRules {
    static final Rule CLOSE_AT = new Rule(
            "shaping.close-at",
            "stitches left a side, before parity",
            "side × share",
            List.of("side", "share"),
            Source.practice("the wedge closes when half of each side is left"),
            in -> in[0] * in[1],
            example(16.0, 1e-9, 32.0, 0.5));

    static final Rule DECREASE_ROUNDS = new Rule(
            "shaping.decrease-rounds",
            "decrease rounds",
            "(side − close) ÷ 2",
            List.of("side", "close"),
            Source.derived("a decrease round takes two stitches from each side"),
            in -> (in[0] - in[1]) / 2,
            example(8.0, 1e-9, 32.0, 16.0));

    static final Rule ROUNDS = new Rule(
            "shaping.rounds",
            "rounds of the shaping",
            "plain + every × decreases",
            List.of("plain", "every", "decreases"),
            Source.derived("each decrease round with the plain rounds that follow it, the last included"),
            in -> in[0] + in[1] * in[2],
            example(20.0, 1e-9, 4.0, 2.0, 8.0));

    static final Rule STITCHES = new Rule(
            "shaping.stitches",
            "stitches worked in the shaping",
            "plain × round + every × (decreases × round − 2 × decreases × (decreases + 1))",
            List.of("plain", "every", "decreases", "round"),
            Source.derived("the sum of all rounds; a decrease round counts the stitches it leaves, four fewer"),
            in -> in[0] * in[3] + in[1] * (in[2] * in[3] - 2 * in[2] * (in[2] + 1)),
            example(992.0, 1e-9, 4.0, 2.0, 8.0, 64.0));

    static final Rule DEPTH = new Rule(
            "shaping.depth",
            "depth",
            "rounds ÷ gauge × 100 mm",
            List.of("rounds", "gauge"),
            Source.derived("rounds over rounds in 10 cm"),
            in -> in[0] / in[1] * 100,
            example(50.8, 1e-9, 20.0, 100 / 2.54));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(CLOSE_AT, DECREASE_ROUNDS, ROUNDS, STITCHES, DEPTH);

    private ShapingRules() {}
}
