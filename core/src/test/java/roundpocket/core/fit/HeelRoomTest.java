package roundpocket.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.math3.geometry.euclidean.twod.Vector2D;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.measure.Length;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.Shaping.Width;
import roundpocket.core.shaping.ShapingChoice;

public class HeelRoomTest {
    /** A foot of 9½ in, 9 in round, at 8 stitches and 10 rounds an inch, whose diagonal is so many times its ball. */
    private static SockSpec foot(double diagonalOverBall) {
        double ball = Length.ofInches(9).mm();
        Foot foot = new Foot(
                OptionalDouble.of(Length.ofInches(9.5).mm()),
                Optional.empty(),
                ball,
                OptionalDouble.of(diagonalOverBall * ball),
                OptionalDouble.empty(),
                Optional.empty());
        SockSpec example = Specs.wholeExample();
        return example.withFeet(Feet.both(foot))
                .withChoices(example.choices().withSize(SizeChoice.usual()).withHeel(ShapingChoice.usual()));
    }

    @DataProvider
    public Object[][] feet() {
        // diagonal over ball (from memory), fewest and most plain rounds of practice (common practice)
        return new Object[][] {{1.36, 3, 4}, {1.30, 1, 2}, {1.42, 5, 7}};
    }

    @Test(dataProvider = "feet")
    public void adviceIsWhatPracticeFoundByTrial(double diagonalOverBall, int fewest, int most) {
        SockPlan plan = foot(diagonalOverBall).plan();
        assertThat(plan.fit().heelRoom().advised().orElseThrow()).isBetween(fewest, most);
        assertThat(plan.heel().plainRounds().count())
                .as("taken where the diagonal was measured and nothing was chosen")
                .isEqualTo(plan.fit().heelRoom().advised().orElseThrow());
        assertThat(plan.fit().heelRoom().easy()).isTrue();
    }

    @Test
    public void anEstimatedDiagonalAdvisesButDoesNotDecide() {
        SockPlan plan = Specs.usual(246, 231).plan();
        assertThat(plan.heel().plainRounds().count()).isEqualTo(4);
        assertThat(plan.fit().heelRoom().advised()).isPresent();
    }

    /** The path round heel and ankle walked stitch by stitch and round by round, with Commons Math's vectors. */
    @Test
    public void roomIsTheLengthOfThePathRoundTheHeel() {
        for (int plain = 0; plain <= 8; plain++) {
            SockSpec spec = Specs.wholeExample();
            SockPlan plan = spec.withChoices(spec.choices().withHeel(ShapingChoice.plain(plain)))
                    .plan();
            double s = 100 / plan.gauge().stitches().value();
            double r = 100 / plan.gauge().rounds().value();
            double path = 32 * s + plan.heel().closingSide().count() * s;
            Vector2D at = new Vector2D(16 * s, 0);
            Vector2D end = at;
            for (Width width : plan.heel().widths()) {
                if (width.rounds() % 2 == plain % 2) { // where a plain round follows a decrease, the slope is straight
                    end = new Vector2D(width.side() / 2.0 * s, width.rounds() * r);
                    path += 2 * at.distance(end);
                    at = end;
                }
            }
            assertThat(plan.fit().heelRoom().room().value()).isCloseTo(path, within(1e-6));
        }
    }

    @Test
    public void morePlainRoundsAlwaysGiveMoreRoom() {
        var options = Specs.usual(246, 231).plan().fit().heelRoom().options();
        assertThat(options).hasSize(9).extracting(o -> o.room().value()).isSorted();
        double perRound = 2 * 100 / 43.0;
        assertThat(options.get(5).room().value() - options.get(4).room().value())
                .isCloseTo(perRound, within(1e-9));
    }

    /** Beyond 1.6 times its girth a tube passes the heel only tightly, beyond 1.8 not at all (common practice). */
    @Test
    public void aTubeThatDoesNotPassTheHeelIsNotCalledWearable() {
        assertThat(passing(64)).isEqualTo(Passing.Verdict.EASY);
        assertThat(passing(60)).isEqualTo(Passing.Verdict.TIGHT); // 311 ÷ 190.5 = 1.63
        assertThat(passing(52)).isEqualTo(Passing.Verdict.NOT_WEARABLE); // 311 ÷ 165.1 = 1.88
    }

    private static Passing.Verdict passing(int stitches) {
        SockSpec spec = Specs.wholeExample();
        return spec.withChoices(spec.choices().withSize(SizeChoice.ofStitches(stitches)))
                .plan()
                .fit()
                .passing()
                .verdict();
    }
}
