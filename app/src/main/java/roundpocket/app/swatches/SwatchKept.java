package roundpocket.app.swatches;

import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SwatchPart;
import roundpocket.app.store.Document;

/**
 * A swatch on its shelf.
 *
 * @param swatch its readings
 * @param notes how it felt, what to remember
 */
public record SwatchKept(SwatchPart swatch, @Nullable String notes) {
    /** How it is stored. */
    static class Stored extends Document<SwatchKept> {
        Stored() {
            super(SwatchKept.class);
        }
    }
}
