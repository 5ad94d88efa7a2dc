package roundpocket.core.finish;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/** The usual cuff, worked by hand: 15 rounds, and of a small sock 0.22 of the rounds of its foot. */
public class FinishChoiceTest {
    @DataProvider
    static Object[][] cuffs() {
        return new Object[][] {
            {246, 43, 15},
            // 120 mm at 43 to 10 cm are 51.6 rounds, and 0.22 of them 11.4
            {120, 43, 11},
            // 0.22 × 90 mm at 38 to 10 cm, 34.2 rounds, are 7.5: whole rounds only
            {90, 38, 8},
            {60, 20, 4},
        };
    }

    private static Step given(double value, Unit unit) {
        return Given.choice("given", value, unit, false, "given");
    }

    @Test(dataProvider = "cuffs")
    public void aSmallSockHasAShortCuff(double footMm, double gauge, int rounds) {
        Step foot = given(footMm, Unit.MILLIMETRES);
        Step rows = given(gauge, Unit.ROUNDS_PER_10CM);
        assertThat(FinishChoice.usual().cuff(foot, rows).count()).isEqualTo(rounds);
        assertThat(FinishChoice.cuff(20).cuff(foot, rows).count()).isEqualTo(20);
    }
}
