package roundpocket.app.feet;

import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.KeptWrite;
import roundpocket.app.plans.FootPart;

/**
 * A foot as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name whose foot
 * @param foot its measures
 */
public record FootWrite(@Nullable Long version, String name, FootPart foot) implements KeptWrite {}
