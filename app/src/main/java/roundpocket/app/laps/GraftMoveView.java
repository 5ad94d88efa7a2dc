package roundpocket.app.laps;

import java.util.List;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Needle;

/**
 * A move of a graft, as it is drawn.
 *
 * @param loop which loop of its needle, from 1, in the order in which they are sewn
 * @param knitwise whether it goes in as if to knit, else as if to purl
 * @param off whether the loop comes off the needle
 */
public record GraftMoveView(Needle needle, int loop, boolean knitwise, boolean off) {
    /** Moves as they are drawn. */
    public static List<GraftMoveView> of(List<GraftMove> moves) {
        return moves.stream()
                .map(made -> new GraftMoveView(
                        made.move().needle(),
                        made.loop(),
                        made.move().knitwise(),
                        made.move().off()))
                .toList();
    }
}
