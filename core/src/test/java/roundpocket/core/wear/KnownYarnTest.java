package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.testng.annotations.Test;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;
import roundpocket.core.yarn.WeighIn;

/** The third pair in a yarn needs no swatch: what the first two say of it, by hand. */
public class KnownYarnTest {
    private static PairTook pair(double stitches, double rounds, Optional<TubeReading> tape, double... grams) {
        return new PairTook(
                64,
                125,
                OptionalDouble.empty(),
                60,
                Optional.empty(),
                Optional.of(new Swatch(
                        List.of(new Reading(stitches, 100)), List.of(new Reading(rounds, 100)), Fabric.UNTOLD, tape)),
                Arrays.stream(grams)
                        .mapToObj(used -> WeighIn.ofStitches(4_000, used))
                        .toList());
    }

    private static Optional<TubeReading> tape(double rounds, double spanMm) {
        return Optional.of(new TubeReading(rounds, spanMm, 60));
    }

    /** 42 rounds over 100 mm and 65 over 150 mm: 107 over 250, and not the mean of 42 and 43.3. */
    @Test
    public void theTapesOfAllPairsTogetherTakeTheSwatchesPlace() {
        KnownYarn known = KnownYarn.of(List.of(
                pair(31, 44, tape(42, 100), 23),
                pair(31.2, 44, tape(65, 150), 24, 25),
                pair(31, 44, Optional.empty())));
        assertThat(known.measured()).isEqualTo(2);
        Swatch swatch = known.swatch().orElseThrow();
        assertThat(swatch.gauge().rounds().value()).isEqualTo(42.8, within(1e-9));
        assertThat(swatch.gauge().stitches().value()).as("the latest pair’s").isEqualTo(31);
        assertThat(swatch.onTheTube())
                .as("a swatch like any other, for another tube")
                .isEmpty();
        assertThat(known.weighIns()).extracting(WeighIn::usedG).containsExactly(23.0, 24.0, 25.0);
    }

    @Test
    public void anotherNeedleIsAnotherFabric() {
        KnownYarn known = KnownYarn.of(List.of(pair(31, 44, Optional.empty()), pair(28, 40, tape(39, 100))));
        assertThat(known.measured()).isZero();
        assertThat(known.swatch().orElseThrow().gauge().rounds().value()).isEqualTo(44);
    }

    @Test
    public void aReadyTubeSaysNothingOfTheHandButSomethingOfTheYarn() {
        PairTook ready = new PairTook(
                64,
                125,
                OptionalDouble.empty(),
                20,
                Optional.empty(),
                Optional.empty(),
                List.of(WeighIn.ofStitches(2_000, 11)));
        KnownYarn known = KnownYarn.of(List.of(ready));
        assertThat(known.swatch()).isEmpty();
        assertThat(known.weighIns()).hasSize(1);
        assertThat(KnownYarn.of(List.of()).swatch()).isEmpty();
    }
}
