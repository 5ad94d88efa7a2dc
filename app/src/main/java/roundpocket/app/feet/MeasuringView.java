package roundpocket.app.feet;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;

/**
 * What the feet measured on one day.
 *
 * @param measuredOn the day
 * @param foot the left foot, or both
 * @param otherFoot the right foot, where it was measured too
 */
public record MeasuringView(
        LocalDate measuredOn, FootPart foot, @Nullable FootPart otherFoot) {}
