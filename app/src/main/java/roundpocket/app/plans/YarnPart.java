package roundpocket.app.plans;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import roundpocket.core.yarn.Yarn;

/**
 * A yarn as its label gives it.
 *
 * @param lengthM metres in {@code massG}
 * @param massG the grams the length is given for
 * @param onHandG grams in the basket, where known
 */
public record YarnPart(
        double lengthM, double massG, @Nullable Double onHandG) {
    public Yarn toCore() {
        return new Yarn(lengthM, massG, onHandG == null ? OptionalDouble.empty() : OptionalDouble.of(onHandG));
    }
}
