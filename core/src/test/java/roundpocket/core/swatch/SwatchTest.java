package roundpocket.core.swatch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.SockSpec;

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
        double counting = 0.5 / Math.sqrt(3);
        double fabric = 0.02 * 31; // from place to place, over 10 cm; from memory
        assertThat(stitches(new Reading(31, 100)).standardUncertainty())
                .isCloseTo(Math.hypot(counting, fabric), within(1e-9));
        assertThat(stitches(new Reading(62, 200)).standardUncertainty())
                .isCloseTo(Math.hypot(counting / 2, fabric / Math.sqrt(2)), within(1e-9));
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
        // three counts of ± 0.5 over 350 mm together
        assertThat(gauge.standardUncertainty()).isCloseTo(0.5 * Math.sqrt(3) / Math.sqrt(3) / 3.5, within(1e-9));
        assertThat(gauge.coverageFactor()).isEqualTo(1.96);
    }

    /** All that was counted over all it was counted on: a short reading weighs less. */
    @Test
    public void aLongReadingWeighsMore() {
        assertThat(stitches(new Reading(31, 100), new Reading(10, 25)).value()).isCloseTo(32.8, within(1e-12));
        SockSpec spec = Specs.usual(246, 231);
        Swatch two = new Swatch(List.of(new Reading(31, 100), new Reading(10, 25)), List.of(new Reading(43, 100)));
        assertThat(spec.withSwatch(two).plan().stitchCount().stitches().count()).isEqualTo(68);
    }

    /** Two readings: the larger of the counting floor and half their difference (JCGM 100:2008, 4.2.3), 1.96 u. */
    @Test
    public void twoReadingsAreAsUnsureAsTheyDiffer() {
        Step apart = stitches(new Reading(30, 100), new Reading(32, 100));
        assertThat(apart.standardUncertainty()).isCloseTo(1, within(1e-9));
        assertThat(apart.plusMinus95()).isCloseTo(1.96, within(1e-9));
        Step alike = stitches(new Reading(31, 100), new Reading(31, 100));
        double counting = 0.5 * Math.sqrt(2) / Math.sqrt(3) / 2;
        assertThat(alike.standardUncertainty())
                .as("two that are too near each other know nothing of the fabric")
                .isCloseTo(Math.hypot(counting, 0.02 * 31 / Math.sqrt(2)), within(1e-9));
    }

    /** JCGM 100:2008, table G.2: t for 95 % is 4.30 at two degrees of freedom and 3.18 at three. */
    @Test
    public void fewReadingsPromiseLess() {
        Step three = stitches(new Reading(29, 100), new Reading(31, 100), new Reading(33, 100));
        assertThat(three.plusMinus95()).isCloseTo(4.303 * 2 / Math.sqrt(3), within(1e-3));
        Step four = stitches(new Reading(29, 100), new Reading(31, 100), new Reading(31, 100), new Reading(33, 100));
        assertThat(four.coverageFactor()).isCloseTo(3.182, within(1e-3));
        assertThat(stitches(new Reading(31, 100)).coverageFactor())
                .as("of one counting the fabric is most of what is unsure")
                .isEqualTo(1.96);
    }
}
