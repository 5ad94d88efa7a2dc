package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every view in both lights: axe finds nothing, and nothing is wider than the window. */
public class ViewsTest extends BrowserTest {
    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    @DataProvider
    public Object[][] views() {
        String pair = "/pairs/" + server().json("/api/pairs").get(1).get("id").asString();
        String grafting =
                "/pairs/" + server().json("/api/pairs").get(5).get("id").asString();
        String tube = "/tubes/" + server().json("/api/tubes").get(0).get("id").asString();
        String[][] views = {
            {"/", "Marit’s chamber socks"},
            {"/new", "Three measurements"},
            {pair, "For each sock"},
            {pair + "/card", "ticked by tens"},
            {pair + "/lap", "Tap when the round is done"},
            {
                "/pairs/" + server().json("/api/pairs").get(0).get("id").asString() + "/lap",
                "Back to the plan, to change that"
            },
            {"/feet", "Planned:"},
            {"/feet/sheet", "Hold a ruler to it."},
            {"/yarn", "Swatches"},
            {"/tubes", "stripes repeat every"},
            {tube, "The best cut"},
            {tube + "/sheet", "unpick it all the way round"},
            {"/almanac", "Small calculators"},
            {"/almanac?chapter=RESCUE", "A stitch"},
            {"/almanac?chapter=HEEL_LINE", "2 in before the end of the foot"},
            {"/practice", "which is it"},
            {"/practice?piece=pick-up", "pick up the right leg of each"},
            {"/practice?piece=reading", "The marker is lost"},
            {"/practice?piece=cut", "Where do you cut"},
            {"/help/knitting", "one instruction, one count"},
            {"/log", "Timeline"},
            {"/pedal", "Step on it"},
            {"/help", "The guide, place by place"},
            {"/licences", "built on the work of others"},
            {grafting + "/lap", "Finish the graft in one go"},
            {"/nowhere", "Page not found"},
        };
        return views;
    }

    /** In either light; and nothing is wider than the screen, with letters of twice the size as well. */
    @Test(dataProvider = "views")
    public void aViewIsAccessibleAndFits(String path, String words) {
        Page page = visit(path);
        assertThat(page.locator("main")).containsText(words);
        assertAccessible(page);
        // What is printed at its true size is no wider than the paper, and the paper is wider than a phone.
        boolean paper = path.endsWith("card") || path.endsWith("sheet");
        assertFits(page, 1280, 0);
        assertFits(page, 390, path.endsWith("card") ? 40 : 0);
        if (!paper) {
            assertFits(page, 320, 1);
        }
        page.evaluate("() => document.documentElement.style.setProperty('font-size', '200%', 'important')");
        assertFits(page, 1280, 1);
        if (!paper) {
            assertFits(page, 390, 1);
        }
        page.evaluate("() => document.documentElement.style.removeProperty('font-size')");
        page.setViewportSize(1280, 800);
        inLampLight(page);
        assertReadable(page);
    }

    /** All of them where there is room; on a phone at least the one that is open. */
    @Test
    public void thePlacesAreInSight() {
        Page page = visit("/almanac");
        String cut = "() => { const nav = document.querySelector('nav'); return nav.scrollWidth - nav.clientWidth; }";
        for (int width : new int[] {768, 1024, 1279, 1280}) {
            page.setViewportSize(width, 800);
            assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Almanac")))
                    .isInViewport();
            page.waitForFunction("() => (" + cut + ")() <= 0");
        }
        page.setViewportSize(390, 844);
        page.reload();
        assertThat(page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Almanac")))
                .isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(0.99));
    }

    /** However a tablet is held, all of the knit screen is on it. */
    @Test
    public void theKnitScreenIsWholeOnATablet() {
        Page page =
                visit("/pairs/" + server().json("/api/pairs").get(1).get("id").asString() + "/lap");
        for (int[] held : new int[][] {{820, 1180}, {1180, 820}, {1280, 800}}) {
            page.setViewportSize(held[0], held[1]);
            assertThat(page.getByText("Sound & pedal"))
                    .isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(0.99));
        }
    }

    /** The drawings follow the width a frame later, so this waits for them; what stays too wide fails here. */
    private static void assertFits(Page page, int width, int more) {
        page.setViewportSize(width, 844);
        page.waitForFunction("most => document.documentElement.scrollWidth - window.innerWidth <= most", more);
    }

    /** The page follows the system, while it is open too. */
    private static void inLampLight(Page page) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
        assertThat(page.locator("html")).hasClass("dark");
    }

    @Test
    public void anOpenWordIsAccessibleInBothLights() {
        Page page =
                visit("/pairs/" + server().json("/api/pairs").get(0).get("id").asString());
        page.locator("[data-word=stitches]").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        assertAccessible(page);
        inLampLight(page);
        assertReadable(page);
    }
}
