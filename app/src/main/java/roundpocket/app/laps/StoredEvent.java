package roundpocket.app.laps;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An event as it is read from the store; see {@link LapEventRow}. */
record StoredEvent(
        UUID id,
        int sock,
        LapEventKind kind,
        String device,
        Instant pressedAt,
        @Nullable String payload) {}
