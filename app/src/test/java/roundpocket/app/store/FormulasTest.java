package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a spreadsheet would take for a formula gets a quote before it, and comes back without. */
public class FormulasTest {
    @DataProvider
    public Object[][] formulas() {
        return new Object[][] {
            {"=1+1"},
            {"\n=1+1"},
            {"\u0085=1"},
            {"\u2028@x"},
            {"\u00a0-2"},
            {"\u200b+1"},
            {"\t=1\nmore"},
            {"'quoted"},
            {"=a\nb"},
        };
    }

    @Test(dataProvider = "formulas")
    public void aFormulaIsGuardedAndComesBack(String text) {
        assertThat(Formulas.guarded(text)).isEqualTo("'" + text);
        assertThat(Formulas.unguarded(Formulas.guarded(text))).isEqualTo(text);
    }

    @Test
    public void whatIsNoneIsLeftAlone() {
        for (String text : new String[] {"Åshild", "3-ply = thick", "", "'tis dry"}) {
            assertThat(Formulas.unguarded(text.startsWith("'") ? text : Formulas.guarded(text)))
                    .isEqualTo(text);
        }
    }
}
