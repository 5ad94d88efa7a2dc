package roundpocket.app.laps;

import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.HeelWhen;

/**
 * How the work is begun.
 *
 * @param heelWhen when the heel is knitted; left out for after the tube
 */
public record LapStartWrite(@Nullable HeelWhen heelWhen) {}
