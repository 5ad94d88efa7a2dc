package roundpocket.app.laps;

import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.tube.HeelWhen;

/**
 * How the work is begun.
 *
 * @param heelWhen when the heel is knitted; left out for what the plan says
 * @param order in which order the two socks are knitted; left out for what the plan says
 */
public record LapStartWrite(
        @Nullable HeelWhen heelWhen, @Nullable KnitOrder order) {}
