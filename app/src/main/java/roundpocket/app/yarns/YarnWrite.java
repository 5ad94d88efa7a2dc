package roundpocket.app.yarns;

import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.KeptWrite;
import roundpocket.app.plans.YarnPart;

/**
 * A yarn as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param colour its colour as #rrggbb; left out for undyed
 * @param yarn what the label says
 */
public record YarnWrite(
        @Nullable Long version, String name, @Nullable String colour, YarnPart yarn) implements KeptWrite {}
