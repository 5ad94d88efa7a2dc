package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Every view in both lights: axe finds nothing, and nothing is wider than the window. */
public class ViewsTest extends BrowserTest {
    @Override
    protected String[] arguments() {
        return new String[] {"--pocket.demo=true"};
    }

    @DataProvider
    public Object[][] views() {
        String pair = "/pairs/" + server().json("/api/pairs").get(1).get("id").asString();
        String grafting =
                "/pairs/" + server().json("/api/pairs").get(5).get("id").asString();
        String[][] views = {
            {"/", "Marit’s chamber socks"},
            {"/new", "Three measurements"},
            {pair, "For each sock"},
            {pair + "/card", "ticked by tens"},
            {pair + "/lap", "Tap when the round is done"},
            {"/pairs/" + server().json("/api/pairs").get(0).get("id").asString() + "/lap", "When do you knit the heel?"
            },
            {"/feet", "Planned for them"},
            {"/feet/sheet", "Hold a ruler to it."},
            {"/yarn", "Swatches"},
            {"/almanac", "Small calculators"},
            {"/practice", "which is it"},
            {"/practice?piece=pick-up", "Pick up the right leg"},
            {"/practice?piece=reading", "The marker is lost"},
            {"/log", "How it fits and wears"},
            {"/pedal", "Step on it"},
            {grafting + "/lap", "Finish the graft in one go"},
            {"/nowhere", "Nothing is kept here"},
        };
        Object[][] all = new Object[views.length * 2][];
        for (int i = 0; i < views.length; i++) {
            all[2 * i] = new Object[] {views[i][0], views[i][1], "day"};
            all[2 * i + 1] = new Object[] {views[i][0], views[i][1], "lamp"};
        }
        return all;
    }

    @Test(dataProvider = "views")
    public void aViewIsAccessibleAndFits(String path, String words, String light) {
        Page page = visit(path);
        page.evaluate("light => localStorage.setItem('round-pocket.settings', JSON.stringify({light}))", light);
        page.reload();
        assertThat(page.locator("main")).containsText(words);
        assertAccessible(page);
        for (int width : new int[] {1280, 390}) {
            page.setViewportSize(width, 844);
            // The drawings follow the width a frame later, so this waits for them; what stays too wide fails here.
            page.waitForFunction(
                    "most => document.documentElement.scrollWidth - window.innerWidth <= most",
                    path.endsWith("card") && width < 500 ? 40 : 0);
        }
    }

    /** Letters of twice the size: nothing is wider than the screen, at the table and, for what is used there, in the lap. */
    @Test(dataProvider = "views")
    public void aViewFitsWithLettersOfTwiceTheSize(String path, String words, String light) {
        if (light.equals("lamp")) {
            return; // the light changes no size
        }
        Page page = visit(path);
        assertThat(page.locator("main")).containsText(words);
        page.addStyleTag(new Page.AddStyleTagOptions().setContent("html { font-size: 200% !important }"));
        boolean inTheLap = path.equals("/") || path.endsWith("lap") || path.equals("/pedal");
        for (int width : inTheLap ? new int[] {1280, 390} : new int[] {1280}) {
            page.setViewportSize(width, 844);
            page.waitForFunction("() => document.documentElement.scrollWidth <= window.innerWidth + 1");
        }
    }

    @Test
    public void anOpenWordIsAccessibleInBothLights() {
        for (String light : new String[] {"day", "lamp"}) {
            Page page = visit("/");
            page.evaluate("light => localStorage.setItem('round-pocket.settings', JSON.stringify({light}))", light);
            page.navigate(server().url("/pairs/"
                    + server().json("/api/pairs").get(0).get("id").asString()));
            page.locator("[data-word=stitches]").click();
            assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
            assertAccessible(page);
        }
    }
}
