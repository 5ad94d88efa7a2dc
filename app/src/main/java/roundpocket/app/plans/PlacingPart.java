package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.PlacingSchool;

/**
 * Where the heel opens. What is left out is as usual.
 *
 * @param school the school
 * @param markedRound rounds to the mark made on the foot, 1 to 1000
 * @param markedMm the tape's reading at the mark instead, 20 to 1000 mm
 * @param distanceMm a distance of the knitter's own, 20 to 400 mm
 * @param from where mark or distance are counted from; the tip of the toe where it is left out
 */
public record PlacingPart(
        @Nullable PlacingSchool school,
        @Nullable Integer markedRound,
        @Nullable Double markedMm,
        @Nullable Double distanceMm,
        @Nullable CountFrom from) {
    PlacingChoice toCore() {
        return new PlacingChoice(
                Optional.ofNullable(school),
                Present.count(markedRound),
                Present.number(markedMm),
                Present.number(distanceMm),
                Optional.ofNullable(from));
    }
}
