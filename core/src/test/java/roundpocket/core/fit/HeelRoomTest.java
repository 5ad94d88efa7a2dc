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
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.Shaping.Width;
import roundpocket.core.shaping.ShapingChoice;

public class HeelRoomTest {
    /** A foot of 9½ in, 9 in round, at 8 stitches and 10 rounds an inch, whose diagonal is so many times its ball. */
    private static SockSpec foot(double diagonalOverBall) {
        double ball = 9 * LengthUnit.INCH_MM;
        Foot foot = new Foot(
                OptionalDouble.of(9.5 * LengthUnit.INCH_MM),
                Optional.empty(),
                OptionalDouble.of(ball),
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
        assertThat(plan.fit().heelRoom().advised()).isBetween(fewest, most);
        assertThat(plan.heel().shaping().plainRounds().count())
                .as("taken where the diagonal was measured and nothing was chosen")
                .isEqualTo(plan.fit().heelRoom().advised());
        assertThat(plan.fit().heelRoom().sits()).isIn(HeelRoom.Sits.EASY, HeelRoom.Sits.LOOSE);
    }

    /** Two inches of heel on nine inches of ball (common practice): 2/9 of the ball, less what the shaping takes. */
    @Test
    public void withoutADiagonalThePlainRoundsGoByTheBall() {
        SockPlan fine = Specs.usual(246, 231).plan();
        // 2/9 · 231 mm · 4.3 rounds a cm = 22.07 → 22, less 16
        assertThat(fine.heel().shaping().plainRounds().count()).isEqualTo(6);
        SockSpec trade = Specs.wholeExample();
        SockPlan coarse = trade.withChoices(trade.choices().withHeel(ShapingChoice.usual()))
                .plan();
        assertThat(coarse.heel().shaping().plainRounds().count()).isEqualTo(4);
        assertThat(coarse.heel().shaping().depth().value()).isCloseTo(2 * LengthUnit.INCH_MM, within(0.01));
    }

    private static SockPlan diagonal(double diagonalMm) {
        Foot foot = new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                OptionalDouble.of(diagonalMm),
                OptionalDouble.empty(),
                Optional.empty());
        return Specs.usual(246, 231).withFeet(Feet.both(foot)).plan();
    }

    /** The higher the instep, the deeper the heel: never a drop, up to twelve plain rounds. */
    @Test
    public void aHigherInstepNeverGetsAShallowerHeel() {
        int before = 0;
        for (double diagonal = 240; diagonal <= 420; diagonal += 0.5) {
            SockPlan plan = diagonal(diagonal);
            int plain = plan.heel().shaping().plainRounds().count();
            assertThat(plain).as(diagonal + " mm").isBetween(before, HeelRoom.MOST_ADVISED);
            before = plain;
        }
        assertThat(before).isEqualTo(12);
        assertThat(diagonal(331).heel().shaping().plainRounds().count())
                .isGreaterThanOrEqualTo(
                        diagonal(330).heel().shaping().plainRounds().count());
        assertThat(diagonal(420).fit().heelRoom().advisedDo()).isFalse();
    }

    /** Fifteen to thirty per cent, and five points over the ball in between; a point beyond is not noticed. */
    @Test
    public void theLimitIsFivePointsOverTheBallWithinItsBounds() {
        SockPlan loose = Specs.tubeOf(76, 4).plan();
        assertThat(loose.fit().heelRoom().limit().value()).isEqualTo(0.15);
        SockPlan snug = Specs.tubeOf(48, 4).plan();
        assertThat(snug.fit().heelRoom().limit().value()).isEqualTo(0.30);
        HeelRoom usual = Specs.tubeOf(64, 4).plan().fit().heelRoom();
        assertThat(usual.limit().value()).isCloseTo(usual.stretchAtBall().value() + 0.05, within(1e-12));
        assertThat(usual.options()).allSatisfy(option -> assertThat(option.easy())
                .isEqualTo(option.stretch().value() <= usual.limit().value() + 0.01));
    }

    /** Kept corner loops make the heel wider by two a needle, and the instep not at all. */
    @Test
    public void keptCornerLoopsDoNotWidenTheInstep() {
        SockSpec spec = Specs.tubeOf(64, 4);
        double s = 100 / 31.0;
        double r = 100 / 43.0;
        SockPlan kept = spec.withChoices(spec.choices().withOpening(OpeningChoice.pickingUp(OpeningWay.SNIP, 2, true)))
                .plan();
        int close = kept.heel().shaping().closingSide().count();
        int shaped = kept.heel().shaping().rounds().count() - 4;
        double width = (32 + 2 - close) / 2.0 * s;
        assertThat(kept.fit().heelRoom().room().value())
                .isCloseTo((32 + close) * s + 2 * (4 * r + Math.hypot(shaped * r, width)), within(1e-6));
    }

    /** What the measures cannot tell apart is not called tight. */
    @Test
    public void nothingInsideItsOwnUncertaintyIsCalledTight() {
        for (double diagonal = 260; diagonal <= 400; diagonal += 1) {
            for (int plain : new int[] {0, 4, 8}) {
                SockSpec spec = Specs.usual(246, 231);
                SockPlan plan = spec.withFeet(Feet.both(new Foot(
                                OptionalDouble.of(246),
                                Optional.empty(),
                                OptionalDouble.of(231),
                                OptionalDouble.of(diagonal),
                                OptionalDouble.empty(),
                                Optional.empty())))
                        .withChoices(spec.choices().withHeel(ShapingChoice.plain(plain)))
                        .plan();
                HeelRoom room = plan.fit().heelRoom();
                if (room.sits() == HeelRoom.Sits.TIGHT) {
                    assertThat(room.over().value()).isGreaterThan(room.over().plusMinus95());
                }
                if (room.stretch().value() < 0) {
                    assertThat(room.sits()).isEqualTo(HeelRoom.Sits.LOOSE);
                }
            }
        }
    }

    /** The path round heel and ankle walked stitch by stitch and round by round, with Commons Math's vectors. */
    @Test
    public void roomIsTheLengthOfThePathRoundTheHeel() {
        for (int plain = 0; plain <= 8; plain++) {
            SockSpec spec = Specs.wholeExample();
            SockPlan plan = spec.withChoices(spec.choices()
                            .withHeel(ShapingChoice.plain(plain))
                            .withOpening(OpeningChoice.usual().closingLater()))
                    .plan();
            double s = 100 / plan.basis().gauge().stitches().value();
            double r = 100 / plan.basis().gauge().rounds().value();
            double path = 32 * s + plan.heel().shaping().closingSide().count() * s;
            Vector2D at = new Vector2D(16 * s, 0);
            Vector2D end = at;
            for (Width width : plan.heel().shaping().widths()) {
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
        assertThat(options).hasSize(13).extracting(o -> o.room().value()).isSorted();
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
