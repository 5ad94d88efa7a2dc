package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** From an empty basket to a card without touching the mouse. */
public class KeyboardTest extends BrowserTest {
    private static final int MOST_TABS = 60;

    /** Tabs on until what has the focus is so called. */
    private static void tabTo(Page page, String name) {
        for (int i = 0; i < MOST_TABS; i++) {
            page.keyboard().press("Tab");
            Object focused = page.evaluate("() => { const e = document.activeElement;"
                    + " return [e.getAttribute('aria-label'), e.labels?.[0]?.textContent, e.textContent]"
                    + ".filter(Boolean).join(' | '); }");
            if (focused.toString().contains(name)) {
                return;
            }
        }
        throw new AssertionError("the focus never came to " + name);
    }

    @Test
    public void theWholeWayByKeyboard() {
        Page page = visit("/");
        String[][] measures = {
            {"Length of the foot", "24.6"}, {"Round the ball", "23.1"}, {"Stitches", "31"}, {"Rounds", "43"}
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

        tabTo(page, "Rounds of the cuff");
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
}
