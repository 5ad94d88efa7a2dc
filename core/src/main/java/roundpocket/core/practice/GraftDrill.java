package roundpocket.core.practice;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.measure.Unit;

/**
 * A graft to practise: the next move is guessed, and a wrong one explained. The moves are those of {@link Graft}.
 *
 * @param graft the graft
 */
public record GraftDrill(Graft graft) {
    private static final String MUST_STAY =
            "The yarn goes through this st for the first time. Leave it on: taken off now, it would run.";
    private static final int FEWEST = 2;
    private static final int MOST = 24;

    /**
     * A drill.
     *
     * @param loops loops on each needle, 2 to 24
     * @param setUp whether a set-up opens it
     * @param yarnAt the needle at which the yarn waits
     */
    public static GraftDrill of(int loops, boolean setUp, Needle yarnAt) {
        if (loops < FEWEST || loops > MOST) {
            throw new Refusal(List.of(new Problem(
                    "practice.loops",
                    "loops",
                    "A piece to practise on has " + FEWEST + " to " + MOST + " sts on each needle.",
                    "Eight show everything there is.",
                    Map.of())));
        }
        FinishChoice choice = new FinishChoice(
                FinishChoice.usual().cuffRounds(), Optional.empty(), Optional.of(setUp), Optional.of(yarnAt));
        return new GraftDrill(Graft.of("practice", Given.tried("loops", loops, Unit.STITCHES), choice));
    }

    /** What stands on the two needles once so many moves are made, front first; each loop from the right. */
    public List<List<LoopState>> needles(int done) {
        return List.of(loops(Needle.FRONT, done), loops(Needle.BACK, done));
    }

    /** How far a loop is. */
    public enum LoopState {
        UNTOUCHED,
        ENTERED,
        OFF
    }

    private List<LoopState> loops(Needle needle, int done) {
        LoopState[] states = new LoopState[graft.loops().count()];
        Arrays.fill(states, LoopState.UNTOUCHED);
        for (GraftMove move : graft.list().subList(0, done)) {
            if (move.move().needle() == needle) {
                states[move.loop() - 1] = move.move().off() ? LoopState.OFF : LoopState.ENTERED;
            }
        }
        return List.of(states);
    }

    /** What a guess is worth that is made after {@code done} moves, from 0 to one less than all. */
    public Verdict judge(int done, Move guess) {
        if (done < 0 || done >= graft.list().size()) {
            throw new Refusal(List.of(new Problem(
                    "practice.done",
                    "done",
                    "This graft has " + graft.list().size() + " moves; none follows after " + done + ".",
                    "Begin another.",
                    Map.of())));
        }
        GraftMove next = graft.list().get(done);
        Move move = next.move();
        if (guess == move) {
            return new Verdict(true, right(next, done));
        }
        if (guess.needle() != move.needle()) {
            return new Verdict(false, otherNeedle(done, move));
        }
        if (guess.off() != move.off()) {
            return new Verdict(false, move.off() ? mustComeOff(next, done) : MUST_STAY);
        }
        return new Verdict(
                false,
                move.needle() == Needle.FRONT
                        ? "Wrong direction. Front needle: knitwise off, purlwise on."
                        : "Wrong direction. Back needle: purlwise off, knitwise on.");
    }

    /** A loop comes off the second time; without a set-up the first of each needle comes off at once. */
    private String mustComeOff(GraftMove next, int done) {
        boolean entered = graft.list().subList(0, done).stream()
                .anyMatch(before -> before.move().needle() == next.move().needle() && before.loop() == next.loop());
        return entered
                ? "The yarn has been through this st once. The second time, it comes off."
                : "Without a set-up the first st of each needle comes off at once.";
    }

    private String right(GraftMove next, int done) {
        if (done == graft.list().size() - 1) {
            return "That was the last stitch. Pull the tail inside at the corner, so that no ear stands out.";
        }
        return next.move().off()
                ? "Off it comes. Ease the yarn to the size of the stitches beside it."
                : "It stays on, held by the yarn.";
    }

    private String otherNeedle(int done, Move move) {
        String here = move.needle().title();
        if (done == 0) {
            return "The first move is on the " + here + ".";
        }
        Move last = graft.list().get(done - 1).move();
        boolean second = last.needle() == move.needle() && last.off() && !move.off();
        return second
                ? "Not yet: the " + here
                        + " has two moves each time. One st came off; now go through the next one on it."
                : "The other needle is done for now. Next is the " + here
                        + ", the yarn under the needles and not over.";
    }
}
