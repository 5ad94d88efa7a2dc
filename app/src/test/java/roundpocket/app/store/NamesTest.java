package roundpocket.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.core.explain.Refusal;

/** A name can be seen, and is as long as somebody counts who reads it. */
public class NamesTest {
    private static final String FAMILY = "\uD83D\uDC69\u200D\uD83D\uDC69\u200D\uD83D\uDC67\u200D\uD83D\uDC66";

    @DataProvider
    public Object[][] unseen() {
        return new Object[][] {
            {null},
            {""},
            {"  "},
            {"\n\t"},
            {"\u200B"},
            {"\u202E\u202C"},
            {"\u2066\u2069"},
            {"\u00AD"},
            {"\uFEFF"},
            {"\u3164"},
            {"\u2800"},
            {"\u0301"},
            {"\uD83D"},
        };
    }

    @Test(dataProvider = "unseen")
    public void aNameOfWhatCannotBeSeenIsNone(String name) {
        assertThatThrownBy(() -> Names.checked(name, "name"))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Give it a name");
    }

    @DataProvider
    public Object[][] seen() {
        return new Object[][] {
            {"Marit"},
            {"Марит"},
            {"Μαρίτ"},
            {"מרית"},
            {"ماريت"},
            {"マリット"},
            {FAMILY},
            {"a\u202Eb"},
            {"é".repeat(80)},
            {"e\u0301".repeat(80)},
            {"\uD83E\uDDE6".repeat(80)},
            {FAMILY.repeat(30)},
        };
    }

    @Test(dataProvider = "seen")
    public void aNameInAnyScriptIsTaken(String name) {
        assertThat(Names.checked(name, "name")).isEqualTo(name);
    }

    @Test
    public void whatIsTooLongSaysHowLongAReaderFindsIt() {
        assertThatThrownBy(() -> Names.checked("\uD83E\uDDE6".repeat(81), "name"))
                .hasMessageContaining("this one has 81");
        assertThatThrownBy(() -> Names.checked("e\u0301".repeat(90), "name")).hasMessageContaining("this one has 90");
        assertThat(Names.checked("one\r\n\ttwo\u0000", "name")).isEqualTo("one two");
    }
}
