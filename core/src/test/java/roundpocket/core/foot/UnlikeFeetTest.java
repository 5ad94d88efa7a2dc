package roundpocket.core.foot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;

/** What holds of a pair for two feet that differ, tried on many. */
public class UnlikeFeetTest {
    private static final long SEED = 1124;
    private static final int TRIED = 300;

    private Random random;

    @BeforeMethod
    public void begin() {
        random = new Random(SEED);
    }

    private Foot foot() {
        double ball = 215 + 30 * random.nextDouble();
        return new Foot(
                OptionalDouble.of(235 + 30 * random.nextDouble()),
                Optional.empty(),
                OptionalDouble.of(ball),
                random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(1.4 * ball),
                random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(ball),
                Optional.empty());
    }

    private static SockPlan plan(Foot first, Foot other, PlanOn on) {
        SockSpec spec = Specs.usual(246, 231);
        return spec.withFeet(new Feet(first, Optional.of(other), on)).plan();
    }

    @Test
    public void whichFootWasMeasuredFirstDoesNotMatter() {
        for (int i = 0; i < TRIED; i++) {
            Foot left = foot();
            Foot right = foot();
            Measures one = new Feet(left, Optional.of(right), PlanOn.LONGER_AND_WIDER).measures();
            Measures two = new Feet(right, Optional.of(left), PlanOn.LONGER_AND_WIDER).measures();
            assertThat(one.length().value()).isEqualTo(two.length().value());
            assertThat(one.ballGirth().value()).isEqualTo(two.ballGirth().value());
            assertThat(one.heelDiagonal().value()).isEqualTo(two.heelDiagonal().value());
            assertThat(one.diagonalEstimated()).isEqualTo(two.diagonalEstimated());
        }
    }

    @Test
    public void aPairOnTheLongerAndWiderIsNeverTooSmallForEither() {
        for (int i = 0; i < TRIED; i++) {
            Foot left = foot();
            Foot right = foot();
            SockPlan both = plan(left, right, PlanOn.LONGER_AND_WIDER);
            for (PlanOn on : new PlanOn[] {PlanOn.FIRST, PlanOn.OTHER}) {
                SockPlan one = plan(left, right, on);
                assertThat(both.stitchCount().stitches().count())
                        .isGreaterThanOrEqualTo(one.stitchCount().stitches().count());
                assertThat(both.tube().lengths().foot().value())
                        .isGreaterThanOrEqualTo(one.tube().lengths().foot().value() - 100 / 43.0);
            }
        }
    }

    @Test
    public void twoFeetAlikeAreAsOne() {
        for (int i = 0; i < TRIED; i++) {
            Foot foot = foot();
            Measures one = Feet.both(foot).measures();
            Measures two = new Feet(foot, Optional.of(foot), PlanOn.LONGER_AND_WIDER).measures();
            assertThat(two.length().value()).isCloseTo(one.length().value(), within(1e-12));
            assertThat(two.heelDiagonal().value()).isCloseTo(one.heelDiagonal().value(), within(1e-12));
            assertThat(new Feet(foot, Optional.of(foot), PlanOn.FIRST)
                            .difference()
                            .orElseThrow()
                            .value())
                    .isZero();
        }
    }
}
