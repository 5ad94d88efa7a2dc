package roundpocket.app.tubes;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A pair that somebody would like from a tube.
 *
 * @param footId whose feet, by the shelf of feet
 * @param name whose they are; what the feet are called where it is left out
 * @param legFromMm the shortest leg above the heel line, cuff included, 20 to 600 mm
 * @param legToMm the longest leg, likewise
 * @param alike whether both socks are to begin in the same place of the stripes
 * @param ravel whether heels, toes and cuffs are of the tube's own yarn
 * @param spareRounds rounds more than needed at each cut rim of its pieces, 1 to 3; those of the tube where left out
 */
public record TubeWishPart(
        UUID footId,
        @Nullable String name,
        double legFromMm,
        double legToMm,
        boolean alike,
        boolean ravel,
        @Nullable Integer spareRounds) {
    /** The same under a name. */
    TubeWishPart named(String called) {
        return new TubeWishPart(footId, called, legFromMm, legToMm, alike, ravel, spareRounds);
    }
}
