package roundpocket.core.shaping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.plan.SizeChoice;

/**
 * The schools once more, knitted stitch by stitch in the plainest way there is: a round is a number of stitches, and
 * decreases are made while the side is above what the school says. Nothing of the plan's own code is used for it.
 */
public class ReferenceShapingTest {
    /** What is on one side after each round. */
    private static final class Knitted {
        private final List<Integer> sides = new ArrayList<>();
        private int side;

        private Knitted(int side) {
            this.side = side;
        }

        private Knitted plain(int rounds) {
            for (int i = 0; i < rounds; i++) {
                sides.add(side);
            }
            return this;
        }

        private void decreaseAndPlain(int plainAfter) {
            side -= 2;
            sides.add(side);
            plain(plainAfter);
        }

        /** Decreases in every so many rounds while that brings the side nearer to {@code target}, or as near. */
        private Knitted until(int every, double target) {
            while (Math.abs(side - 2 - target) <= Math.abs(side - target)) {
                decreaseAndPlain(every - 1);
            }
            return this;
        }

        private Knitted times(int every, int times) {
            for (int i = 0; i < times; i++) {
                decreaseAndPlain(every - 1);
            }
            return this;
        }
    }

    @DataProvider
    public Object[][] tubes() {
        List<Object[]> all = new ArrayList<>();
        for (int stitches = 40; stitches <= 96; stitches += 4) {
            for (int plain : new int[] {0, 3, 5}) {
                all.add(new Object[] {stitches, plain});
            }
        }
        return all.toArray(Object[][]::new);
    }

    @Test(dataProvider = "tubes")
    public void everySchoolIsKnittedAsItSays(int stitches, int plain) {
        int side = stitches / 2;
        check(
                ShapingSchool.WEDGE,
                stitches,
                plain,
                new Knitted(side).plain(plain).until(2, side / 2.0));
        check(
                ShapingSchool.NARROW_WEDGE,
                stitches,
                plain,
                new Knitted(side).plain(plain).until(2, 12));
        check(
                ShapingSchool.WEDGE_THEN_QUICK,
                stitches,
                plain,
                new Knitted(side).plain(plain).until(2, side * 5 / 8.0).until(1, 8));
        check(
                ShapingSchool.THREE_SPEED,
                stitches,
                plain,
                new Knitted(side).plain(plain).times(3, 3).until(2, side / 2.0).until(1, 8));
        check(
                ShapingSchool.SPIRAL,
                stitches,
                plain,
                new Knitted(side).plain(plain).until(2, side / 2.0).until(1, 4));
    }

    private static void check(ShapingSchool school, int stitches, int plain, Knitted knitted) {
        Shaping heel = Specs.large()
                .withChoices(Specs.cornersLater()
                        .withSize(SizeChoice.ofStitches(stitches))
                        .withHeel(ShapingChoice.of(school, plain)))
                .plan()
                .heel()
                .shaping();
        assertThat(heel.list())
                .as(school + " of " + stitches)
                .extracting(ShapingRound::side)
                .isEqualTo(knitted.sides);
        int sum = knitted.sides.stream().mapToInt(each -> 2 * each).sum();
        assertThat(heel.stitchesWorked().count()).isEqualTo(sum);
        assertThat(heel.closingSide().count()).isEqualTo(knitted.side);
        assertThat(heel.rounds().count()).isEqualTo(knitted.sides.size());
    }

    /** Short rows walked: one stitch fewer in every row down to the narrowest, one more in every row back. */
    @Test(dataProvider = "tubes")
    public void shortRowsAreWalkedDownAndBack(int stitches, int plain) {
        int side = stitches / 2;
        Shaping heel = Specs.large()
                .withChoices(Specs.cornersLater()
                        .withSize(SizeChoice.ofStitches(stitches))
                        .withHeel(ShapingChoice.of(ShapingSchool.SHORT_ROWS, plain)))
                .plan()
                .heel()
                .shaping();
        int tip = heel.closingSide().count();
        assertThat((double) tip).isBetween(side / 3.0 - 1, side / 3.0 + 1);
        List<Integer> rows = new ArrayList<>();
        for (int i = 0; i < plain; i++) {
            rows.add(side);
        }
        for (int worked = side - 1; worked > tip; worked--) {
            rows.add(worked);
        }
        rows.add(tip);
        for (int worked = tip + 1; worked <= side; worked++) {
            rows.add(worked);
        }
        assertThat(heel.list()).extracting(ShapingRound::side).isEqualTo(rows);
        assertThat(2 * (heel.rounds().count() - plain)).isEqualTo(rows.size() - plain);
    }
}
