package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The made-up pieces: guessed right to the end, and wrong guesses explained. */
public class PracticeTest extends BrowserTest {
    private static final int[] CYCLE = {2, 4, 1, 2, 3, 4};

    private static Locator verdict(Page page) {
        return page.getByTestId("verdict");
    }

    /** With a set-up, the yarn at the back: two moves open it, then four again and again (domain rule, common practice). */
    @Test
    public void aGraftIsGuessedByKeysToItsEnd() {
        Page page = visit("/practice");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("4 loops"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Move 1 of 16: which is it?")))
                .isVisible();
        page.keyboard().press("1");
        assertThat(verdict(page)).containsText("Not quite. The yarn goes through this st for the first time");
        for (int i = 0; i < 16; i++) {
            // the last loops come off without another being entered
            int last = i == 14 ? 1 : i == 15 ? 3 : i < 2 ? CYCLE[i] : CYCLE[2 + (i - 2) % 4];
            page.keyboard().press("" + last);
            Pattern next = Pattern.compile(i == 15 ? "once more: move 1 of 16" : "Move " + (i + 2) + " of 16");
            assertThat(page.locator("main")).containsText(next);
        }
        assertThat(verdict(page)).containsText("That was the last stitch");
        page.keyboard().press("2");
        assertThat(page.locator("main")).containsText("The graft is closed.");
        assertThat(page.getByTestId("wrong")).hasText("1 mistake so far");
        assertThat(page.getByRole(AriaRole.IMG)).hasAttribute("aria-label", Pattern.compile("4 stitches off"));
    }

    @Test
    public void aLineIsPickedUpByKeyboardAndByPress() {
        Page page = visit("/practice?piece=pick-up");
        Locator piece = page.getByRole(AriaRole.APPLICATION);
        assertThat(piece).isVisible();
        String task = page.locator("main h2").textContent();
        int line = Integer.parseInt(page.locator("svg line[x1]").count() > 0 ? lineOf(page) : "0");
        int row = task.contains("below") ? line - 1 : line + 1;
        page.locator("[data-leg='" + line + "-0-right']").click();
        assertThat(verdict(page)).containsText("comes out");
        page.locator("[data-leg='" + row + "-0-left']").click();
        assertThat(verdict(page)).containsText("The other leg");
        for (int column = 0; column < 5; column++) {
            page.locator("[data-leg='" + row + "-" + column + "-right']").click();
            assertThat(page.locator("main")).containsText((column + 1) + " of 10 are on the needle");
        }
        piece.focus();
        for (int column = 5; column < 10; column++) {
            page.keyboard().press("ArrowLeft");
            page.keyboard().press("ArrowLeft");
            page.keyboard().press("Enter");
            assertThat(page.locator("main")).containsText((column + 1) + " of 10 are on the needle");
        }
        assertThat(verdict(page)).containsText("Count them: 10");
    }

    /** The piece is wider than a phone: it begins where the needle does, and every leg is as wide as a thumb. */
    @Test
    public void onAPhoneALegIsAsWideAsAThumb() {
        Page page = visit("/practice");
        page.setViewportSize(390, 844);
        page.navigate(server().url("/practice?piece=pick-up"));
        Locator leg = page.locator("[data-leg='0-0-right'] rect");
        assertThat(leg).isVisible();
        assertThat(page.locator("main")).containsText("slide it along");
        org.assertj.core.api.Assertions.assertThat(leg.boundingBox().width).isGreaterThanOrEqualTo(44);
        org.assertj.core.api.Assertions.assertThat(leg.boundingBox().x + leg.boundingBox().width)
                .isLessThanOrEqualTo(390);
    }

    /** The row that is crossed out in the drawing. */
    private static String lineOf(Page page) {
        return (String)
                page.evaluate("() => document.querySelector('[data-line=true] [data-leg]').dataset.leg.split('-')[0]");
    }

    @Test
    public void theHeelLineIsCutInItsMiddleAndUnpickedShortOfBothCorners() {
        Page page = visit("/practice?piece=cut");
        assertThat(page.getByRole(AriaRole.APPLICATION)).isVisible();
        int line = Integer.parseInt(lineOf(page));
        page.locator("[data-leg='" + (line + 1) + "-5-right']").click();
        assertThat(verdict(page)).containsText("That stitch is on a needle");
        page.locator("[data-leg='" + line + "-5-right']").click();
        assertThat(verdict(page)).containsText("One leg is cut");
        page.locator("[data-leg='" + line + "-1-right']").click();
        assertThat(verdict(page)).containsText("Too far");
        page.locator("[data-leg='" + line + "-2-right']").click();
        assertThat(verdict(page)).containsText("Stop there");
        page.locator("[data-leg='" + line + "-9-left']").click();
        assertThat(page.locator("main h2")).hasText("The heel is open.");
        assertThat(page.getByTestId("wrong")).hasText("2 mistakes so far");
    }

    private static String mistakes(int number) {
        return number + (number == 1 ? " mistake so far" : " mistakes so far");
    }

    @Test
    public void theLastDecreaseIsFoundAndTheNextRoundTold() {
        Page page = visit("/practice?piece=reading");
        Locator rows = page.locator("[data-row]");
        assertThat(rows.first()).isVisible();
        for (int row = rows.count() - 1; row >= 0; row--) {
            rows.nth(row).click();
            // The verdict of the guess before stands there until the next one is answered.
            String mistakes = mistakes(rows.count() - row);
            assertThat(page.locator("main")).containsText(Pattern.compile("what is the next round|" + mistakes));
            if ("true".equals(verdict(page).getAttribute("data-right"))) {
                break;
            }
        }
        assertThat(page.locator("main h2")).hasText("And what is the next round?");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("A plain round"))
                .click();
        page.waitForFunction("() => /since the last decrease|last round decreased/.test(document.body.textContent)");
        if ("false".equals(verdict(page).getAttribute("data-right"))) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("A round with decreases"))
                    .click();
        }
        assertThat(page.locator("main h2")).hasText("That’s how it was knitted.");
    }
}
