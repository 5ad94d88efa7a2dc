package roundpocket.core.wear;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;
import org.testng.annotations.Test;
import roundpocket.core.lap.Used;

/** Finished pairs counted together, by hand and beside a statistics library. */
public class TallyTest {
    private static PairTook pair(double plannedG, double hours, double weighedG, double partG) {
        return new PairTook(
                64,
                125,
                hours > 0 ? OptionalDouble.of(hours) : OptionalDouble.empty(),
                plannedG,
                weighedG > 0 ? Optional.of(new Used(weighedG, partG, 0.1 * partG, 0.41, 9_000)) : Optional.empty(),
                Optional.empty(),
                List.of());
    }

    /** 48 g went for 59 of 60 planned: 48.8 g a pair; 66 for 60 of 60: 66. Together 114 for 119. */
    @Test
    public void aPartThatWasWeighedSpeaksForTheWholePair() {
        Tally tally = Tally.of(List.of(pair(60, 14, 48, 59), pair(60, 0, 66, 60), pair(55, 20, 0, 0)));
        assertThat(tally.pairs()).isEqualTo(3);
        assertThat(tally.timed()).isEqualTo(2);
        assertThat(tally.hours()).isEqualTo(17);
        assertThat(tally.weighed()).isEqualTo(2);
        assertThat(tally.leastG()).isEqualTo(60 * 48.0 / 59, within(1e-9));
        assertThat(tally.mostG()).isEqualTo(66);
        assertThat(tally.grams()).isEqualTo((60 * 48.0 / 59 + 66) / 2, within(1e-9));
        assertThat(tally.factor()).isEqualTo(114.0 / 119, within(1e-9));
        assertThat(tally.kept()).as("both within 1.96 × 10 %").isEqualTo(2);
    }

    @Test
    public void whatIsNotKnownCountsAsNothing() {
        assertThat(Tally.of(List.of())).isEqualTo(new Tally(0, 0, 0, 0, 0, 0, 0, 0, 0));
        assertThat(Tally.of(List.of(pair(60, 0, 0, 0)))).isEqualTo(new Tally(1, 0, 0, 0, 0, 0, 0, 0, 0));
    }

    @Test
    public void aPairThatTookFarMoreThanPlannedIsNotKept() {
        assertThat(Tally.of(List.of(pair(60, 0, 80, 60))).kept()).isZero();
    }

    /** Against Commons Math's summary of the same pairs. */
    @Test
    public void manyPairsAgreeWithAStatisticsLibrary() {
        Random random = new Random(20261127);
        List<PairTook> pairs = new ArrayList<>();
        SummaryStatistics hours = new SummaryStatistics();
        SummaryStatistics grams = new SummaryStatistics();
        for (int i = 0; i < 500; i++) {
            double planned = 40 + 40 * random.nextDouble();
            double took = 8 + 20 * random.nextDouble();
            double factor = 1 + 0.1 * random.nextGaussian();
            double part = planned * (0.3 + 0.7 * random.nextDouble());
            pairs.add(pair(planned, took, part * factor, part));
            hours.addValue(took);
            grams.addValue(planned * factor);
        }
        Tally tally = Tally.of(pairs);
        assertThat(tally.hours()).isEqualTo(hours.getMean(), within(1e-9));
        assertThat(tally.grams()).isEqualTo(grams.getMean(), within(1e-9));
        assertThat(tally.leastG()).isEqualTo(grams.getMin(), within(1e-9));
        assertThat(tally.mostG()).isEqualTo(grams.getMax(), within(1e-9));
        assertThat((double) tally.kept() / tally.weighed())
                .as("19 in 20 of pairs whose yarn is off by a tenth at random")
                .isBetween(0.92, 0.98);
    }
}
