package roundpocket.core.tube;

import roundpocket.core.explain.Step;

/**
 * How a ready tube gives two socks.
 *
 * @param cut to length or in half
 * @param tubeRounds rounds of the ready tube
 * @param spareRounds rounds cut beyond where needed, for each piece
 * @param pieceRounds rounds of each piece
 * @param remnantRounds rounds left over; negative is what is missing
 * @param remnantLength millimetres of them
 */
public record TubeCut(
        Cut cut, Step tubeRounds, Step spareRounds, Step pieceRounds, Step remnantRounds, Step remnantLength) {}
