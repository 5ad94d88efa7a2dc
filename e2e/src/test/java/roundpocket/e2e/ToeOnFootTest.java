package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.Test;

/** From what the pencil outline says to the toe that follows it. */
public class ToeOnFootTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}""";

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    public void fromTheOutlineToTheToeThatFollowsIt() {
        String pair = server().post("/api/pairs", "{\"name\": \"Traced\", \"spec\": " + SPEC + "}")
                .body()
                .replaceFirst("(?s).*?\"id\" ?: ?\"([^\"]+)\".*", "$1");
        Page page = visit("/pairs/" + pair);
        button(page, "Enter the outline").click();
        page.getByLabel("Across the outline, at the ball").fill("9.4");
        assertThat(page.getByText("All three are needed to draw the toe on the foot."))
                .isVisible();
        page.getByLabel("Inner edge to the longest toe").fill("9.8");
        page.getByLabel("Little toe, how far back").fill("4.1");
        assertThat(page.getByText("A tip 9.8 cm in from the inner edge lies outside an outline 9.4 cm wide.")
                        .first())
                .isVisible();
        page.getByLabel("Inner edge to the longest toe").fill("2.7");
        page.keyboard().press("Escape");

        assertThat(page.getByTestId("toe-on-foot")).isVisible();
        assertThat(page.getByText("The wedge, then quick fits the outline best"))
                .isVisible();
        button(page, "Use the wedge, then quick").click();
        assertThat(page.locator("[data-word=toe-school]")).containsText("wedge");
        assertThat(page.getByText("The wedge, then quick fits the outline best"))
                .isVisible();
        // The working is asked for by where a figure stands in its plan: not before the new one is there.
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(button(page, "Use the wedge, then quick")).hasCount(0);
        button(page, "How it’s worked out").last().click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("off the outline, on average");
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(server().json("/api/pairs/" + pair)
                        .at("/spec/foot/tracing/tipInMm")
                        .asDouble())
                .isEqualTo(27);
    }
}
