package roundpocket.app.swatches;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.UUID;

/** A swatch as it is read. */
public record SwatchView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        @JsonUnwrapped SwatchKept kept) {}
