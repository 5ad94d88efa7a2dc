package roundpocket.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;

/** The second gauge reading, on the tube itself: everything not yet knitted is planned again from it. */
public class ReplanTest {
    private static SockPlan read(double rounds, int done) {
        SockSpec spec = Specs.usual(246, 231);
        Swatch swatch = spec.swatch();
        return spec.withSwatch(new Swatch(
                        swatch.stitches(),
                        swatch.rounds(),
                        Fabric.UNTOLD,
                        Optional.of(new TubeReading(rounds, 100, done))))
                .plan();
    }

    @DataProvider
    public Object[][] readings() {
        // rounds in 10 cm on the tube, rounds done, opening from the start of the tube by hand, rounds left
        return new Object[][] {
            {43.0, 40, 64, 24}, // as the swatch: heel 22; 105.78 − 22 = 83.78 → 84, less the toe 64
            {46.0, 40, 69, 29}, // 2/9 · 231 · 4.6 − 16 = 7.6 → heel 24; 113.16 − 24 = 89.16 → 89, less 20
            {40.0, 40, 57, 17}, // heel 21; 98.4 − 21 = 77.4 → 77, less 20
            {40.0, 60, 57, -3}, // passed
        };
    }

    @Test(dataProvider = "readings")
    public void theTubesGaugeTakesThePlaceOfTheSwatchs(double rounds, int done, int opening, int left) {
        SockPlan plan = read(rounds, done);
        Replan replan = plan.replan().orElseThrow();
        assertThat(plan.basis().gauge().rounds().value()).isEqualTo(rounds);
        assertThat(replan.swatchRounds().value()).isEqualTo(43);
        assertThat(replan.openingBefore().count()).isEqualTo(64);
        assertThat(replan.openingNow().count()).isEqualTo(opening);
        assertThat(plan.tube().heelLine().count().rounds().count()).isEqualTo(opening);
        assertThat(replan.left().count()).isEqualTo(left);
        assertThat(replan.tubeNow().count())
                .isEqualTo(plan.tube().rounds().tube().count());
    }

    @Test
    public void withoutASecondReadingNothingIsPlannedAgain() {
        assertThat(Specs.usual(246, 231).plan().replan()).isEmpty();
    }

    /** JCGM 100:2008 (GUM), 4.3.7, as for a swatch: half a round evenly spread over the span. */
    @Test
    public void theTubesGaugeIsAsSureAsItsSpan() {
        assertThat(read(44, 40).basis().gauge().rounds().standardUncertainty())
                .isCloseTo(0.5 / Math.sqrt(3), within(1e-9));
    }
}
