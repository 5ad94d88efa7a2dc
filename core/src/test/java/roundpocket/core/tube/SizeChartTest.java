package roundpocket.core.tube;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.testng.annotations.Test;
import roundpocket.core.Specs;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.tube.SizeChart.Row;

public class SizeChartTest {
    private static Row row(SizeChart chart, int eu) {
        return chart.rows().stream().filter(row -> row.eu() == eu).findFirst().orElseThrow();
    }

    /**
     * Worked by hand at 10 rounds an inch, toe and heel of 20 rounds: size 38 is 38 × 20 ÷ 3 − 15 = 238.3 mm, or 94 rounds
     * (93.8); the heel line comes after 94 − 20 = 74 of them, 54 from the end of the toe. Size 38 EU for UK 5, by memory.
     */
    @Test
    public void theRowOfASizeIsWorkedByHand() {
        SizeChart chart = Specs.wholeExample().sizeChart();
        Row row = row(chart, 38);
        assertThat(row.length().value()).isCloseTo(238.33, within(0.01));
        assertThat(row.roundsFromTip().count()).isEqualTo(74);
        assertThat(row.fromTip().value()).isCloseTo(74 * 2.54, within(1e-9));
        assertThat(row.roundsFromToe().count()).isEqualTo(54);
        assertThat(row.uk()).hasValue(5);
        assertThat(row.usMen()).hasValue(6);
        assertThat(row.usWomen()).hasValue(7);
        assertThat(row.mondopoint()).isEqualTo(240);
        assertThat(chart.school()).isEqualTo(PlacingSchool.OWN_HEEL);
    }

    /** The chart says what a plan for that length says, and grows with the size. */
    @Test
    public void itAgreesWithPlansAndGrows() {
        SockSpec spec = Specs.usual(246, 231);
        SizeChart chart = spec.sizeChart();
        int before = 0;
        for (Row row : chart.rows()) {
            SockSpec other = Specs.usual(
                    row.length().value(), Math.min(231, 1.5 * row.length().value()));
            SockSpec same = other.withChoices(other.choices()
                    .withHeel(other.choices()
                            .heel()
                            .withPlainRounds(
                                    spec.plan().heel().shaping().plainRounds().count()))
                    .withSize(roundpocket.core.plan.SizeChoice.ofStitches(64)));
            assertThat(row.roundsFromTip().count())
                    .isEqualTo(same.plan().tube().heelLine().round().count());
            assertThat(row.roundsFromTip().count()).isGreaterThan(before);
            before = row.roundsFromTip().count();
        }
        assertThat(chart.rows()).hasSizeGreaterThan(20);
    }
}
