package roundpocket.app.yarns;

import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.YarnPart;
import roundpocket.app.store.StoredWrite;

/**
 * A yarn as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param colour its colour as #rrggbb; left out for the first stripe's, or undyed
 * @param yarn what the label says
 * @param cake what else is known of it
 */
public record YarnWrite(
        @Nullable Long version,
        String name,
        @Nullable String colour,
        YarnPart yarn,
        @Nullable CakePart cake) implements StoredWrite {
    /** A yarn of which the label is known. */
    public YarnWrite(String name, String colour, YarnPart yarn) {
        this(null, name, colour, yarn, null);
    }
}
