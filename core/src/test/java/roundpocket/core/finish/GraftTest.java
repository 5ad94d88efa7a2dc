package roundpocket.core.finish;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Given;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.measure.Unit;

/**
 * A graft simulated loop by loop: a loop held on the front needle is entered purlwise to stay and knitwise to come off,
 * one on the back needle knitwise to stay and purlwise to come off, so that the yarn runs through each loop once in each
 * direction. The moves are common practice.
 */
public class GraftTest {
    private static Graft graft(int loops, boolean setUp, Needle yarnAt) {
        return Graft.of(
                "heel",
                Given.measured("loops", loops, Unit.STITCHES, "x"),
                new FinishChoice(OptionalInt.empty(), Optional.empty(), Optional.of(setUp), Optional.of(yarnAt)));
    }

    /** What goes wrong when the moves are made on so many loops, or nothing. */
    private static Optional<String> wrong(List<Move> moves, int loops, boolean setUp, Needle yarnAt) {
        int[] off = new int[2];
        boolean[][] entered = new boolean[2][loops];
        // Without a set-up the first pair is only taken off; the yarn itself comes out of the first front loop where
        // it waits there.
        entered[0][0] = !setUp || yarnAt == Needle.FRONT;
        entered[1][0] = !setUp;
        int sideMoves = 0;
        Needle before = null;
        for (Move move : moves) {
            int needle = move.needle().ordinal();
            int at = off[needle];
            if (at >= loops) {
                return Optional.of("no loop is left on the " + move.needle());
            }
            boolean staysDirection = move.needle() == Needle.BACK;
            if (move.off()) {
                if (move.knitwise() == staysDirection || !entered[needle][at]) {
                    return Optional.of("a loop dropped that was not entered from both sides");
                }
                off[needle]++;
            } else {
                if (move.knitwise() != staysDirection || entered[needle][at]) {
                    return Optional.of("a loop entered twice from one side");
                }
                entered[needle][at] = true;
            }
            sideMoves = move.needle() == before ? sideMoves + 1 : 1;
            before = move.needle();
            if (sideMoves > 2) {
                return Optional.of("the yarn stays on one needle for three moves");
            }
        }
        // The yarn goes to and fro: the front loop of a pair is off before the back one, and never two pairs ahead.
        return off[0] == loops && off[1] == loops ? Optional.empty() : Optional.of("loops are left on the needles");
    }

    @DataProvider
    public Object[][] grafts() {
        List<Object[]> all = new ArrayList<>();
        for (int loops : new int[] {1, 2, 3, 8, 16, 18, 32}) {
            for (boolean setUp : new boolean[] {true, false}) {
                for (Needle yarnAt : Needle.values()) {
                    all.add(new Object[] {loops, setUp, yarnAt});
                }
            }
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "grafts")
    public void everyLoopIsEnteredOnceInEachDirection(int loops, boolean setUp, Needle yarnAt) {
        Graft graft = graft(loops, setUp, yarnAt);
        List<Move> moves = graft.list().stream().map(GraftMove::move).toList();
        assertThat(wrong(moves, loops, setUp, yarnAt)).isEmpty();
        assertThat(moves).hasSize(graft.moves().count());
        assertThat(moves).hasSize(4 * (loops - 1) + 2 + (setUp ? yarnAt == Needle.BACK ? 2 : 1 : 0));
    }

    /** Any one move made wrongly, left out, or made too early is caught. */
    @Test(dataProvider = "grafts")
    public void anyWrongMoveIsCaught(int loops, boolean setUp, Needle yarnAt) {
        List<Move> right =
                graft(loops, setUp, yarnAt).list().stream().map(GraftMove::move).toList();
        for (int i = 0; i < right.size(); i++) {
            for (Move other : Move.values()) {
                if (other != right.get(i)) {
                    List<Move> wrong = new ArrayList<>(right);
                    wrong.set(i, other);
                    assertThat(wrong(wrong, loops, setUp, yarnAt)).isNotEmpty();
                }
            }
            List<Move> without = new ArrayList<>(right);
            without.remove(i);
            assertThat(wrong(without, loops, setUp, yarnAt)).isNotEmpty();
        }
    }

    @Test
    public void theRhythmOfThreeLoops() {
        assertThat(graft(3, true, Needle.BACK).list())
                .extracting(move -> move.move().words() + " " + move.loop())
                .containsExactly(
                        "Front needle: purlwise, leave on 1",
                        "Back needle: knitwise, leave on 1",
                        "Front needle: knitwise, off 1",
                        "Front needle: purlwise, leave on 2",
                        "Back needle: purlwise, off 1",
                        "Back needle: knitwise, leave on 2",
                        "Front needle: knitwise, off 2",
                        "Front needle: purlwise, leave on 3",
                        "Back needle: purlwise, off 2",
                        "Back needle: knitwise, leave on 3",
                        "Front needle: knitwise, off 3",
                        "Back needle: purlwise, off 3");
    }
}
