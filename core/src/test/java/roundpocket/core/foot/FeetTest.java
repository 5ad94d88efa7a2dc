package roundpocket.core.foot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.LengthUnit;

public class FeetTest {
    private static Foot shoe(ShoeSystem system, double size) {
        return new Foot(
                OptionalDouble.empty(),
                Optional.of(new ShoeSize(system, size)),
                OptionalDouble.of(230),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
    }

    @DataProvider
    public Object[][] sizes() {
        // Paris points and barleycorns from memory, worked by hand; Mondopoint: ISO 9407
        return new Object[][] {
            {ShoeSystem.EU, 38.0, 238.33}, // 253.33 − 15
            {ShoeSystem.EU, 45.0, 285.0}, // 300 − 15
            {ShoeSystem.UK, 5.0, 239.0}, // 30 barleycorns are 10 in
            {ShoeSystem.UK, 10.5, 285.57},
            {ShoeSystem.US_MEN, 11.5, 285.57}, // one more than UK
            {ShoeSystem.US_WOMEN, 7.0, 239.0}, // two more than UK
            {ShoeSystem.MONDOPOINT, 245.0, 245.0},
        };
    }

    @Test(dataProvider = "sizes")
    public void aShoeSizeEstimatesTheLength(ShoeSystem system, double size, double lengthMm) {
        Measures measures = Feet.both(shoe(system, size)).measures();
        assertThat(measures.length().value()).isCloseTo(lengthMm, within(0.01));
        assertThat(measures.lengthEstimated()).isTrue();
        // ±5 mm evenly spread: 5 ÷ √3 (JCGM 100:2008, 4.3.7)
        assertThat(measures.length().standardUncertainty()).isCloseTo(2.887, within(0.001));
    }

    @Test
    public void aMeasuredLengthGoesBeforeAShoeSize() {
        Foot both = new Foot(
                OptionalDouble.of(240),
                Optional.of(new ShoeSize(ShoeSystem.EU, 45)),
                OptionalDouble.of(230),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
        Measures measures = Feet.both(both).measures();
        assertThat(measures.length().value()).isEqualTo(240);
        assertThat(measures.lengthEstimated()).isFalse();
        assertThat(measures.shoeLength().orElseThrow().value()).isCloseTo(285, within(1e-9));
    }

    @DataProvider
    public Object[][] pairs() {
        return new Object[][] {
            {PlanOn.LONGER_AND_WIDER, 246.0, 236.0},
            {PlanOn.FIRST, 243.0, 236.0},
            {PlanOn.OTHER, 246.0, 231.0},
        };
    }

    /** A pair is planned on the longer and the wider foot unless told otherwise (common practice). */
    @Test(dataProvider = "pairs")
    public void unlikeFeet(PlanOn planOn, double lengthMm, double ballMm) {
        Feet feet = new Feet(new Foot(243, 236), Optional.of(new Foot(246, 231)), planOn);
        assertThat(feet.measures().length().value()).isEqualTo(lengthMm);
        assertThat(feet.measures().ballGirth().value()).isEqualTo(ballMm);
        assertThat(feet.measures().heelDiagonal().value()).isCloseTo(1.36 * ballMm, within(1e-9)); // from memory
        assertThat(feet.difference().orElseThrow().value()).isEqualTo(-3);
    }

    @DataProvider
    public Object[][] refused() {
        Runnable nothing = () -> new Foot(
                OptionalDouble.empty(),
                Optional.empty(),
                OptionalDouble.of(230),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
        Runnable huge = () -> new ShoeSize(ShoeSystem.EU, 60);
        Runnable swapped = () -> new Foot(
                OptionalDouble.of(246),
                Optional.empty(),
                OptionalDouble.of(231),
                OptionalDouble.of(200),
                OptionalDouble.empty(),
                Optional.empty());
        Runnable noOther = () -> new Feet(new Foot(243, 236), Optional.empty(), PlanOn.OTHER);
        return new Object[][] {
            {nothing, "lengthMm", "The foot length is missing."},
            {huge, "size", "A shoe size in EU, Paris points must be 17 to 53 (you entered 60)."},
            {swapped, "heelDiagonalMm", "A heel diagonal of 20 cm is less than the ball, 23.1 cm"},
            {noOther, "planOn", "that was not measured"},
        };
    }

    @Test(dataProvider = "refused")
    public void whatCannotBeAFootIsSaid(Runnable input, String field, String words) {
        Refusal refusal = catchThrowableOfType(Refusal.class, input::run);
        assertThat(refusal.problems().get(0).field()).isEqualTo(field);
        assertThat(refusal.message(LengthUnit.CM)).contains(words).doesNotContain("{");
    }
}
