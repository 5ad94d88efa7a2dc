package roundpocket.core.judge;

import java.util.Optional;
import java.util.function.UnaryOperator;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.SockSpec;

/**
 * What a careful friend would say of a plan.
 *
 * @param weight how much it matters
 * @param said what is doubtful, why and what would help; its field is the word that cures it
 * @param figure the figure it rests on
 * @param cure what the remedy makes of the specification, where it is one that a choice can make
 */
public record Doubt(Weight weight, Problem said, Optional<Step> figure, Optional<UnaryOperator<SockSpec>> cure) {
    /** How much a doubt matters, heaviest first. */
    public enum Weight implements Named {
        STOPS("don’t cast on yet"),
        MATTERS("check before you cast on"),
        WORTH_KNOWING("good to know");

        private final String words;

        Weight(String words) {
            this.words = words;
        }

        @Override
        public String title() {
            return words;
        }
    }

    public String code() {
        return said.code();
    }
}
