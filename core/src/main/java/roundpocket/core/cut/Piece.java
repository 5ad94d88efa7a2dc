package roundpocket.core.cut;

/**
 * One sock's piece of a tube, spare rounds not among it.
 *
 * @param wish the wish it is for, from 0
 * @param sock which of its socks, 0 or 1
 * @param from rounds of the tube before it, counted from the toes' end
 * @param footRounds rounds of foot and heel line
 * @param legRounds rounds of the leg
 */
public record Piece(int wish, int sock, int from, int footRounds, int legRounds) {
    /** Rounds of the tube up to its end. */
    public int to() {
        return from + footRounds + legRounds;
    }
}
