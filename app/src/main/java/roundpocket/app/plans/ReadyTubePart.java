package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.ReadyTube;

/**
 * A tube that is there already; its length is given in rounds or in millimetres.
 *
 * @param stitches its stitches, an even number from 16 to 400
 * @param rounds its rounds
 * @param lengthMm its length
 * @param cut how it is cut for the pair
 * @param spareRounds rounds cut beyond where needed, 1 to 3
 */
public record ReadyTubePart(
        int stitches,
        @Nullable Integer rounds,
        @Nullable Double lengthMm,
        @Nullable Cut cut,
        @Nullable Integer spareRounds) {
    ReadyTube toCore() {
        return new ReadyTube(
                stitches,
                Present.count(rounds),
                Present.number(lengthMm),
                Optional.ofNullable(cut),
                Present.count(spareRounds));
    }
}
