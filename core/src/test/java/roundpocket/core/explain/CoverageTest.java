package roundpocket.core.explain;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.IntStream;
import org.apache.commons.math3.distribution.TDistribution;
import org.testng.annotations.Test;

/** The factors of coverage against Apache Commons Math, a general-purpose reference library. */
public class CoverageTest {
    @Test
    public void studentsFactorsAreThoseOfTheReferenceLibrary() {
        IntStream.rangeClosed(1, 200).forEach(n -> assertThat(Coverage.student(n))
                .as("%d degrees of freedom", n)
                .isCloseTo(new TDistribution(n).inverseCumulativeProbability(0.975), within(0.0006)));
    }

    @Test
    public void betweenWholeDegreesOfFreedomTheFewerCount() {
        assertThat(Coverage.student(4.9)).isEqualTo(Coverage.student(4));
        assertThat(Coverage.student(0.2)).isEqualTo(Coverage.student(1));
        assertThat(Coverage.student(Double.POSITIVE_INFINITY)).isEqualTo(Coverage.NORMAL);
    }

    /** An even spread of half-width √3·u holds 95 % within 0.95·√3·u = 1.645 u. */
    @Test
    public void anEvenSpreadHoldsNineteenOfTwentyWithinItsFactor() {
        assertThat(Coverage.RECTANGULAR).isCloseTo(0.95 * Math.sqrt(3), within(0.005));
    }

    /** Two even spreads of any widths: their sum is a trapezium, whose tails are worked out exactly. */
    @Test
    public void twoEvenSpreadsHoldNineteenOfTwentyWhateverTheirWidths() {
        IntStream.rangeClosed(0, 50).forEach(i -> {
            double share = 0.5 + i / 100.0;
            double wide = Math.sqrt(3 * share);
            double narrow = Math.sqrt(3 * (1 - share));
            double most = Coverage.NORMAL * Coverage.evenness(share * share + (1 - share) * (1 - share));
            double beyond = wide + narrow - most;
            double outside = most > wide - narrow ? beyond * beyond / (4 * wide * narrow) : 1 - most / wide;
            assertThat(1 - outside).as("share %.2f", share).isBetween(0.945, 0.957);
        });
    }
}
