package roundpocket.app.swatches;

import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.KeptWrite;
import roundpocket.app.plans.SwatchPart;

/**
 * A swatch as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param swatch its readings
 */
public record SwatchWrite(@Nullable Long version, String name, SwatchPart swatch) implements KeptWrite {}
