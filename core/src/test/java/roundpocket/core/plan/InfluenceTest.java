package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Step;

/** Which input moves a figure most, and by how much: compared with a plan in which it is one per cent more. */
public class InfluenceTest {
    private final SockPlan plan = Specs.usual(246, 231).plan();

    @DataProvider
    public Object[][] figures() {
        return new Object[][] {
            {plan.stitchCount().ideal(), "around the ball"},
            {plan.stitchCount().stitches(), "around the ball"},
            {plan.tube().rounds().foot(), "foot length"},
            {plan.tube().heelLine().fromToe(), "foot length"},
            {plan.tube().rounds().leg(), "rounds counted"},
            {plan.tube().lengths().cuff(), "rounds of the cuff"},
            {plan.toe().shaping().plainRounds(), "plain rounds at the toe"},
        };
    }

    @Test(dataProvider = "figures")
    public void theStrongestInputIsNamed(Step figure, String input) {
        assertThat(figure.strongestInput())
                .hasValueSatisfying(
                        influence -> assertThat(influence.input().label()).isEqualTo(input));
    }

    @Test
    public void onePerCentMoreDoesWhatIsSaid() {
        Step ideal = plan.stitchCount().ideal();
        Step more = Specs.usual(246, 231 * 1.01).plan().stitchCount().ideal();
        assertThat(ideal.strongestInput().orElseThrow().changePerCent())
                .isCloseTo(more.value() - ideal.value(), within(1e-6));
    }

    @Test
    public void whatNothingMovesNamesNothing() {
        assertThat(plan.opening().way().rows().step().strongestInput()).isEmpty();
    }
}
