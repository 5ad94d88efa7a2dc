package roundpocket.app.swatches;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SwatchPart;

/** A swatch as it is read. */
public record SwatchView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        SwatchPart swatch,
        @Nullable String notes) {}
