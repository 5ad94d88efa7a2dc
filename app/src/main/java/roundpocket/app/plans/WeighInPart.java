package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.yarn.WeighIn;

/**
 * The main yarn was weighed before and after a stretch of knitting. What was knitted is given in rounds or in stitches.
 *
 * @param rounds full rounds of the tube in between
 * @param stitches stitches in between
 * @param usedG grams gone
 * @param uncertaintyG standard uncertainty of that difference; that of a whole-gram scale where it is left out
 */
public record WeighInPart(
        @Nullable Integer rounds,
        @Nullable Double stitches,
        double usedG,
        @Nullable Double uncertaintyG) {
    WeighIn toCore() {
        return new WeighIn(Present.number(stitches), Present.count(rounds), usedG, Present.number(uncertaintyG));
    }
}
