package roundpocket.app.yarns;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.YarnPart;

/** A yarn as it is read. */
public record YarnView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        String colour,
        YarnPart yarn,
        @Nullable CakePart cake) {}
