package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.yarn.Yarn;

/**
 * A yarn as its label gives it.
 *
 * @param lengthM metres in {@code massG}
 * @param massG the grams the length is given for
 * @param onHandG grams in the basket, where known
 * @param nylonShare share of nylon or the like, from 0 to 1, where known
 */
public record YarnPart(
        double lengthM,
        double massG,
        @Nullable Double onHandG,
        @Nullable Double nylonShare) {
    /** A yarn whose fibre is not known. */
    public YarnPart(double lengthM, double massG, @Nullable Double onHandG) {
        this(lengthM, massG, onHandG, null);
    }

    public Yarn toCore() {
        return new Yarn(lengthM, massG, Present.number(onHandG), Present.number(nylonShare), false);
    }
}
