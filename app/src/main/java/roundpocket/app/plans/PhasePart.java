package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.shaping.Phase;

/**
 * A stretch of a shaping of one's own; it ends after so many decrease rounds or at so many stitches on each side.
 *
 * @param every a decrease round in every so many
 * @param times decrease rounds
 * @param until stitches on each side
 */
public record PhasePart(
        int every, @Nullable Integer times, @Nullable Integer until) {
    Phase toCore() {
        return new Phase(every, Present.count(times), Present.count(until));
    }
}
