package roundpocket.core.finish;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * A graft: loops of two needles sewn together so that the seam looks knitted. Each loop is entered once to stay and once
 * to come off, in the other direction; the first pair is only taken off where no set-up opened it.
 *
 * @param loops loops on each needle
 * @param setUp whether a set-up opens it
 * @param yarnAt the needle at which the yarn waits
 * @param moves how many moves it has
 * @param list the moves in order
 */
public record Graft(Step loops, boolean setUp, Needle yarnAt, Step moves, List<GraftMove> list) {

    /**
     * One move.
     *
     * @param number from 1
     * @param move which
     * @param loop which loop of that needle, from 1
     */
    public record GraftMove(int number, Move move, int loop) {}

    public Graft {
        list = List.copyOf(list);
    }

    /**
     * The graft of {@code loops} on each needle, 1 or more. Where the yarn waits at the front needle, its first loop
     * needs no set-up of its own and only the back one gets it.
     */
    public static Graft of(String name, Step loops, FinishChoice choice) {
        boolean setUp = choice.setUpTaken();
        Needle yarnAt = choice.yarnAtTaken();
        List<Move> opening = !setUp
                ? List.of()
                : yarnAt == Needle.BACK
                        ? List.of(Move.FRONT_PURLWISE_STAY, Move.BACK_KNITWISE_STAY)
                        : List.of(Move.BACK_KNITWISE_STAY);
        Step moves = Computed.of(
                name + " graft moves",
                Unit.NUMBER,
                FinishRules.MOVES.of(
                        loops,
                        Given.choice(
                                "moves of the set-up",
                                opening.size(),
                                Unit.NUMBER,
                                choice.graftSetUp().isEmpty() && choice.yarnAt().isEmpty(),
                                "choices.finish.graftSetUp")));
        return new Graft(loops, setUp, yarnAt, moves, moves(loops.count(), opening));
    }

    /**
     * Whether a graft is sewn with a length of its own, since the yarn does not hang where it is to come from: after rounds it
     * hangs at the back, after short rows at the front, and from the front no graft opens without a set-up.
     */
    public static boolean ownLength(boolean setUp, Needle yarnAt, boolean afterRounds) {
        return yarnAt != (afterRounds ? Needle.BACK : Needle.FRONT) || !setUp && yarnAt == Needle.FRONT;
    }

    private static List<GraftMove> moves(int loops, List<Move> opening) {
        List<GraftMove> list = new ArrayList<>();
        opening.forEach(move -> list.add(new GraftMove(list.size() + 1, move, 1)));
        for (int loop = 1; loop <= loops; loop++) {
            boolean last = loop == loops;
            list.add(new GraftMove(list.size() + 1, Move.FRONT_KNITWISE_OFF, loop));
            if (!last) {
                list.add(new GraftMove(list.size() + 1, Move.FRONT_PURLWISE_STAY, loop + 1));
            }
            list.add(new GraftMove(list.size() + 1, Move.BACK_PURLWISE_OFF, loop));
            if (!last) {
                list.add(new GraftMove(list.size() + 1, Move.BACK_KNITWISE_STAY, loop + 1));
            }
        }
        return list;
    }
}
