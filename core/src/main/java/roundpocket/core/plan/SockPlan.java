package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.fit.ToeOnFoot;
import roundpocket.core.opening.Opening;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.tube.Tube;

/**
 * A whole plan. Every figure is a step that carries its working.
 *
 * @param basis what it starts from
 * @param stitchCount stitches of the tube
 * @param toe the toe
 * @param heel the heel
 * @param fit how it sits
 * @param tube where everything lies
 * @param opening the heel's opening
 * @param cuff the cuff
 * @param yarn the yarn
 * @param replan what the second gauge reading changes, where there is one
 * @param outline the sock flat on the table, to scale
 * @param axis the rounds on the tape, from toe tip to cuff edge
 * @param stripes the colours of both socks, where the yarn changes colour
 * @param pattern what is patterned, where anything is
 * @param toeOnFoot the toes that could be knitted over the traced foot, where it was traced
 * @param technique how the hands do what can be done in several ways
 */
public record SockPlan(
        Basis basis,
        StitchCount stitchCount,
        ShapedPart toe,
        ShapedPart heel,
        Fit fit,
        Tube tube,
        Opening opening,
        CuffPlan cuff,
        YarnNeed yarn,
        Optional<Replan> replan,
        Outline outline,
        List<AxisRound> axis,
        Optional<StripePlan> stripes,
        Optional<PatternPlan> pattern,
        Optional<ToeOnFoot> toeOnFoot,
        TechniqueChoice technique) {

    public SockPlan {
        axis = List.copyOf(axis);
    }

    /** Whether the instep is in a pattern that was not swatched, so that the gauge says less of the foot. */
    public boolean instepUnlikeSwatch() {
        return pattern.filter(
                        any -> any.made().place().onInstep() && !any.made().swatched())
                .isPresent();
    }
}
