package roundpocket.app.feet;

import java.time.Instant;
import java.util.UUID;
import roundpocket.app.plans.FootPart;

/** A foot as it is read. */
public record FootView(UUID id, long version, String name, Instant updatedAt, FootPart foot) {}
