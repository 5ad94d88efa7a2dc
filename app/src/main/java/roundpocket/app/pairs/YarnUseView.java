package roundpocket.app.pairs;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.core.yarn.Enough;

/**
 * What one pair takes of a yarn.
 *
 * @param pairId which pair
 * @param name what the pair is called
 * @param planned whether the pair is planned from this yarn; else it only might be
 * @param neededG grams of it in the pair
 * @param plusMinusG half of the interval that holds the grams 19 times in 20
 * @param leftG grams left: of a planned one after it and those before it, of another after it alone, both below nothing
 *     where they are missing; left out where nobody weighed the yarn
 * @param enough whether it will do; left out as leftG is
 * @param words the same in words
 */
public record YarnUseView(
        UUID pairId,
        String name,
        boolean planned,
        double neededG,
        double plusMinusG,
        @Nullable Double leftG,
        @Nullable Enough enough,
        @Nullable String words) {}
