package roundpocket.core.plan;

import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.yarn.Left;

/**
 * What the pair takes of one yarn.
 *
 * @param role which yarn
 * @param sockGrams grams in one sock
 * @param pairGrams grams in the pair
 * @param woundOff grams that are wound off and not knitted, where any are
 * @param left what is left of what is at hand, where that is known
 * @param afterTwoPairs what would be left after two pairs alike
 */
public record RoleYarn(
        YarnRole role,
        Step sockGrams,
        Step pairGrams,
        Optional<Step> woundOff,
        Optional<Left> left,
        Optional<Left> afterTwoPairs) {
    /** Grams that the pair takes of what there is, with what is wound off where it is known what there is. */
    public Step needed() {
        return left.map(Left::needed).orElse(pairGrams);
    }
}
