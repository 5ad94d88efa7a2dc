package roundpocket.app.laps;

import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.HeelWhen;
import roundpocket.core.plan.KnitOrder;

/**
 * How the work is begun.
 *
 * @param heelWhen when the heel is knitted; left out for after the tube
 * @param order in which order the two socks are knitted; left out for what the plan says
 */
public record LapStartWrite(
        @Nullable HeelWhen heelWhen, @Nullable KnitOrder order) {}
