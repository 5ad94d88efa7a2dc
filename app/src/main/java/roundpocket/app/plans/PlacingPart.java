package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;

/**
 * Where the heel opens. What is left out is as usual.
 *
 * @param school the school
 * @param markedRound rounds from the tip of the toe to the mark made on the foot
 */
public record PlacingPart(
        @Nullable PlacingSchool school, @Nullable Integer markedRound) {
    PlacingChoice toCore() {
        return new PlacingChoice(Optional.ofNullable(school), Present.count(markedRound));
    }
}
