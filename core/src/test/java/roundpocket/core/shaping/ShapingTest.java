package roundpocket.core.shaping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rounded;

/** Wedges worked by hand, round by round. */
public class ShapingTest {
    private static Shaping wedge(int stitches, int plain) {
        return Specs.tubeOf(stitches, plain).plan().heel().shaping();
    }

    @DataProvider
    public Object[][] wedges() {
        // stitches, plain rounds, the sides after each round
        return new Object[][] {
            {16, 0, List.of(6, 6, 4, 4)},
            {20, 0, List.of(8, 8, 6, 6, 4, 4)},
            {24, 1, List.of(12, 10, 10, 8, 8, 6, 6)},
            {28, 0, List.of(12, 12, 10, 10, 8, 8, 6, 6)},
            {32, 2, List.of(16, 16, 14, 14, 12, 12, 10, 10, 8, 8)},
            {36, 0, List.of(16, 16, 14, 14, 12, 12, 10, 10, 8, 8)},
        };
    }

    @Test(dataProvider = "wedges")
    public void sidesAfterEachRound(int stitches, int plain, List<Integer> sides) {
        Shaping wedge = wedge(stitches, plain);
        assertThat(wedge.list()).extracting(ShapingRound::side).isEqualTo(sides);
        assertThat(wedge.rounds().count()).isEqualTo(sides.size());
        assertThat(wedge.stitchesWorked().count())
                .isEqualTo(2 * sides.stream().mapToInt(side -> side).sum());
        assertThat(wedge.closingSide().count()).isEqualTo(sides.get(sides.size() - 1));
    }

    @Test
    public void everyPlainRoundMakesItDeeperByARoundAndARoundOfYarn() {
        Shaping none = wedge(64, 0);
        for (int plain = 1; plain <= 8; plain++) {
            Shaping more = wedge(64, plain);
            assertThat(more.rounds().count()).isEqualTo(none.rounds().count() + plain);
            assertThat(more.stitchesWorked().count())
                    .isEqualTo(none.stitchesWorked().count() + 64 * plain);
            assertThat(more.depth().value() - none.depth().value()).isCloseTo(plain * 100 / 43.0, within(1e-9));
            assertThat(more.closingSide().count()).isEqualTo(none.closingSide().count());
        }
    }

    @Test
    public void everyDecreaseRoundIsFollowedByAPlainOneAndTheLastToo() {
        List<ShapingRound> rounds = wedge(72, 3).list();
        for (int i = 3; i < rounds.size(); i++) {
            assertThat(rounds.get(i).decrease()).isEqualTo((i - 3) % 2 == 0);
        }
        assertThat(rounds.get(rounds.size() - 1).decrease()).isFalse();
    }

    @Test
    public void anInstructionUsesUpEveryStitchOfItsSide() {
        for (int stitches = 16; stitches <= 120; stitches += 4) {
            int before = stitches / 2;
            for (ShapingRound round : wedge(stitches, 1).list()) {
                if (round.decrease()) {
                    int knit = Integer.parseInt(round.instruction().replaceAll(".*ssk, (k(\\d+), )?k2tog.*", "0$2"));
                    assertThat(1 + 2 + knit + 2 + 1).as(round.instruction()).isEqualTo(before);
                } else {
                    assertThat(round.instruction()).isEqualTo("knit");
                }
                before = round.side();
            }
        }
    }

    @Test
    public void parityIsExplainedWhereItMatters() {
        Shaping sixty = wedge(60, 4);
        PhasePlan last = sixty.phases().get(0);
        assertThat(last.target().orElseThrow().value()).isEqualTo(15);
        assertThat(sixty.closingSide().value()).isEqualTo(14);
        assertThat(last.otherSide()).hasValue(16);
        assertThat(((Rounded) last.decreases()).reason()).contains("two at a time");
        assertThat(((Computed) sixty.rounds()).rule().formula()).isEqualTo("plain + phases");
        assertThat(wedge(64, 4).phases().get(0).otherSide()).isEmpty();
    }
}
