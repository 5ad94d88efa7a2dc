package roundpocket.core.yarn;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * A weighed stretch of knitting beside what the model expected of it.
 *
 * @param predicted grams that the model gives before any factor
 * @param used grams that went by the scale
 * @param unsure standard uncertainty of that difference
 * @param off how far it lies off the model; above 1 it is hard to believe
 */
public record Weighed(Step predicted, Step used, Step unsure, Step off) {
    static Weighed of(Step predicted, Step used, Step unsure) {
        return new Weighed(
                predicted,
                used,
                unsure,
                Computed.of(
                        "off the model, of what is believable",
                        Unit.NUMBER,
                        YarnRules.OFF_THE_MODEL.of(used, predicted, unsure)));
    }

    /** Whether a knitter and her scale can differ so much from the model. */
    public boolean believable() {
        return off.value() <= 1;
    }
}
