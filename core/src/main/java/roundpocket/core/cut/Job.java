package roundpocket.core.cut;

import java.util.Arrays;
import java.util.List;

/**
 * The pairs that a tube is to give, once it is settled which, and what lies at its ends.
 *
 * @param wishes their wishes, earliest first
 * @param spares spare rounds at each cut rim of a piece, for every pair
 * @param socks socks of each that come out of this tube: 2, or 1 where its twin gives the other
 * @param room rounds for the pieces with their rims and for what is given up between them
 * @param ends which pieces lie at its ends
 * @param phase when two of them match
 */
record Job(List<CutWish> wishes, List<Integer> spares, int socks, int room, Ends ends, Phase phase) {
    int pairs() {
        return wishes.size();
    }

    int pieces() {
        return pairs() * socks;
    }

    int[] shortest() {
        return wishes.stream().mapToInt(CutWish::legFrom).toArray();
    }

    /** Rounds of a piece, its spare ones, and the one unpicked behind it. */
    int length(int pair, int[] legs) {
        return wishes.get(pair).footRounds() + legs[pair] + 2 * spares.get(pair) + 1;
    }

    /** Rounds that are left when every piece is cut with these legs. */
    int left(int[] legs) {
        return room - socks * once(legs);
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

    /** Rounds of one sock of each pair with its rims. */
    int once(int[] legs) {
        return Arrays.stream(indices()).map(pair -> length(pair, legs)).sum();
    }

    /** Whether the first and the last piece are such as lie at the ends. */
    boolean keepsToEnds(Arrangement arrangement) {
        int[] order = arrangement.order();
        return ends.mayBeFirst(spares.get(order[0])) && ends.mayBeLast(spares.get(order[order.length - 1]));
    }

    /** Spare rounds of the piece that lies last. */
    int lastSpare() {
        return ends.last() == Ends.ANY ? spares.get(0) : ends.last();
    }
}
