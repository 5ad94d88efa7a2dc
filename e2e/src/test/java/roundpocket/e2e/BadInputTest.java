package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What cannot be used is said where it was typed, and nothing is lost by it. */
public class BadInputTest extends BrowserTest {
    /** The page stores a change after a pause in typing; by then it has been tried. */
    private static final double LONGER_THAN_THE_PAUSE_MS = 900;

    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    private JsonNode pair() {
        return server().json("/api/pairs").get(0);
    }

    private Page plan() {
        Page page = visit("/pairs/" + pair().get("id").asString());
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        return page;
    }

    @DataProvider
    public Object[][] mistyped() {
        return new Object[][] {
            {"foot-length", "Longest toe to heel", "9", "(you entered 9 cm). Did you mean 9 in?"},
            {"foot-length", "Longest toe to heel", "45", "10 to 36 cm"},
            {"foot-length", "Longest toe to heel", "abc", "“abc” is not a number. Type it like 24.6, 24,6 or 9 1/2."},
            {"foot-girth", "Around the ball", "60", "8 to 45 cm around (you entered 60 cm)"},
            {"gauge-stitches", "Counted, 1.", "0", "must be 5 to 100 sts per 10 cm"},
            {"gauge-rounds", "Counted, 1.", "300", "that would be 300 rounds per 10 cm"},
            {"gauge-rounds", "over", "1", "(you entered 1 cm)"},
            {"cuff", "Rounds of the cuff", "15.5", "15.5 is not a whole number"},
            {"stitches", "Or a count of your own", "62", "multiple of 4"},
            {"ease", "Negative ease", "60", "0 to 25 % (you entered 60 %)"},
            {"leg", "Leg, cuff included", "3", "is too short for a cuff"},
        };
    }

    @Test(dataProvider = "mistyped")
    public void itIsSaidWhereItWasTypedAndTheLastPlanStays(String word, String field, String typed, String message) {
        JsonNode before = pair();
        Page page = plan();
        String opening = page.locator("[data-figure=opening]").textContent();
        page.locator("[data-word=" + word + "]").click();
        Locator panel = page.getByRole(AriaRole.DIALOG);
        panel.getByRole(AriaRole.TEXTBOX).first().waitFor();
        panel.getByLabel(field).first().fill(typed);
        assertThat(panel).containsText(message);
        assertThat(page.locator("[data-figure=opening]")).hasText(opening);
        page.waitForTimeout(LONGER_THAN_THE_PAUSE_MS);
        assertThat(pair().get("spec")).isEqualTo(before.get("spec"));
    }

    @Test
    public void aFootTooShortForToeAndHeelIsSaidBeforeThereIsAPlan() {
        Page page = visit("/new");
        page.getByLabel("Foot length").fill("11,2");
        page.getByLabel("Around the ball of the foot").fill("20");
        page.getByLabel("Stitches").fill("40");
        page.getByLabel("Rounds").fill("30");
        assertThat(page.locator("form"))
                .containsText("A foot of 11.2 cm is too short for a toe of 22 rounds and a heel of 19 rounds");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the plan")))
                .isDisabled();
    }

    @Test
    public void twoTabsNeverOverwriteEachOther() {
        Page first = plan();
        Page second = plan();
        changeLeg(first, "15");
        assertThat(first.getByTestId("kept")).hasText("Saved");
        changeLeg(second, "16");
        Locator conflict = second.getByRole(AriaRole.ALERT);
        assertThat(conflict).containsText("changed elsewhere");
        assertThat(conflict).containsText("What differs: the leg.");
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(150);

        second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine"))
                .click();
        assertThat(second.getByTestId("kept")).hasText("Saved");
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(160);

        changeLeg(first, "14");
        first.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use the saved version"))
                .click();
        assertThat(first.locator("[data-word=leg]")).hasText("16.0 cm");
        changeLeg(first, "14");
        assertThat(first.getByTestId("kept")).hasText("Saved");
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(140);
    }

    private static void changeLeg(Page page, String cm) {
        page.locator("[data-word=leg]").click();
        page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX).first().fill(cm);
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-word=leg]")).containsText(cm);
        page.waitForTimeout(LONGER_THAN_THE_PAUSE_MS);
    }

    @Test
    public void aServerThatIsGoneAndComesBackLosesNothing() {
        Page page = plan();
        server().kill();
        changeLeg(page, "17");
        assertThat(page.getByTestId("kept")).containsText("can’t reach Round Pocket");
        assertThat(page.getByTestId("silence")).containsText(Pattern.compile("Lost contact with Round Pocket at \\d"));
        assertThat(page.getByText(Pattern.compile("Showing the plan of \\d+:\\d\\d")))
                .isVisible();
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        server().start();
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(page.getByTestId("silence")).isEmpty();
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(170);
        changeLeg(page, "14");
        assertThat(page.getByTestId("kept")).hasText("Saved");
    }

    @Test
    public void theBasketSaysSinceWhenItIsNotAnsweredAndThatItIsOver() {
        Page page = visit("/");
        assertThat(page.locator("li").first()).isVisible();
        server().kill();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Feet"))
                .click();
        page.waitForURL("**/feet");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Basket"))
                .click();
        assertThat(page.getByTestId("silence")).containsText("Lost contact with Round Pocket at");
        assertThat(page.locator("li").first()).isVisible();
        server().start();
        assertThat(page.getByTestId("silence")).isEmpty();
    }

    /** A change that is refused after its page was left is said wherever the knitter is, and is not lost. */
    @Test
    public void aChangeThatIsRefusedAfterThePageWasLeftIsKeptUntilSomebodyDecides() {
        Page first = plan();
        Page second = plan();
        changeLeg(first, "15.5");
        assertThat(first.getByTestId("kept")).hasText("Saved");
        second.locator("[data-word=leg]").click();
        second.getByRole(AriaRole.DIALOG).getByRole(AriaRole.TEXTBOX).first().fill("16.5");
        second.keyboard().press("Escape");
        second.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Almanac"))
                .click();
        assertThat(second.getByRole(AriaRole.ALERT)).containsText("is not saved");
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(155);
        second.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Keep mine"))
                .click();
        assertThat(second.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(pair().at("/spec/choices/tube/legMm").asDouble()).isEqualTo(165);
    }
}
