package roundpocket.core.swatch;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.swatch.GaugeAdvice.Verdict;

/** More stitches than wanted: a thicker needle; fewer: a thinner one. Needle names from memory. */
public class GaugeAdviceTest {
    private static GaugeAdvice advice(double counted, double spanMm, double wanted, double needleMm) {
        Swatch swatch = new Swatch(
                List.of(new Reading(counted, spanMm)),
                List.of(new Reading(43, 100)),
                new Fabric(Optional.empty(), Optional.empty(), OptionalDouble.of(needleMm), OptionalDouble.of(wanted)),
                Optional.empty());
        return swatch.advice(swatch.gauge()).orElseThrow();
    }

    @DataProvider
    public Object[][] gauges() {
        // counted, over, wanted, needle, verdict, next needle in mm
        return new Object[][] {
            {33.0, 100.0, 30.0, 2.5, Verdict.THICKER, 2.75},
            {27.0, 100.0, 30.0, 2.5, Verdict.THINNER, 2.25},
            {30.0, 100.0, 30.0, 2.5, Verdict.ON_GAUGE, 0.0},
            {30.4, 100.0, 30.0, 2.5, Verdict.ON_GAUGE, 0.0}, // ± 1.3 stitches: cannot be told apart
            {61.5, 200.0, 30.0, 2.5, Verdict.ON_GAUGE, 0.0}, // ± 0.9: neither
            {63.0, 200.0, 30.0, 2.5, Verdict.THICKER, 2.75}, // this can
            {33.0, 100.0, 30.0, 3.5, Verdict.THICKER, 0.0}, // no thicker needle is usual for socks
            {27.0, 100.0, 30.0, 5.0, Verdict.THINNER, 0.0}, // a needle that is not in the table
        };
    }

    @Test(dataProvider = "gauges")
    public void offGaugeSaysWhichNeedle(
            double counted, double spanMm, double wanted, double needle, Verdict verdict, double next) {
        GaugeAdvice advice = advice(counted, spanMm, wanted, needle);
        assertThat(advice.verdict()).isEqualTo(verdict);
        assertThat(advice.tryNext().map(NeedleSize::mm).orElse(0.0)).isEqualTo(next);
    }

    @Test
    public void needlesHaveTheirUsNames() {
        assertThat(NeedleSize.of(2.0).orElseThrow().us()).isEqualTo("0");
        assertThat(NeedleSize.of(2.5).orElseThrow().us()).isEqualTo("1½");
        assertThat(NeedleSize.of(3.5).orElseThrow().us()).isEqualTo("4");
        assertThat(NeedleSize.of(2.6)).isEmpty();
    }
}
