package roundpocket.core.tube;

import java.util.Optional;
import roundpocket.core.explain.Step;

/**
 * How a ready tube gives two socks. What is left lies between the two pieces, so that each has one cut rim and one end of
 * the tube.
 *
 * @param cut to length or in half
 * @param tubeRounds rounds of the ready tube
 * @param ravelled rounds ravelled from one end before anything is cut, for heels, toes and cuffs, where they are
 * @param spareRounds rounds more than needed at each cut rim
 * @param pieceRounds rounds of each piece, spare ones among them
 * @param pieceLength millimetres of them
 * @param cuts how often it is cut: once, or twice where something is left over
 * @param remnantRounds rounds left over; negative is what is missing
 * @param remnantLength millimetres of them
 */
public record TubeCut(
        Cut cut,
        Step tubeRounds,
        Optional<Step> ravelled,
        Step spareRounds,
        Step pieceRounds,
        Step pieceLength,
        int cuts,
        Step remnantRounds,
        Step remnantLength) {}
