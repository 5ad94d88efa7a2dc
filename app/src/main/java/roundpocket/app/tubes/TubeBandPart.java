package roundpocket.app.tubes;

import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.BandPart;

/**
 * One band of a tube, counted on it.
 *
 * @param name what the colour is called, at most 40 characters
 * @param colour its colour as #rrggbb
 * @param rounds rounds it takes, 0.25 to 400
 */
public record TubeBandPart(@Nullable String name, String colour, double rounds) {
    BandPart on(int stitches) {
        return new BandPart(name, colour, null, rounds, stitches);
    }
}
