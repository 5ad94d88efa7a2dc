package roundpocket.app.laps;

import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.HeelWhen;

/**
 * How the work is begun.
 *
 * @param heelWhen when the heel is knitted; left out for after the tube
 * @param together whether both socks are knitted side by side; left out for one after the other
 */
public record LapStartWrite(
        @Nullable HeelWhen heelWhen, @Nullable Boolean together) {}
