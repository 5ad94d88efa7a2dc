package roundpocket.core.plan;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.opening.OpeningRules;
import roundpocket.core.shaping.ShapingRules;
import roundpocket.core.sock.SockRules;
import roundpocket.core.swatch.GaugeRules;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.yarn.YarnRules;

/** The rules that join the parts, and the list of every rule there is. */
public final class PlanRules {
    static final Rule SECTION_STITCHES = new Rule(
            "plan.section-stitches",
            "stitches in full rounds",
            "rounds × stitches",
            List.of("rounds", "stitches"),
            Source.derived("every round of the tube has all its stitches"),
            in -> in[0] * in[1],
            example(5760.0, 1e-9, 90.0, 64.0));

    static final Rule BIND_OFF = new Rule(
            "plan.bind-off",
            "stitches of the bind-off",
            "stitches",
            List.of("stitches"),
            Source.practice("a stretchy bind-off takes about as much as one more round"),
            in -> in[0],
            example(64.0, 1e-9, 64.0));

    static final Rule ENDS_METRES = new Rule(
            "plan.ends-metres",
            "bind-off and tails",
            "bind_off + tails",
            List.of("bind_off", "tails"),
            Source.derived("addition"),
            in -> in[0] + in[1],
            example(2.5, 1e-9, 0.9, 1.6));

    private static final List<Rule> OWN = List.of(SECTION_STITCHES, BIND_OFF, ENDS_METRES);

    /** Every rule of the core, in the order of the work. */
    public static final List<Rule> EVERY = Stream.of(
                    GaugeRules.ALL,
                    YarnRules.ALL,
                    ShapingRules.ALL,
                    SockRules.ALL,
                    TubeRules.ALL,
                    OpeningRules.ALL,
                    OWN)
            .flatMap(List::stream)
            .toList();

    private PlanRules() {}
}
