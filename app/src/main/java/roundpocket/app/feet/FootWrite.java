package roundpocket.app.feet;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;
import roundpocket.app.store.StoredWrite;

/**
 * The feet of one person as they are written.
 *
 * @param version the version they were read at; left out for new ones
 * @param name whose feet
 * @param foot the measures of the left foot, or of both
 * @param otherFoot the measures of the right foot, where it was measured too
 * @param measuredOn the day they were measured; left out for today, or for the day that is kept already
 * @param notes what else is to be known of them, at most 2000 characters
 * @param measuredAgain true to keep what stood here as an earlier measuring, false to correct it
 */
public record FootWrite(
        @Nullable Long version,
        String name,
        FootPart foot,
        @Nullable FootPart otherFoot,
        @Nullable LocalDate measuredOn,
        @Nullable String notes,
        @Nullable Boolean measuredAgain)
        implements StoredWrite {
    /** Feet that are alike, measured today. */
    public FootWrite(String name, FootPart foot) {
        this(null, name, foot, null, null, null, null);
    }
}
