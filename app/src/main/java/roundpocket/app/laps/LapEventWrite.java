package roundpocket.app.laps;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.lap.Tally;

/**
 * A press as it is sent.
 *
 * @param id its own, made where it was pressed; the same press sent twice counts once
 * @param sock 1 or 2
 * @param kind done, taken back, or gone elsewhere
 * @param to where to, of a jump
 * @param device which device it was pressed on, 1 to 40 characters
 * @param at when it was pressed
 */
public record LapEventWrite(
        UUID id, int sock, Tally.Kind kind, @Nullable Integer to, String device, Instant at) {}
