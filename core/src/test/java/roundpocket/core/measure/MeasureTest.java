package roundpocket.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.MathContext;
import javax.measure.MetricPrefix;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import systems.uom.common.USCustomary;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

public class MeasureTest {
    @DataProvider
    public Object[][] lengths() {
        return new Object[][] {{0.0}, {0.125}, {1.0}, {4.0}, {9.5}, {12.0}, {39.37}};
    }

    /** Reference: Indriya 2.2 (JSR 385) and its units of US customary measure. */
    @Test(dataProvider = "lengths")
    public void inchesAgreeWithIndriya(double inches) {
        Number mm = Quantities.getQuantity(BigDecimal.valueOf(inches), USCustomary.INCH)
                .to(MetricPrefix.MILLI(Units.METRE))
                .getValue();
        double expected = new BigDecimal(mm.toString(), MathContext.DECIMAL64).doubleValue();
        assertThat(inches * LengthUnit.INCH_MM).isCloseTo(expected, within(1e-9));
        assertThat(expected / LengthUnit.INCH_MM).isCloseTo(inches, within(1e-12));
    }

    /** Reference: Indriya 2.2 (JSR 385). */
    @Test(dataProvider = "lengths")
    public void ouncesAgreeWithIndriya(double ounces) {
        Number g = Quantities.getQuantity(BigDecimal.valueOf(ounces), USCustomary.OUNCE)
                .to(Units.GRAM)
                .getValue();
        // Indriya holds the pound as 0.45359237 kg; its ounce is a sixteenth of it.
        assertThat(ounces * Amount.OUNCE_G).isCloseTo(Double.parseDouble(g.toString()), within(1e-6));
    }

    /** International yard and pound agreement, 1959: 1 yd = 0.9144 m, 1 lb = 0.45359237 kg, exactly. */
    @Test
    public void inchAndOunceFollowFromYardAndPound() {
        assertThat(36 * LengthUnit.INCH_MM).isCloseTo(914.4, within(1e-9));
        assertThat(16 * Amount.OUNCE_G).isCloseTo(453.59237, within(1e-9));
    }

    @Test
    public void tenCentimetresAndFourInchesDifferByOneStitchInSixtyFour() {
        double ratio = 4 * LengthUnit.INCH_MM / (10.0 * 10);
        assertThat(ratio).isCloseTo(1.016, within(1e-12));
        assertThat(64 * ratio - 64).isBetween(1.0, 1.05);
    }

    @DataProvider
    public Object[][] written() {
        return new Object[][] {
            {246.0, "24.6 cm", "9 5/8 in"},
            {241.3, "24.1 cm", "9 1/2 in"},
            {25.4, "2.5 cm", "1 in"},
            {12.7, "1.3 cm", "1/2 in"},
            {19.05, "1.9 cm", "3/4 in"},
            {0.0, "0 cm", "0 in"},
            {-12.7, "-1.3 cm", "-1/2 in"},
        };
    }

    @Test(dataProvider = "written")
    public void lengthsAreWrittenAsOnATape(double mm, String cm, String inches) {
        assertThat(LengthUnit.CM.text(mm)).isEqualTo(cm);
        assertThat(LengthUnit.INCH.text(mm)).isEqualTo(inches);
    }

    @Test
    public void amountsAreWrittenWithTheirUnit() {
        assertThat(new Amount(0.1, Unit.PERCENT).text(LengthUnit.CM)).isEqualTo("10 %");
        assertThat(Amount.rounds(58).text(LengthUnit.CM)).isEqualTo("58 rounds");
        assertThat(Amount.mm(246).text(LengthUnit.INCH)).isEqualTo("9 5/8 in");
        assertThat(new Amount(2.5, Unit.NUMBER).text(LengthUnit.CM)).isEqualTo("2.5");
    }

    /** 4 in are 10.16 cm: a gauge over the one is 1.6 % more than over the other. */
    @Test
    public void aGaugeIsSaidOverTheReadersSpan() {
        Amount gauge = new Amount(31.5, Unit.STITCHES_PER_10CM);
        assertThat(gauge.text(LengthUnit.CM)).isEqualTo("31.5 sts per 10 cm");
        assertThat(gauge.text(LengthUnit.INCH)).isEqualTo("32 sts per 4 in");
        assertThat(new Amount(0.1694, Unit.PERCENT).text(LengthUnit.CM)).isEqualTo("16.9 %");
        assertThat(new Amount(34.27, Unit.GRAMS).text(LengthUnit.CM)).isEqualTo("34 g");
    }

    @Test
    public void whatNobodyCouldMeanIsSaidInWords() {
        assertThat(new Amount(1e308, Unit.GRAMS).text(LengthUnit.CM)).isEqualTo("far too much");
        assertThat(new Amount(-1e308, Unit.PERCENT).text(LengthUnit.INCH)).isEqualTo("far too little");
        assertThat(new Amount(Double.NaN, Unit.NUMBER).text(LengthUnit.CM)).isEqualTo("no number");
    }
}
