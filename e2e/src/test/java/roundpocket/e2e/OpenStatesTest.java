package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ForcedColors;
import java.util.ArrayList;
import java.util.List;
import org.testng.Reporter;
import org.testng.annotations.Test;

/**
 * What is opened over a view: panels of the recipe, workings, tools beside the needles, questions, the sheet of keys; axe
 * finds nothing in any. {@code -Daxe.all=true} goes through every view and everything that opens, in either light, at the
 * table and on a phone, and says how many states that were.
 */
public class OpenStatesTest extends BrowserTest {
    private static final boolean ALL = Boolean.getBoolean("axe.all");
    private static final List<String> VIEWS = List.of(
            "/",
            "/new",
            "/feet",
            "/feet/sheet",
            "/yarn",
            "/tubes",
            "/practice",
            "/practice?piece=pick-up",
            "/practice?piece=reading",
            "/log",
            "/almanac",
            "/help",
            "/backup",
            "/licences",
            "/pedal",
            "/nowhere");
    /** The tools beside the needles, by their names. */
    static final List<String> TOOLS = List.of(
            "Rescue",
            "Measure",
            "Weigh",
            "Adjust rounds",
            "Order",
            "Note",
            "Finish date",
            "Sound & pedal",
            "Change my place");

    /** Chooses the thumb, and leaves the other settings as they are. */
    private static final String SETTINGS = "thumb => { const key = 'round-pocket.settings';"
            + " localStorage.setItem(key, JSON.stringify({...JSON.parse(localStorage.getItem(key)), thumb})) }";

    private final List<String> seen = new ArrayList<>();
    private final List<String> amiss = new ArrayList<>();

    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    @Test
    public void nothingThatOpensIsInaccessible() {
        for (String light : ALL ? List.of("day", "lamp") : List.of("day")) {
            for (int width : ALL ? new int[] {1280, 390} : new int[] {1280}) {
                Page page = visit("/");
                page.evaluate("light => localStorage.setItem('round-pocket.settings', JSON.stringify({light}))", light);
                page.setViewportSize(width, 844);
                states(page, light + " " + width);
                page.close();
            }
        }
        Reporter.log(seen.size() + " states, " + amiss.size() + " findings", true);
        assertThat(amiss).isEmpty();
    }

    private void states(Page page, String how) {
        String pair = "/pairs/" + server().json("/api/pairs").get(1).get("id").asString();
        if (ALL) {
            for (String view : VIEWS) {
                open(page, view);
                look(page, how + " " + view);
            }
            open(page, pair + "/card");
            look(page, how + " card");
            page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.ACTIVE));
            open(page, pair);
            look(page, how + " plan, forced colours");
            page.emulateMedia(new Page.EmulateMediaOptions().setForcedColors(ForcedColors.NONE));
        }
        plan(page, pair, how);
        open(page, pair + "/lap");
        for (String tool : ALL ? TOOLS : TOOLS.subList(0, 2)) {
            page.getByText(tool, new Page.GetByTextOptions().setExact(true)).click();
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            look(page, how + " while knitting, " + tool);
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        }
        oneHand(page, pair, how);
        open(page, "/feet");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Delete Odd"))
                .click();
        assertThat(page.getByRole(AriaRole.ALERTDIALOG)).isVisible();
        look(page, how + " delete?");
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Edit Odd"))
                .click();
        look(page, how + " feet, edited");
    }

    private void oneHand(Page page, String pair, String how) {
        page.evaluate(SETTINGS, "right");
        open(page, pair + "/lap");
        look(page, how + " while knitting, one hand");
        page.getByText("More", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        look(page, how + " while knitting, one hand, more");
        page.keyboard().press("Escape");
        page.evaluate(SETTINGS, "either");
    }

    private void plan(Page page, String pair, String how) {
        open(page, pair);
        look(page, how + " plan");
        int words = page.locator("[data-word]").count();
        for (int i = 0; i < words; i += ALL ? 1 : 9) {
            page.locator("[data-word]").nth(i).click();
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            look(page, how + " word " + page.locator("[data-word]").nth(i).getAttribute("data-word"));
            page.keyboard().press("Escape");
            assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        }
        page.locator("[data-figure=opening]").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("How “Knit to the heel line” is worked out");
        look(page, how + " working");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Settings, keys and help"))
                .click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        look(page, how + " keys and settings");
        page.keyboard().press("Escape");
    }

    private void open(Page page, String path) {
        page.navigate(server().url(path));
        assertThat(page.locator("main h1, main h2").first()).isAttached();
    }

    private void look(Page page, String state) {
        seen.add(state);
        axe(page)
                .analyze()
                .getViolations()
                .forEach(rule -> amiss.add(state + ": " + rule.getId() + " "
                        + rule.getNodes().get(0).getHtml()));
    }
}
