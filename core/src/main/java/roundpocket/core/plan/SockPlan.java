package roundpocket.core.plan;

import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.opening.Opening;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;

/**
 * A whole plan. Every figure is a step that carries its working.
 *
 * @param choices the choices as they were taken, usual values filled in
 * @param gauge the gauge
 * @param stitchCount stitches of the tube
 * @param toe the toe
 * @param heel the heel
 * @param tube where everything lies
 * @param opening the heel's opening
 * @param yarn the yarn
 * @param outline the sock flat on the table, to scale
 * @param axis the rounds on the tape, from toe tip to cuff edge
 */
public record SockPlan(
        Taken choices,
        Gauge gauge,
        StitchCount stitchCount,
        Shaping toe,
        Shaping heel,
        Tube tube,
        Opening opening,
        YarnNeed yarn,
        Outline outline,
        List<AxisRound> axis) {

    public SockPlan {
        axis = List.copyOf(axis);
    }

    /**
     * The choices as they were taken.
     *
     * @param ease as a ratio
     * @param leg in millimetres
     * @param cuff in rounds
     */
    public record Taken(Step ease, Step leg, Step cuff) {}
}
