package roundpocket.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Refusal;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.practice.GraftDrill.LoopState;

/** What is practised is what is knitted, and a wrong guess is told what it was taken for. */
public class DrillsTest {
    @DataProvider
    public Object[][] grafts() {
        return new Object[][] {
            {2, true, Needle.BACK},
            {8, true, Needle.BACK},
            {8, true, Needle.FRONT},
            {8, false, Needle.BACK},
            {24, false, Needle.FRONT}
        };
    }

    /** At every move one of the four is right, and guessing the right ones takes every loop off. */
    @Test(dataProvider = "grafts")
    public void oneMoveOfFourIsRightAtEveryPlace(int loops, boolean setUp, Needle yarnAt) {
        GraftDrill drill = GraftDrill.of(loops, setUp, yarnAt);
        int moves = drill.graft().list().size();
        for (int i = 0; i < moves; i++) {
            int done = i;
            List<Move> right = List.of(Move.values()).stream()
                    .filter(move -> drill.judge(done, move).right())
                    .toList();
            assertThat(right)
                    .as("after " + i)
                    .containsExactly(drill.graft().list().get(i).move());
            for (Move move : Move.values()) {
                assertThat(drill.judge(i, move).words()).isNotBlank();
            }
        }
        assertThat(drill.needles(0)).allMatch(needle -> needle.stream().allMatch(LoopState.UNTOUCHED::equals));
        assertThat(drill.needles(moves)).allMatch(needle -> needle.stream().allMatch(LoopState.OFF::equals));
        assertThatThrownBy(() -> drill.judge(moves, Move.FRONT_KNITWISE_OFF)).isInstanceOf(Refusal.class);
    }

    /** The usual mistakes at the beginning of a graft with a set-up (common practice, no source). */
    @Test
    public void mistakesAreExplained() {
        GraftDrill drill = GraftDrill.of(6, true, Needle.BACK);
        assertThat(drill.judge(0, Move.FRONT_KNITWISE_OFF).words())
                .contains("first time")
                .contains("Leave it on");
        assertThat(drill.judge(1, Move.FRONT_PURLWISE_STAY).words())
                .contains("The other needle is done for now")
                .contains("Next is the back needle, the yarn");
        assertThat(drill.judge(2, Move.FRONT_PURLWISE_STAY).words()).contains("been through this st once");
        assertThat(drill.judge(3, Move.BACK_PURLWISE_OFF).words()).contains("Not yet");
        assertThat(drill.judge(4, Move.BACK_KNITWISE_STAY).words()).contains("comes off");
        assertThat(drill.judge(0, Move.BACK_PURLWISE_OFF).words()).isEqualTo("The first move is on the front needle.");
        GraftDrill noEar = GraftDrill.of(6, false, Needle.BACK);
        assertThat(noEar.judge(0, Move.FRONT_PURLWISE_STAY).words())
                .as("nothing has been through it")
                .isEqualTo("Without a set-up the first st of each needle comes off at once.");
        assertThat(drill.needles(3).get(0).subList(0, 2)).containsExactly(LoopState.OFF, LoopState.UNTOUCHED);
        assertThatThrownBy(() -> GraftDrill.of(1, true, Needle.BACK)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> GraftDrill.of(25, true, Needle.BACK)).isInstanceOf(Refusal.class);
    }

    @Test
    public void aLineIsPickedUpLegByLeg() {
        PickUpDrill drill = new PickUpDrill(10, 7, 3, true, false);
        for (int column = 0; column < 10; column++) {
            assertThat(drill.judge(column, 2, column, false).right()).isTrue();
        }
        assertThat(drill.judge(9, 2, 9, false).words()).contains("Count them: 10");
        assertThat(drill.judge(0, 3, 0, false).words()).contains("comes out");
        assertThat(drill.judge(0, 4, 0, false).words()).contains("other side");
        assertThat(drill.judge(4, 1, 4, false).words()).contains("wander");
        assertThat(drill.judge(4, 2, 5, false).words()).contains("skipped a stitch");
        assertThat(drill.judge(4, 2, 3, false).words()).contains("already");
        assertThat(drill.judge(4, 2, 4, true).words()).contains("here the right");
        assertThat(new PickUpDrill(10, 7, 3, false, true).judge(0, 4, 0, true).right())
                .isTrue();
        assertThatThrownBy(() -> PickUpDrill.of(5, 1, false)).isInstanceOf(Refusal.class);
    }

    @Test
    public void piecesDifferAndTheLineHasRowsAround() {
        List<PickUpDrill> drills = IntStream.range(0, 40)
                .mapToObj(seed -> PickUpDrill.of(10, seed, false))
                .toList();
        assertThat(drills).allMatch(drill -> drill.row() > 0 && drill.row() < drill.rows() - 1);
        assertThat(drills.stream().distinct()).hasSizeGreaterThan(4);
        assertThat(PickUpDrill.of(10, 7, false)).isEqualTo(PickUpDrill.of(10, 7, false));
    }

    /** A decrease round has one stitch fewer at either end than the round under it (common practice, no source). */
    @Test
    public void theLastDecreaseCanBeReadFromTheCounts() {
        int next = 0;
        for (int seed = 0; seed < 300; seed++) {
            ReadingDrill drill =
                    ReadingDrill.of(seed, Specs.usual(246, 231).swatch().gauge());
            List<ReadingDrill.Row> rows = drill.rows();
            assertThat(rows.size()).isBetween(5, 11);
            int last = -1;
            for (int i = 1; i < rows.size(); i++) {
                boolean fewer = rows.get(i).stitches() == rows.get(i - 1).stitches() - 2;
                assertThat(rows.get(i).decrease()).isEqualTo(fewer);
                last = fewer ? i : last;
            }
            last = last < 0 ? 0 : last;
            assertThat(drill.lastDecrease()).isEqualTo(last);
            for (int row = -1; row <= rows.size(); row++) {
                assertThat(drill.judgeLast(row).right())
                        .as("seed " + seed + ", row " + row)
                        .isEqualTo(row == last);
            }
            assertThat(drill.judgeNext(drill.nextDecrease()).right()).isTrue();
            assertThat(drill.judgeNext(!drill.nextDecrease()).right()).isFalse();
            next += drill.nextDecrease() ? 1 : 0;
        }
        assertThat(next).isBetween(60, 240);
    }
}
