package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.ReadyTube;

/**
 * A tube that is there already; how long it is is given in rounds, in millimetres or in grams.
 *
 * @param stitches its stitches, an even number from 16 to 400
 * @param rounds its rounds
 * @param lengthMm its length
 * @param massG its mass
 * @param cut how it is cut for the pair
 * @param spareRounds rounds more than needed at each cut rim, 1 to 3
 * @param ravel whether the yarn for heels, toes and cuffs is ravelled from it
 */
public record ReadyTubePart(
        int stitches,
        @Nullable Integer rounds,
        @Nullable Double lengthMm,
        @Nullable Double massG,
        @Nullable Cut cut,
        @Nullable Integer spareRounds,
        @Nullable Boolean ravel) {
    ReadyTube toCore() {
        return new ReadyTube(
                stitches,
                Present.count(rounds),
                Present.number(lengthMm),
                Present.number(massG),
                Optional.ofNullable(cut),
                Present.count(spareRounds),
                Optional.ofNullable(ravel));
    }
}
