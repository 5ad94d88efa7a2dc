package roundpocket.core.stripe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.YarnRole;

/** Bands that were measured along the yarn and counted in a fabric, by hand. */
public class CountedBandsTest {
    /**
     * The repeat of 10.5 m was counted: 11.3 rounds on 64 stitches, which at 13.2 mm a stitch are 9.55 m. Against the prior
     * of a tenth, with 2 % of the bands and a round at either end, √((0.02 × 10.5)² + (64 × 0.0132)² ÷ 6) = 0.404 m:
     * (100 + 9.55 × 10.5 ÷ 0.404²) ÷ (100 + 9.55² ÷ 0.404²) = 1.085.
     */
    @Test
    public void bandsThatWereMeasuredAndCountedSayHowMuchAStitchTakes() {
        Striping counted = Striping.of(
                Band.ofBoth("red", "#b3261e", 4.2, 4.52, 64),
                Band.ofBoth("white", "#f5f3ee", 2.1, 2.26, 64),
                Band.ofBoth("blue", "#2f5fa8", 4.2, 4.52, 64));
        Step factor = StripePlanTest.striped(counted)
                .plan()
                .yarn()
                .models()
                .get(YarnRole.MAIN)
                .factor();
        assertThat(factor.value()).isEqualTo(1.085, within(0.002));
        assertThat(factor.standardUncertainty())
                .as("1 ÷ √(100 + 9.55² ÷ 0.404²)")
                .isEqualTo(0.039, within(0.001));
        assertThat(StripePlanTest.striped(StripePlanTest.BELL)
                        .plan()
                        .yarn()
                        .models()
                        .get(YarnRole.MAIN)
                        .factor()
                        .value())
                .as("bands that were only measured say nothing of it")
                .isEqualTo(1);
    }

    /** Bands at their limits come to more stitches than anybody weighs: they say nothing, and refuse nothing. */
    @Test
    public void bandsBeyondAllWeighingAreLeftOut() {
        Striping endless = Striping.of(
                Band.ofBoth("red", "#b3261e", 1_000, 400, 400), Band.ofBoth("blue", "#2f5fa8", 1_000, 400, 400));
        assertThat(StripePlanTest.striped(endless)
                        .plan()
                        .yarn()
                        .models()
                        .get(YarnRole.MAIN)
                        .factor()
                        .value())
                .isEqualTo(1);
    }
}
