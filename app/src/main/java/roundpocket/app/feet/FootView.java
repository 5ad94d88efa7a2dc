package roundpocket.app.feet;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;

/**
 * The feet of one person as they are read.
 *
 * @param foot the left foot, or both
 * @param otherFoot the right foot, where it was measured too
 * @param measuredOn the day they were measured
 * @param notes what else is to be known of them
 * @param earlier what they measured before, the latest first
 */
public record FootView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        FootPart foot,
        @Nullable FootPart otherFoot,
        LocalDate measuredOn,
        @Nullable String notes,
        List<MeasuringView> earlier) {}
