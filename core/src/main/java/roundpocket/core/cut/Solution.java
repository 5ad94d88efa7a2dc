package roundpocket.core.cut;

import java.util.List;

/**
 * Where the pieces lie.
 *
 * @param chosen the wishes that are met, in their order
 * @param legs rounds of their legs
 * @param pieces the pieces, from the toes' end
 * @param ravelled rounds unravelled for heels, toes and cuffs
 * @param longestRemnant rounds of the longest remnant, however short
 * @param proven whether every other way was looked at or ruled out
 */
record Solution(
        List<Integer> chosen,
        List<Integer> legs,
        List<Piece> pieces,
        int ravelled,
        int longestRemnant,
        boolean proven) {}
