package roundpocket.core.swatch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Step;

public class SwatchTest {
    private static Step stitches(Reading... readings) {
        return new Swatch(List.of(readings), List.of(new Reading(43, 100)))
                .gauge()
                .stitches();
    }

    @Test
    public void aGaugeOverFourInchesIsNotAGaugeOverTenCentimetres() {
        assertThat(Specs.swatch(32, 40, 101.6).gauge().stitches().value()).isCloseTo(31.496, within(0.001));
        assertThat(Specs.swatch(32, 40, 100).gauge().stitches().value()).isEqualTo(32);
    }

    /** JCGM 100:2008 (GUM), 4.3.7: half-width over √3 for a rectangular distribution. */
    @Test
    public void oneReadingIsAsSureAsItsSpan() {
        assertThat(stitches(new Reading(31, 100)).standardUncertainty()).isCloseTo(0.5 / Math.sqrt(3), within(1e-9));
        assertThat(stitches(new Reading(62, 200)).standardUncertainty()).isCloseTo(0.25 / Math.sqrt(3), within(1e-9));
    }

    /** JCGM 100:2008 (GUM), 4.2.3, s = 2 and n = 3 by hand. */
    @Test
    public void threeReadingsCountWithTheirSpread() {
        Step gauge = stitches(new Reading(29, 100), new Reading(31, 100), new Reading(33, 100));
        assertThat(gauge.value()).isCloseTo(31, within(1e-12));
        assertThat(gauge.standardUncertainty()).isCloseTo(2 / Math.sqrt(3), within(1e-9));
    }

    @Test
    public void readingsThatAgreeAreNoSurerThanCountingAllows() {
        Step gauge = stitches(new Reading(31, 100), new Reading(31, 100), new Reading(46.5, 150));
        assertThat(gauge.standardUncertainty()).isCloseTo(0.5 / Math.sqrt(3) / 1.5, within(1e-9));
    }
}
