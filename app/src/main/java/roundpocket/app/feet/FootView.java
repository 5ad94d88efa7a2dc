package roundpocket.app.feet;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.UUID;

/**
 * The feet of one person as they are read.
 *
 * @param kept what is known of them
 */
public record FootView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        @JsonUnwrapped FeetKept kept) {}
