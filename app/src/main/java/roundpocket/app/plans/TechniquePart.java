package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;

/**
 * How the hands do what can be done in several ways. What is left out is as usual.
 *
 * @param turning how a short row is turned
 * @param provisional how stitches are begun that are to be live again
 * @param roundStart where a round of the tube begins
 * @param heelWhen when the heel is knitted
 */
public record TechniquePart(
        @Nullable Turning turning,
        @Nullable Provisional provisional,
        @Nullable RoundStart roundStart,
        @Nullable HeelWhen heelWhen) {
    TechniqueChoice toCore() {
        return new TechniqueChoice(
                Optional.ofNullable(turning),
                Optional.ofNullable(provisional),
                Optional.ofNullable(roundStart),
                Optional.ofNullable(heelWhen));
    }
}
