package roundpocket.core.cut;

import java.util.Arrays;
import java.util.List;

/**
 * The pairs that a tube is to give, once it is settled which.
 *
 * @param wishes their wishes, earliest first
 * @param socks socks of each that come out of this tube: 2, or 1 where its twin gives the other
 * @param room rounds for the pieces and for what is given up, once the cuts between all pieces are taken off
 * @param gap rounds from rim to rim of two neighbours that lie as close as they can
 * @param phase when two of them match
 */
record Job(List<CutWish> wishes, int socks, int room, int gap, Phase phase) {
    int pairs() {
        return wishes.size();
    }

    int pieces() {
        return pairs() * socks;
    }

    int[] shortest() {
        return wishes.stream().mapToInt(CutWish::legFrom).toArray();
    }

    /** Rounds of a piece and of the gap behind it. */
    int length(int pair, int[] legs) {
        return wishes.get(pair).footRounds() + legs[pair] + gap;
    }

    /** Rounds that are left when every piece is cut with these legs. */
    int left(int[] legs) {
        int needed = 0;
        for (int pair = 0; pair < pairs(); pair++) {
            needed += wishes.get(pair).footRounds() + legs[pair];
        }
        return room - socks * needed;
    }

    /** Whether it matters where the two socks of a pair begin. */
    boolean matched(int pair) {
        return socks == 2 && !phase.any() && wishes.get(pair).alike();
    }

    int matchedPairs() {
        return (int) Arrays.stream(indices()).filter(this::matched).count();
    }

    int[] indices() {
        int[] all = new int[pairs()];
        Arrays.setAll(all, i -> i);
        return all;
    }

    /** Whether every piece has a twin that it must match. */
    boolean allMatch(int misses) {
        return misses == 0 && matchedPairs() == pairs();
    }

    /** Rounds of one sock of each pair and the gaps behind them. */
    int once(int[] legs) {
        return Arrays.stream(indices()).map(pair -> length(pair, legs)).sum();
    }
}
