package roundpocket.app.yarns;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.StripingPart;

/**
 * A yarn as it is read.
 *
 * @param kept what is known of it
 * @param striping how it changes colour, as a plan takes it, where the length of every stripe is known
 */
public record YarnView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        @JsonUnwrapped YarnKept kept,
        @Nullable StripingPart striping) {}
