package roundpocket.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.stream.IntStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Refusal;

/** A heel is opened in the middle of the row between the needles, and two stitches stay at each corner: common practice, no source. */
public class CutDrillTest {
    private static final CutDrill TWELVE = new CutDrill(12);

    @DataProvider
    public Object[][] widths() {
        return IntStream.rangeClosed(8, 20).mapToObj(i -> new Object[] {i}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "widths")
    public void onlyTheMiddleOfTheRowBetweenTheNeedlesIsCut(int columns) {
        CutDrill drill = new CutDrill(columns);
        List<Integer> right = IntStream.range(0, columns)
                .filter(column -> drill.judgeCut(drill.line(), column).right())
                .boxed()
                .toList();
        assertThat(right).isEqualTo(columns % 2 == 1 ? List.of(columns / 2) : List.of(columns / 2 - 1, columns / 2));
        for (int row = 0; row < drill.rows(); row++) {
            for (int column = 0; column < columns; column++) {
                assertThat(drill.judgeCut(row, column).right())
                        .isEqualTo(row == drill.line() && right.contains(column));
            }
        }
    }

    @Test(dataProvider = "widths")
    public void theRowComesOutToTwoStitchesFromEitherEnd(int columns) {
        CutDrill drill = new CutDrill(columns);
        assertThat(IntStream.range(0, columns)
                        .filter(column -> drill.judgeStop(drill.line(), column).right()))
                .containsExactly(2, columns - 3);
        assertThat(drill.judgeStop(drill.line() + 1, 2).right()).isFalse();
    }

    @Test
    public void aWrongCutIsToldWhatItWouldDo() {
        int line = TWELVE.line();
        assertThat(TWELVE.judgeCut(line + 1, 5).words()).contains("on a needle").contains("runs down");
        assertThat(TWELVE.judgeCut(line - 1, 5).words()).contains("on a needle");
        assertThat(TWELVE.judgeCut(line - 2, 5).words()).contains("the sock itself");
        assertThat(TWELVE.judgeCut(line, 1).words()).contains("Too near the corner");
        assertThat(TWELVE.judgeCut(line, 3).words())
                .contains("Nearer the middle")
                .contains("6 of 12");
        assertThat(TWELVE.judgeStop(line, 1).words()).contains("Too far").contains("hole");
        assertThat(TWELVE.judgeStop(line, 4).words()).contains("Not far enough");
    }

    @Test
    public void aPieceHasAMiddleAndTwoCorners() {
        assertThatThrownBy(() -> new CutDrill(7)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new CutDrill(21)).isInstanceOf(Refusal.class);
    }
}
