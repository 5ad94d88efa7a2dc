package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.YarnModel;

/** How much of a ready tube is ravelled, so that heels, toes and cuffs can be knitted from its own yarn. */
public final class Ravel {
    private Ravel() {}

    /**
     * The ball of what was ravelled from a striped tube: known of one that is in pieces already, and reckoned from the tube’s
     * rounds where it is cut for this pair; empty where nothing is ravelled.
     */
    public static Optional<Ravelled> ball(Tube tube, Step stitches, Repeat repeat) {
        return repeat.striping().ravelled().or(() -> tube.cut().flatMap(cut -> cut.ravelled()
                .map(rounds -> Ravelled.offTheEnd(
                        repeat,
                        Math.max(0, cut.tubeRounds().value() - rounds.value()),
                        stitches.value() * repeat.stitchM()))));
    }

    /** Rounds to ravel from one end for the pair; empty where they are knitted from a cake, or all from contrast. */
    static Optional<Step> rounds(SockSpec spec, Gauge gauge, Step stitches, Shaping toe, Shaping heel, YarnModel yarn) {
        boolean wanted =
                spec.choices().tube().readyTube().filter(ReadyTube::ravelled).isPresent();
        Yarns yarns = spec.yarns();
        List<Step> worked = new ArrayList<>();
        List<Step> tails = new ArrayList<>();
        if (yarns.of(Section.CUFF) == YarnRole.MAIN) {
            Step cuff = spec.cuff();
            worked.add(
                    Computed.of("cuff stitches worked", Unit.STITCHES, PlanRules.SECTION_STITCHES.of(cuff, stitches)));
            worked.add(Computed.of("stitches of the bind-off", Unit.STITCHES, PlanRules.BIND_OFF.of(stitches)));
        }
        if (yarns.of(Section.HEEL) == YarnRole.MAIN) {
            worked.add(heel.stitchesWorked());
            YarnPlanner.tail("heel", heel, gauge).ifPresent(tails::add);
        }
        if (yarns.of(Section.TOE) == YarnRole.MAIN) {
            worked.add(toe.stitchesWorked());
            YarnPlanner.tail("toe", toe, gauge).ifPresent(tails::add);
        }
        if (!wanted || worked.isEmpty()) {
            return Optional.empty();
        }
        int ends = Ends.of(spec, Way.READY_TUBE, ToeStart.WASTE_YARN, heel, toe).count(YarnRole.MAIN);
        tails.add(YarnModel.wovenTails(
                "ends to weave in", PlanRules.ENDS.get(ends).step()));
        Step exactly = Computed.of(
                "rounds to unravel, exactly",
                Unit.ROUNDS,
                PlanRules.RAVELLED.of(
                        YarnModel.sum("stitches of heel, toe and cuff", Unit.STITCHES, worked),
                        YarnModel.sum("tails of one sock", Unit.MILLIMETRES, tails),
                        yarn.loopLength(),
                        stitches));
        return Optional.of(
                Rounded.of("rounds to unravel", exactly, Rounding.UP, "a round that is started is unravelled whole"));
    }
}
