package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.math3.stat.descriptive.DescriptiveStatistics;
import org.testng.annotations.Test;

/** Counting presses, and how fast they come. */
public class TallyTest {
    @Test
    public void aTallyIsWhatReckoningAnewGives() {
        Random random = new Random(7);
        for (int i = 0; i < 300; i++) {
            Tally tally = new Tally(40);
            List<Integer> stands = new ArrayList<>(List.of(0)); // every position that still stands, the last one now
            for (int press = 0; press < 200; press++) {
                int now = stands.get(stands.size() - 1);
                switch (random.nextInt(6)) {
                    case 0 -> {
                        if (tally.undone()) {
                            stands.remove(stands.size() - 1);
                        } else {
                            assertThat(stands).hasSize(1);
                        }
                    }
                    case 1 -> {
                        int to = random.nextInt(60) - 10;
                        assertThat(tally.jumped(to)).isEqualTo(to >= 0 && to <= 40);
                        if (to >= 0 && to <= 40) {
                            stands.add(to);
                        }
                    }
                    default -> {
                        assertThat(tally.done()).isEqualTo(now < 40);
                        if (now < 40) {
                            stands.add(now + 1);
                        }
                    }
                }
                assertThat(tally.position()).isEqualTo(stands.get(stands.size() - 1));
                assertThat(tally.trail(1000)).isEqualTo(stands.subList(0, stands.size() - 1));
            }
            List<Integer> all = tally.trail(1000);
            assertThat(tally.trail(3)).isEqualTo(all.subList(Math.max(0, all.size() - 3), all.size()));
        }
    }

    @Test
    public void paceIsTheMeanOfTheRoundsWithoutThePauses() {
        Random random = new Random(11);
        DescriptiveStatistics seconds = new DescriptiveStatistics();
        List<Long> presses = new ArrayList<>();
        long now = 1_000_000;
        presses.add(now);
        for (int i = 0; i < 120; i++) {
            int took = 60 + random.nextInt(90);
            seconds.addValue(took);
            now += took * 1000L;
            presses.add(now);
            if (i % 30 == 29) {
                now += 20 * 3_600_000L; // put away until the next evening
                presses.add(now);
            }
        }
        assertThat(pace(presses).roundsPerHour().orElseThrow()).isCloseTo(3600 / seconds.getMean(), within(1e-9));
    }

    private static Pace pace(List<Long> presses) {
        Pace pace = new Pace();
        presses.forEach(at -> pace.pressed(at, 64));
        return pace;
    }

    @Test
    public void paceSaysNothingOfTooLittleAndIgnoresAClockThatWentBack() {
        assertThat(pace(List.of()).roundsPerHour()).isEmpty();
        assertThat(pace(List.of(0L, 60_000L, 120_000L)).roundsPerHour()).isEmpty();
        assertThat(pace(List.of(0L, 30L, 60L, 90L, 120L)).roundsPerHour())
                .as("a count that is brought up to the needles")
                .isEmpty();
        assertThat(pace(List.of(9_000_000L, 9_090_000L, 9_180_000L, 0L, 90_000L))
                        .roundsPerHour())
                .hasValue(40);
    }

    /** One less is a stitch passed over, one more a split or foreign one, many a lost count (common practice). */
    @Test
    public void aMiscountSaysWhatItProbablyIs() {
        assertThat(Miscount.on("First needle", 32, 32)).isEmpty();
        assertThat(Miscount.on("First needle", 32, 31))
                .contains("31, and it should be 32")
                .contains("skipped a stitch");
        assertThat(Miscount.on("Second needle", 32, 33))
                .startsWith("Second needle")
                .contains("split");
        assertThat(Miscount.on("Second needle", 32, 40)).contains("Count again");
        assertThat(Miscount.on("Second needle", 32, 0)).contains("Count again");
    }

    /** Loops that were knitted last can be one off: that goes away in the next round. */
    @Test
    public void oneOffInLiveStitchesMayBeKnittedAway() {
        assertThat(Miscount.live("Sole", 32, 32)).isEmpty();
        assertThat(Miscount.live("Sole", 32, 33))
                .contains("two sts together at one side")
                .doesNotContain("pick");
        assertThat(Miscount.live("Sole", 32, 31)).contains("ladder", "twisted");
        assertThat(Miscount.mayGoOn(32, 33, 31)).isTrue();
        assertThat(Miscount.mayGoOn(32, 34, 32)).isFalse();
        assertThat(Miscount.live("Sole", 32, 34)).contains("Count again");
    }
}
