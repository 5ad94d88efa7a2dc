package roundpocket.core.cut;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A way to cut a tube.
 *
 * @param layout the tube from end to end
 * @param chosen the wishes that are met, in their order
 * @param legs rounds of the leg of each of them; where its two socks differ, of the shorter
 * @param apart how many rounds of the stripes the second sock of each begins after the first; empty where there are no
 *     stripes or only one sock lies here
 * @param matched whether the two socks of each begin in the same place, as far as that is to be seen
 * @param proven whether every other way was looked at or ruled out
 */
public record CutFound(
        Layout layout,
        List<Integer> chosen,
        List<Integer> legs,
        List<OptionalDouble> apart,
        List<Boolean> matched,
        boolean proven) {
    public CutFound {
        chosen = List.copyOf(chosen);
        legs = List.copyOf(legs);
        apart = List.copyOf(apart);
        matched = List.copyOf(matched);
    }

    /** Pairs that match. */
    public int matches() {
        return (int) matched.stream().filter(m -> m).count();
    }

    /** Rounds of all legs. */
    public int legRounds() {
        return layout.pieces().stream().mapToInt(Piece::legRounds).sum();
    }

    /** Rounds of the longest remnant. */
    public int remnantRounds() {
        return layout.remnants().isEmpty() ? 0 : layout.remnants().get(0).rounds();
    }
}
