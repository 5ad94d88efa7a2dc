package roundpocket.app.yarns;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.StripingPart;
import roundpocket.app.plans.YarnPart;

/**
 * A yarn as it is read.
 *
 * @param striping how it changes colour, as a plan takes it, where the length of every stripe is known
 */
public record YarnView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        String colour,
        YarnPart yarn,
        @Nullable CakePart cake,
        @Nullable StripingPart striping) {}
