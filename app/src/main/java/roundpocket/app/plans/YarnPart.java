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
 * @param colour its colour as #rrggbb, for drawing what is knitted from it; usually the shelf’s
 */
public record YarnPart(
        double lengthM,
        double massG,
        @Nullable Double onHandG,
        @Nullable Double nylonShare,
        @Nullable String colour) {
    /** A yarn whose fibre is not known. */
    public YarnPart(double lengthM, double massG, @Nullable Double onHandG) {
        this(lengthM, massG, onHandG, null, null);
    }

    /** A yarn as the shelf has its label. */
    public YarnPart(double lengthM, double massG, @Nullable Double onHandG, @Nullable Double nylonShare) {
        this(lengthM, massG, onHandG, nylonShare, null);
    }

    /** The same with so much of it in the basket. */
    public YarnPart withOnHandG(double grams) {
        return new YarnPart(lengthM, massG, grams, nylonShare, colour);
    }

    public Yarn toCore() {
        Colours.checked(colour);
        return new Yarn(lengthM, massG, Present.number(onHandG), Present.number(nylonShare), false);
    }
}
