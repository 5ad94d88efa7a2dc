package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;

/**
 * How the opening is made. What is left out is as usual.
 *
 * @param way the way
 * @param corners what is done at its corners
 * @param extraLoops loops picked up at each corner: 1, 2 or 4
 * @param keepFour whether four of them stay in the heel
 */
public record OpeningPart(
        @Nullable OpeningWay way,
        @Nullable Corners corners,
        @Nullable Integer extraLoops,
        @Nullable Boolean keepFour) {
    /** The same where it can be done; earlier plans could ask for stitches left in where waste yarn comes out. */
    OpeningPart moved(boolean ready) {
        boolean stays = OpeningChoice.moved(Optional.ofNullable(way), Optional.ofNullable(corners), ready)
                .isPresent();
        return corners == null || stays ? this : new OpeningPart(way, null, null, null);
    }

    OpeningChoice toCore() {
        return new OpeningChoice(
                Optional.ofNullable(way),
                Optional.ofNullable(corners),
                Present.count(extraLoops),
                Optional.ofNullable(keepFour));
    }
}
