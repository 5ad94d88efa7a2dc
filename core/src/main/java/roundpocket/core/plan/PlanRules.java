package roundpocket.core.plan;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishRules;
import roundpocket.core.fit.FitRules;
import roundpocket.core.foot.FootRules;
import roundpocket.core.measure.Unit;
import roundpocket.core.opening.OpeningRules;
import roundpocket.core.pattern.PatternRules;
import roundpocket.core.shaping.ShapingRules;
import roundpocket.core.sock.SockRules;
import roundpocket.core.stripe.StripeRules;
import roundpocket.core.swatch.GaugeRules;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.yarn.YarnRules;

/** The rules that join the parts, and the list of every rule there is. */
public final class PlanRules {
    static final Rule.Of2 SECTION_STITCHES = Rule.of(
            "plan.section-stitches",
            "stitches in full rounds",
            "rounds × stitches",
            List.of("rounds", "stitches"),
            Source.derived("every round of the tube has all its stitches"),
            (rounds, stitches) -> rounds * stitches,
            example(5760.0, 1e-9, 90.0, 64.0));

    static final Rule.Of1 BIND_OFF = Rule.of(
            "plan.bind-off",
            "stitches of the bind-off",
            "stitches",
            List.of("stitches"),
            Source.practice("a stretchy bind-off takes about as much as one more round"),
            stitches -> stitches,
            example(64.0, 1e-9, 64.0));

    static final Rule.Of2 ENDS_METRES = Rule.of(
            "plan.ends-metres",
            "bind-off and tails",
            "bind_off + tails",
            List.of("bind_off", "tails"),
            Source.derived("addition"),
            (bindOff, tails) -> bindOff + tails,
            example(2.5, 1e-9, 0.9, 1.6));

    static final Rule.Of1 NO_BIND_OFF = Rule.of(
            "plan.no-bind-off",
            "stitches of a bind-off in another yarn",
            "0 × stitches",
            List.of("stitches"),
            Source.derived("the edge is of the cuff’s yarn, so this yarn has none of it"),
            stitches -> 0 * stitches,
            example(0.0, 1e-9, 64.0));

    static final Rule.Of2 REST = Rule.of(
            "plan.rest",
            "what lies behind a cut",
            "whole − part",
            List.of("whole", "part"),
            Source.derived("subtraction"),
            (whole, part) -> whole - part,
            example(44.0, 1e-9, 100.0, 56.0));

    static final Rule.Of4 RAVELLED = Rule.of(
            "plan.ravelled",
            "rounds unravelled from a ready tube",
            "2 × (worked + tails ÷ loop) ÷ stitches",
            List.of("worked", "tails", "loop", "stitches"),
            Source.derived("the yarn of both socks' heels, toes and cuffs, in rounds of the tube it comes from"),
            (worked, tails, loop, stitches) -> 2 * (worked + tails / loop) / stitches,
            example(98.29, 0.01, 3008.0, 1814.0, 13.2, 64.0));

    static final Rule.Of2 LEG_AND_SACRIFICED = Rule.of(
            "plan.leg-and-sacrificed",
            "rounds knitted in the leg",
            "leg + sacrificed",
            List.of("leg", "sacrificed"),
            Source.derived("the round that is unpicked at the heel line is knitted first, and counted with the leg"),
            (leg, sacrificed) -> leg + sacrificed,
            example(36.0, 1e-9, 35.0, 1.0));

    static final Rule.Of2 LEG_AND_CUFF = Rule.of(
            "plan.leg-and-cuff",
            "rounds of leg and cuff",
            "leg + cuff",
            List.of("leg", "cuff"),
            Source.derived("addition"),
            (leg, cuff) -> leg + cuff,
            example(50.0, 1e-9, 35.0, 15.0));

    static final Rule.Of2 ROUNDS_LEFT = Rule.of(
            "plan.rounds-left",
            "rounds left to the heel line",
            "opening − done",
            List.of("opening", "done"),
            Source.derived("subtraction; below nothing the opening has been passed"),
            (opening, done) -> opening - done,
            example(16.0, 1e-9, 66.0, 50.0));

    /** One end to weave in, of two, and so on. */
    static final List<Constant> ENDS = YarnPlanner.endConstants(6);

    static final Constant ONE_END = ENDS.get(1);
    static final Constant TWO_ENDS = ENDS.get(2);

    private static final List<Rule> OWN = List.of(
            SECTION_STITCHES,
            BIND_OFF,
            NO_BIND_OFF,
            ENDS_METRES,
            RAVELLED,
            LEG_AND_SACRIFICED,
            LEG_AND_CUFF,
            ROUNDS_LEFT,
            REST);

    /** Every rule behind a plan, in the order of the work. */
    public static final List<Rule> EVERY = Stream.of(
                    FootRules.ALL,
                    GaugeRules.ALL,
                    YarnRules.ALL,
                    StripeRules.ALL,
                    ShapingRules.ALL,
                    SockRules.ALL,
                    PatternRules.ALL,
                    FitRules.ALL,
                    TubeRules.ALL,
                    OpeningRules.ALL,
                    FinishRules.ALL,
                    OWN)
            .flatMap(List::stream)
            .toList();

    /** Every constant behind a plan, in the order of the work. */
    public static final List<Constant> CONSTANTS = Stream.of(
                    FootRules.CONSTANTS,
                    GaugeRules.CONSTANTS,
                    YarnRules.CONSTANTS,
                    StripeRules.CONSTANTS,
                    ShapingRules.CONSTANTS,
                    PatternRules.CONSTANTS,
                    FitRules.CONSTANTS,
                    TubeRules.CONSTANTS,
                    OpeningRules.CONSTANTS,
                    FinishRules.CONSTANTS,
                    ENDS)
            .flatMap(List::stream)
            .toList();

    private PlanRules() {}

    static Step rest(String label, Step whole, Step part) {
        return Computed.of(label, Unit.GRAMS, REST.of(whole, part));
    }
}
