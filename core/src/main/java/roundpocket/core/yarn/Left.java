package roundpocket.core.yarn;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What is left of a yarn when something has been knitted from it, and whether that will come out.
 *
 * @param atHand grams at hand
 * @param needed grams needed
 * @param left grams left; below nothing it is what is missing
 * @param margin left in standard uncertainties
 * @param enough the margin in words
 */
public record Left(Step atHand, Step needed, Step left, Step margin, Enough enough) {
    public static Left of(String label, Step atHand, Step needed) {
        Step left = Computed.of(label, Unit.GRAMS, YarnRules.LEFT_OVER, atHand, needed);
        Step margin = Computed.of("margin of " + label, Unit.NUMBER, YarnRules.MARGIN, left, Spread.of(needed));
        return new Left(atHand, needed, left, margin, Enough.of(margin.value()));
    }
}
