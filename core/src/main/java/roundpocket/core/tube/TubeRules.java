package roundpocket.core.tube;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules of the tube. */
public final class TubeRules {
    static final Rule ROUNDS_IN = new Rule(
            "tube.rounds-in",
            "rounds in a length",
            "length × gauge ÷ 100 mm",
            List.of("length", "gauge"),
            Source.derived("length times rounds in 10 cm"),
            in -> in[0] * in[1] / 100,
            example(95.0, 1e-9, 241.3, 100 / 2.54));

    static final Rule FOOT_ROUNDS = new Rule(
            "tube.foot-rounds",
            "rounds between toe and opening",
            "whole − toe − heel",
            List.of("whole", "toe", "heel"),
            Source.derived("the heel pocket, once closed, reaches back as deep as it is long: by your own heel"),
            in -> in[0] - in[1] - in[2],
            example(55.0, 1e-9, 95.0, 20.0, 20.0));

    static final Rule OPENING_ROUND = new Rule(
            "tube.opening-round",
            "rounds from the tip of the toe to the opening",
            "toe + foot",
            List.of("toe", "foot"),
            Source.derived("addition"),
            in -> in[0] + in[1],
            example(75.0, 1e-9, 20.0, 55.0));

    static final Rule LEG_ROUNDS = new Rule(
            "tube.leg-rounds",
            "rounds between opening and cuff",
            "whole − cuff",
            List.of("whole", "cuff"),
            Source.derived("the leg above the opening, less its cuff"),
            in -> in[0] - in[1],
            example(35.0, 1e-9, 50.0, 15.0));

    static final Rule TUBE_ROUNDS = new Rule(
            "tube.tube-rounds",
            "rounds of the tube",
            "foot + leg",
            List.of("foot", "leg"),
            Source.practice("tube = foot + leg − (cuff + heel + toe); waste yarn costs no round"),
            in -> in[0] + in[1],
            example(90.0, 1e-9, 55.0, 35.0));

    static final Rule ALL_ROUNDS = new Rule(
            "tube.all-rounds",
            "rounds from the tip of the toe to the edge of the cuff",
            "toe + tube + cuff",
            List.of("toe", "tube", "cuff"),
            Source.derived("addition; the heel hangs beside"),
            in -> in[0] + in[1] + in[2],
            example(125.0, 1e-9, 20.0, 90.0, 15.0));

    static final Rule LENGTH_OF = new Rule(
            "tube.length-of",
            "length of rounds on the tape",
            "rounds ÷ gauge × 100 mm",
            List.of("rounds", "gauge"),
            Source.derived("rounds over rounds in 10 cm"),
            in -> in[0] / in[1] * 100,
            example(190.5, 1e-9, 75.0, 100 / 2.54));

    static final Rule SOCK_FOOT = new Rule(
            "tube.sock-foot",
            "length of the sock's foot",
            "(opening + heel) ÷ gauge × 100 mm",
            List.of("opening", "heel", "gauge"),
            Source.derived("from the tip of the toe to the opening, and on by the depth of the heel"),
            in -> (in[0] + in[1]) / in[2] * 100,
            example(241.3, 1e-9, 75.0, 20.0, 100 / 2.54));

    static final Rule TENS = new Rule(
            "tube.tens",
            "ten-round markers",
            "rounds ÷ 10",
            List.of("rounds"),
            Source.practice("a marker every ten rounds"),
            in -> in[0] / 10,
            example(5.5, 1e-9, 55.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            ROUNDS_IN, FOOT_ROUNDS, OPENING_ROUND, LEG_ROUNDS, TUBE_ROUNDS, ALL_ROUNDS, LENGTH_OF, SOCK_FOOT, TENS);

    private TubeRules() {}
}
