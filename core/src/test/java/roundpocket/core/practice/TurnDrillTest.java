package roundpocket.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.shaping.Turning;

public class TurnDrillTest {
    /** Worked by hand: 12 stitches, down to 4 in 8 rows and back; stitches counted from the right, from 0. */
    @DataProvider
    static Object[][] needles() {
        return new Object[][] {
            // the first row is knitted to the last but one, whose neighbour is wrapped
            {Turning.WRAP, 2, marks(12, 11, 1), 1},
            {Turning.WRAP, 3, marks(12, 11, 1, 0, 1), 9},
            {Turning.DOUBLED, 3, marks(12, 10, 1, 1, 1), 9},
            // half way: four turned at on either side, and the first row back takes one of them
            {Turning.WRAP, 9, marks(12, 8, 1, 9, 1, 10, 1, 11, 1, 0, 1, 1, 1, 2, 1, 3, 1), 8},
            // one row back: its own is worked off, the next one has two wraps now
            {Turning.SHADOW, 10, marks(12, 9, 2, 10, 1, 11, 1, 0, 1, 1, 1, 2, 1, 3, 1), 3},
            {Turning.WRAP, 16, marks(12, 0, 2), 0},
        };
    }

    private static List<Integer> marks(int side, int... places) {
        Integer[] marks = Collections.nCopies(side, 0).toArray(Integer[]::new);
        for (int i = 0; i < places.length; i += 2) {
            marks[places[i]] = places[i + 1];
        }
        return List.of(marks);
    }

    @Test(dataProvider = "needles")
    public void theNeedleIsAsTheRowsLeftIt(Turning turning, int row, List<Integer> marks, int last) {
        TurnDrill drill = new TurnDrill(turning, 12, 16, row);
        assertThat(drill.turned()).isEqualTo(marks);
        assertThat(drill.last()).isEqualTo(last);
    }

    @Test
    public void onePlaceIsRightAndTheOthersSayWhyNot() {
        for (long seed = 0; seed < 300; seed++) {
            TurnDrill drill = TurnDrill.of(Turning.values()[(int) (seed % 3)], seed);
            List<Integer> right = IntStream.range(0, drill.side())
                    .filter(column -> drill.judge(column).right())
                    .boxed()
                    .toList();
            assertThat(right).containsExactly(drill.last());
            assertThat(drill.row()).isBetween(2, drill.rows() - 1);
            int far = drill.knit() ? Math.min(drill.side() - 1, drill.last() + 1) : Math.max(0, drill.last() - 1);
            if (far != drill.last()) {
                assertThat(drill.judge(far).words()).matches("(Too far|The row doesn’t).*");
            }
            int soon = drill.knit() ? drill.last() - 1 : drill.last() + 1;
            assertThat(drill.judge(soon).words()).startsWith("Too soon");
        }
    }
}
