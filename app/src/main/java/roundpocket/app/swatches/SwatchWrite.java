package roundpocket.app.swatches;

import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.store.StoredWrite;

/**
 * A swatch as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param swatch its readings
 * @param notes how it felt, what to remember; at most 2000 characters
 */
public record SwatchWrite(
        @Nullable Long version,
        String name,
        SwatchPart swatch,
        @Nullable String notes) implements StoredWrite {
    /** A swatch without notes. */
    public SwatchWrite(String name, SwatchPart swatch) {
        this(null, name, swatch, null);
    }
}
