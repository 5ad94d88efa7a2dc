package roundpocket.app.tubes;

import roundpocket.core.cut.Piece;

/**
 * A piece of a tube as it is put by hand.
 *
 * @param wish the number of its wish, from 0
 * @param sock which of its socks, 0 or 1
 * @param fromRound rounds of the tube before it, 0 to 5000
 * @param legRounds rounds of its leg, 1 to 5000
 */
public record PieceWrite(int wish, int sock, int fromRound, int legRounds) {
    Piece toCore() {
        return new Piece(wish, sock, fromRound, 0, legRounds);
    }
}
