package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From an empty basket to a card without touching the mouse. */
public class KeyboardTest extends BrowserTest {
    private static final int MOST_TABS = 60;

    /** The sentence of the recipe that has the focus. */
    private static final String SENTENCE = "() => document.activeElement.dataset.word"
            + " ? document.activeElement.closest('[role=group]').getAttribute('aria-label') : null";

    /** Tabs on until what has the focus is so called. */
    private static void tabTo(Page page, String name) {
        for (int i = 0; i < MOST_TABS; i++) {
            page.keyboard().press("Tab");
            Object focused = page.evaluate("() => { const e = document.activeElement;"
                    // With nothing focused the body has the focus, and its text is the whole page's.
                    + " if (e === document.body) return '';"
                    + " return [e.getAttribute('aria-label'), e.labels?.[0]?.textContent, e.textContent]"
                    + ".filter(Boolean).join(' | '); }");
            if (focused.toString().contains(name)) {
                return;
            }
        }
        throw new AssertionError("the focus never came to " + name);
    }

    /** On by arrow key to a word of the recipe. */
    private static void arrowTo(Page page, String word) {
        for (int i = 0; i < 6; i++) {
            page.keyboard().press("ArrowRight");
            if (word.equals(page.evaluate("document.activeElement.dataset.word"))) {
                return;
            }
        }
        throw new AssertionError("the arrow key never came to " + word);
    }

    /** Tab comes to every sentence of the recipe once, and an arrow key from the first word to the last. */
    @Test
    public void wordsAreFewStopsAway() {
        server().post("/api/pairs", """
                {"name": "few stops", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                 "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
                 "striping": {"bands": [{"name": "madder", "colour": "#a13d4b", "lengthM": 5},
                                        {"name": "woad", "colour": "#2b4a6f", "lengthM": 6.5}]},
                 "yarn": {"lengthM": 420, "massG": 100},
                 "choices": {"pattern": {"place": "BOTH", "rows": "k2, yo, ssk"}, "heel": {"school": "OWN",
                  "phases": [{"every": 3, "times": 1}, {"every": 1, "times": 2}]}}}}""");
        Page page = visit("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("few stops"))
                .first()
                .click();
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        page.reload();
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        int stops = 0;
        List<String> words = new ArrayList<>();
        while (stops < MOST_TABS && !"Recipe: the two socks".equals(page.evaluate(SENTENCE))) {
            page.keyboard().press("Tab");
            stops++;
            if (page.evaluate(SENTENCE) != null) {
                words.add(page.evaluate(SENTENCE).toString());
            }
        }
        org.testng.Assert.assertTrue(stops <= 40, stops + " stops: " + words);
        org.testng.Assert.assertEquals(Set.copyOf(words).size(), words.size(), "each once: " + words);
        page.keyboard().press("End");
        org.testng.Assert.assertEquals(page.evaluate("document.activeElement.dataset.word"), "heel-when");
        page.keyboard().press("Home");
        int on = page.locator("[data-testid=recipe] [data-word]").count() - 1;
        for (int i = 0; i < on; i++) {
            page.keyboard().press("ArrowRight");
        }
        org.testng.Assert.assertEquals(page.evaluate("document.activeElement.dataset.word"), "heel-when");
        page.keyboard().press("Shift+Tab");
        org.testng.Assert.assertEquals(page.evaluate(SENTENCE), "Recipe: pattern");
    }

    @Test
    public void theWholeWayByKeyboard() {
        Page page = visit("/");
        assertThat(page.getByLabel("Foot length")).isVisible();
        String[][] measures = {
            {"Foot length", "24.6"}, {"Around the ball", "23.1"}, {"Stitches", "31"}, {"Rounds", "43"}
        };
        for (String[] measure : measures) {
            tabTo(page, measure[0]);
            page.keyboard().type(measure[1]);
        }
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the plan")))
                .isEnabled();
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        tabTo(page, "Name this pair");
        page.keyboard().type("By keyboard");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/pairs/"));

        tabTo(page, "Leg, cuff included");
        arrowTo(page, "cuff");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertThat(page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Rounds of the cuff")))
                .isFocused();
        page.keyboard().type("18");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-word=cuff]")).hasText("18 rounds");
        assertThat(page.locator("[data-word=cuff]")).isFocused();

        tabTo(page, "Knit to the heel line");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("opening − toe");
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-figure=opening]")).isFocused();
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(server().json("/api/pairs")
                        .get(0)
                        .at("/spec/choices/finish/cuffRounds")
                        .asInt())
                .isEqualTo(18);
    }

    /** Word by word: the panel takes the keys, keeps Tab inside, and gives them back to its word. */
    @Test
    public void wordByWordTheRecipeIsEdited() {
        server().post("/api/pairs", """
                {"name": "word by word", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                 "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
                 "choices": {"tube": {"way": "CUFF_DOWN"}, "heel": {"school": "THREE_SPEED"},
                  "opening": {"way": "SNIP", "corners": "PICK_UP"}}}}""");
        Page page = visit("/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("word by word"))
                .first()
                .click();
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        Locator words = page.locator("[data-word]");
        int number = words.count();
        org.testng.Assert.assertTrue(number > 25, "only " + number + " words");
        for (int i = 0; i < number; i++) {
            Locator word = words.nth(i);
            word.focus();
            page.keyboard().press("Enter");
            Locator panel = page.getByRole(AriaRole.DIALOG);
            assertThat(panel).isVisible();
            Locator within = panel.locator(":focus");
            assertThat(within).hasCount(1);
            for (int tabs = 0; tabs < 8; tabs++) {
                page.keyboard().press(tabs < 6 ? "Tab" : "Shift+Tab");
                assertThat(within).hasCount(1);
            }
            page.keyboard().press("Escape");
            assertThat(panel).hasCount(0);
            assertThat(word).isFocused();
        }
    }
}
