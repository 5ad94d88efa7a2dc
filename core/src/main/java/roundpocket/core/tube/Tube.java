package roundpocket.core.tube;

import java.util.Optional;

/**
 * Where everything lies along the sock.
 *
 * @param way how one comes by the tube
 * @param toeStart how a toe-up tube begins
 * @param wanted what foot and leg are to be
 * @param heelLine where the heel opens
 * @param rounds the rounds of every part
 * @param lengths the lengths that these rounds give
 * @param cut how a ready tube is cut
 */
public record Tube(
        Way way,
        ToeStart toeStart,
        TubeWanted wanted,
        HeelLine heelLine,
        TubeRounds rounds,
        TubeLengths lengths,
        Optional<TubeCut> cut) {}
