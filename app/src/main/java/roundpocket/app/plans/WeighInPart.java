package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.yarn.WeighIn;

/**
 * A yarn was weighed before and after a stretch of knitting. What was knitted is given in rounds or in stitches.
 *
 * @param rounds full rounds of the tube in between
 * @param stitches stitches in between
 * @param usedG grams gone
 * @param uncertaintyG standard uncertainty of that difference; that of a whole-gram scale where it is left out
 * @param contrast whether it was the second yarn
 */
public record WeighInPart(
        @Nullable Integer rounds,
        @Nullable Double stitches,
        double usedG,
        @Nullable Double uncertaintyG,
        @Nullable Boolean contrast) {
    /** As the core has it. */
    public static WeighInPart of(WeighIn weighed) {
        return new WeighInPart(
                weighed.rounds().isPresent() ? weighed.rounds().getAsInt() : null,
                weighed.stitches().isPresent() ? weighed.stitches().getAsDouble() : null,
                weighed.usedG(),
                weighed.uncertaintyG().isPresent() ? weighed.uncertaintyG().getAsDouble() : null,
                weighed.contrast() ? true : null);
    }

    WeighIn toCore() {
        return new WeighIn(
                Present.number(stitches),
                Present.count(rounds),
                usedG,
                Present.number(uncertaintyG),
                Boolean.TRUE.equals(contrast));
    }
}
