package roundpocket.app.feet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.FootPart;
import roundpocket.app.store.Document;

/**
 * The feet of one person.
 *
 * @param foot the left foot, or both
 * @param otherFoot the right foot, where it was measured too
 * @param measuredOn the day they were measured
 * @param notes what else is to be known of them
 * @param earlier what they measured before, the latest first
 */
public record FeetKept(
        FootPart foot,
        @Nullable FootPart otherFoot,
        LocalDate measuredOn,
        @Nullable String notes,
        List<Measuring> earlier) {
    public FeetKept {
        earlier = earlier == null ? List.of() : List.copyOf(earlier);
    }

    /**
     * What the feet measured on one day.
     *
     * @param measuredOn the day
     * @param foot the left foot, or both
     * @param otherFoot the right foot, where it was measured too
     */
    public record Measuring(
            LocalDate measuredOn, FootPart foot, @Nullable FootPart otherFoot) {}

    /** What was measured before, once this is measured anew. */
    List<Measuring> earlierOnceMeasuredAgain() {
        List<Measuring> all = new ArrayList<>();
        all.add(new Measuring(measuredOn, foot, otherFoot));
        all.addAll(earlier);
        return all;
    }

    /** How they are stored. */
    static class Stored extends Document<FeetKept> {
        Stored() {
            super(FeetKept.class);
        }
    }
}
