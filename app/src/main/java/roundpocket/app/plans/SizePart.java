package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.SizeChoice;

/**
 * How large the sock is to be. What is left out is as usual.
 *
 * @param ease how much smaller than the foot, as a ratio from 0 to 0.25
 * @param stitches stitches in the tube, a multiple of four
 * @param lengthEaseMm how much shorter than the foot, 0 to 40 mm
 */
public record SizePart(
        @Nullable Double ease,
        @Nullable Integer stitches,
        @Nullable Double lengthEaseMm) {
    SizeChoice toCore() {
        return new SizeChoice(Present.number(ease), Present.count(stitches), Present.number(lengthEaseMm));
    }
}
