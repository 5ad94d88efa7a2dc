package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.Graft;
import roundpocket.core.fit.ToeOnFoot;
import roundpocket.core.foot.Measures;
import roundpocket.core.opening.Opening;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.GaugeAdvice;
import roundpocket.core.tube.Tube;

/**
 * A whole plan. Every figure is a step that carries its working.
 *
 * @param foot the measures it is for
 * @param ease how much smaller than the foot it is wanted, as a ratio
 * @param leg the leg as it was put in, in millimetres
 * @param gauge the gauge
 * @param gaugeAdvice what to do about the needle, where a gauge was hoped for
 * @param stitchCount stitches of the tube
 * @param toe the toe
 * @param heel the heel
 * @param fit how it sits
 * @param tube where everything lies
 * @param opening the heel's opening
 * @param cuff the cuff
 * @param heelGraft the graft of the heel, where it is grafted
 * @param toeGraft the graft of the toe, where it is grafted
 * @param yarn the yarn
 * @param toeRounds the toe round by round
 * @param heelRounds the heel round by round
 * @param replan what the second gauge reading changes, where there is one
 * @param outline the sock flat on the table, to scale
 * @param axis the rounds on the tape, from toe tip to cuff edge
 * @param stripes the colours of both socks, where the yarn changes colour
 * @param pattern what is patterned, where anything is
 * @param toeOnFoot the toes that could be knitted over the traced foot, where it was traced
 * @param technique how the hands do what can be done in several ways
 */
public record SockPlan(
        Measures foot,
        Step ease,
        Step leg,
        Gauge gauge,
        Optional<GaugeAdvice> gaugeAdvice,
        StitchCount stitchCount,
        Shaping toe,
        Shaping heel,
        Fit fit,
        Tube tube,
        Opening opening,
        CuffPlan cuff,
        Optional<Graft> heelGraft,
        Optional<Graft> toeGraft,
        YarnNeed yarn,
        List<WorkedRound> toeRounds,
        List<WorkedRound> heelRounds,
        Optional<Replan> replan,
        Outline outline,
        List<AxisRound> axis,
        Optional<StripePlan> stripes,
        Optional<PatternPlan> pattern,
        Optional<ToeOnFoot> toeOnFoot,
        TechniqueChoice technique) {

    public SockPlan {
        toeRounds = List.copyOf(toeRounds);
        heelRounds = List.copyOf(heelRounds);
        axis = List.copyOf(axis);
    }

    /** Whether the instep is in a pattern that was not swatched, so that the gauge says less of the foot. */
    public boolean instepUnlikeSwatch() {
        return pattern.filter(
                        any -> any.made().place().onInstep() && !any.made().swatched())
                .isPresent();
    }
}
