package roundpocket.core.judge;

import java.util.Optional;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;

/**
 * What a careful friend would say of a plan.
 *
 * @param weight how much it matters
 * @param said what is doubtful, why and what would help; its field is the word that cures it
 * @param figure the figure it rests on
 */
public record Doubt(Weight weight, Problem said, Optional<Step> figure) {
    /** How much a doubt matters, heaviest first. */
    public enum Weight {
        STOPS("do not begin like this"),
        MATTERS("look at this before you begin"),
        WORTH_KNOWING("worth knowing");

        private final String words;

        Weight(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public String code() {
        return said.code();
    }
}
