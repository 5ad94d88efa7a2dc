package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.stream.Collectors;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a spreadsheet would take for a formula gets a quote before it, and comes back without. */
public class FormulasTest {
    @DataProvider
    public Object[][] formulas() {
        return new Object[][] {
            {"=1+1", "'=1+1"},
            {"\n=1+1", "'\n'=1+1"},
            {"\u0085=1", "'\u0085=1"},
            {"\u2028@x", "'\u2028@x"},
            {"\u00a0-2", "'\u00a0-2"},
            {"\u200b+1", "'\u200b+1"},
            {"\t=1\nmore", "'\t'=1\nmore"},
            {"'quoted", "''quoted"},
            {"=a\nb", "'=a\nb"},
            // Where semicolons or tabs part the cells, another one begins in the middle.
            {"madder;=1+1", "madder;'=1+1"},
            {"madder\t@SUM(1)", "madder\t'@SUM(1)"},
            {"a; \u200b=1;+2", "a;' \u200b=1;'+2"},
            {"a\r\n-1", "a\r\n'-1"},
            {"a;'b", "a;''b"},
            {"\uff1d1", "'\uff1d1"},
            {"a;\uff0b1;\uff0d1;\uff20x", "a;'\uff0b1;'\uff0d1;'\uff20x"},
        };
    }

    @Test(dataProvider = "formulas")
    public void aFormulaIsGuardedAndComesBack(String text, String guarded) {
        assertThat(Formulas.guarded(text)).isEqualTo(guarded);
        assertThat(Formulas.unguarded(guarded)).isEqualTo(text);
    }

    @Test
    public void whatIsNoneIsLeftAlone() {
        for (String text : new String[] {"Åshild", "3-ply = thick", "", "a; b", "one\ntwo"}) {
            assertThat(Formulas.guarded(text)).isEqualTo(text);
            assertThat(Formulas.unguarded(text)).isEqualTo(text);
        }
        assertThat(Formulas.unguarded("'tis dry")).isEqualTo("'tis dry");
    }

    /** Whatever is written comes back; and no cell begins a formula, whatever sign parts the cells. */
    @Test
    public void everyTextComesBackAndNoneIsAFormula() {
        Random random = new Random(1201);
        String signs = "=+-@';\t\n\r a\u200b\uff1d\u00a0";
        for (int i = 0; i < 50_000; i++) {
            String text = random.ints(random.nextInt(8), 0, signs.length())
                    .mapToObj(at -> String.valueOf(signs.charAt(at)))
                    .collect(Collectors.joining());
            String guarded = Formulas.guarded(text);
            assertThat(Formulas.unguarded(guarded)).isEqualTo(text);
            for (String cell : guarded.split("[;\t\n\r]")) {
                assertThat(cell.replaceAll("^[ \u200b\u00a0]+", ""))
                        .as(text)
                        .doesNotStartWith("=")
                        .doesNotStartWith("+")
                        .doesNotStartWith("-")
                        .doesNotStartWith("@")
                        .doesNotStartWith("\uff1d");
            }
        }
    }
}
