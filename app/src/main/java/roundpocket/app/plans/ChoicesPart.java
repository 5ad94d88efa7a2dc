package roundpocket.app.plans;

import java.util.OptionalDouble;
import java.util.OptionalInt;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.Choices;

/**
 * What the knitter decides. What is left out takes the usual value.
 *
 * @param ease how much smaller than the foot, as a ratio from 0 to 0.25
 * @param stitches stitches in the tube, a multiple of four
 * @param legMm leg above the opening, cuff included
 * @param heelPlainRounds plain rounds before the heel's first decrease
 * @param toePlainRounds plain rounds before the toe's first decrease
 * @param cuffRounds rounds of the cuff
 */
public record ChoicesPart(
        @Nullable Double ease,
        @Nullable Integer stitches,
        @Nullable Double legMm,
        @Nullable Integer heelPlainRounds,
        @Nullable Integer toePlainRounds,
        @Nullable Integer cuffRounds) {

    public Choices toCore() {
        return new Choices(
                optional(ease),
                optional(stitches),
                optional(legMm),
                optional(heelPlainRounds),
                optional(toePlainRounds),
                optional(cuffRounds));
    }

    private static OptionalDouble optional(@Nullable Double value) {
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    private static OptionalInt optional(@Nullable Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
