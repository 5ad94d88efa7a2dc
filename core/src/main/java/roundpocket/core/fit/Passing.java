package roundpocket.core.fit;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * Whether the tube passes the heel when the sock is put on.
 *
 * @param ratio heel diagonal over the girth of the tube
 * @param verdict what that means
 */
public record Passing(Step ratio, Verdict verdict) {
    /** What the ratio means for putting the sock on. */
    public enum Verdict implements Named {
        EASY("goes on fine"),
        TIGHT("only just gets over the heel; the bind-off must be stretchy"),
        NOT_WEARABLE("not wearable: it won’t go over the heel");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        @Override
        public String title() {
            return words;
        }
    }

    public static Passing of(Step heelDiagonal, Step tube) {
        Step ratio = Computed.of("stretch to pass the heel", Unit.NUMBER, FitRules.PASSING.of(heelDiagonal, tube));
        Verdict verdict = ratio.value() > FitRules.TOO_TIGHT.value()
                ? Verdict.NOT_WEARABLE
                : ratio.value() > FitRules.TIGHT.value() ? Verdict.TIGHT : Verdict.EASY;
        return new Passing(ratio, verdict);
    }
}
