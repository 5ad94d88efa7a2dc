package roundpocket.core.ready;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.Passing;
import roundpocket.core.foot.Feet;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.plan.Yarns;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeChoice;

/**
 * How a tube would fit somebody, the whole of it cut for one pair.
 *
 * @param figures how it would; empty where it has no room
 * @param problems why it has none
 */
public record TubeFit(Optional<Figures> figures, List<Problem> problems) {
    /**
     * The figures.
     *
     * @param ease negative ease at the ball, as a share; below nothing it is wider than the foot
     * @param passing whether it goes over the heel
     * @param leg the leg that it leaves above the heel line, cuff included, in millimetres
     */
    public record Figures(Step ease, Passing passing, Step leg) {}

    public TubeFit {
        problems = List.copyOf(problems);
    }

    /** How it would fit these feet, heels, toes and cuffs of another cake. */
    public static TubeFit of(TubeStock stock, Feet feet) {
        try {
            ReadyTube whole = stock.tube();
            ReadyTube pair = stock.two()
                    ? ReadyTube.of(whole.stitches(), stock.known().rounds().count())
                            .with(Cut.PIECES)
                    : whole.with(Cut.HALVE);
            SockPlan plan = new SockSpec(
                            feet,
                            stock.swatch(),
                            Yarns.one(stock.yarn()),
                            List.of(),
                            Choices.usual().withTube(TubeChoice.usual().withReadyTube(pair)))
                    .plan();
            return new TubeFit(
                    Optional.of(new Figures(
                            plan.stitchCount().realEase(),
                            plan.fit().passing(),
                            plan.tube().wanted().legAbove())),
                    List.of());
        } catch (Refusal refusal) {
            // What would help the plan of one pair is no help to who looks through all feet.
            return new TubeFit(
                    Optional.empty(),
                    refusal.problems().stream()
                            .map(p -> new Problem(p.code(), p.field(), p.template(), "", p.amounts()))
                            .toList());
        }
    }
}
