package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** Whatever opens over a plan or beside the needles is whole on the screen: nothing spills, nothing is cut off. */
public class PanelsTest extends BrowserTest {
    private static final int NARROWEST = 320;

    private static final String EVERYTHING = """
            {"name": "Panels", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "striping": {"bands": [{"name": "madder", "colour": "#a13d4b", "lengthM": 5},
                                    {"name": "woad", "colour": "#2b4a6f", "lengthM": 6.5}]},
             "yarn": {"lengthM": 420, "massG": 100},
             "choices": {"pattern": {"place": "BOTH", "rows": "k2, yo, ssk"},
              "toe": {"school": "SHORT_ROWS"}, "heel": {"school": "OWN", "phases": [{"every": 3, "times": 1}, {"every": 1, "times": 2}]}}}}""";

    /** What of an open panel lies outside it, or outside the window, or is cut off. */
    private static final String SPILLED = """
            () => {
              const panel = [...document.querySelectorAll('[role=dialog], [role=alertdialog]')].at(-1);
              const box = panel.getBoundingClientRect();
              const name = e => e.tagName.toLowerCase() + ' “' + (e.textContent || e.value || '').slice(0, 30) + '”';
              const found = [];
              if (box.left < -1 || box.right > innerWidth + 1) {
                found.push('the panel itself, ' + Math.round(box.left) + ' to ' + Math.round(box.right));
              }
              for (const e of panel.querySelectorAll('*')) {
                const at = e.getBoundingClientRect();
                const style = getComputedStyle(e);
                const hidden = at.width <= 1 || at.height <= 1 || style.visibility === 'hidden';
                if (hidden || e.closest('svg') && e.tagName !== 'svg') continue;
                if (at.right > box.right + 1 || at.left < box.left - 1) {
                  found.push(name(e) + ' by ' + Math.round(Math.max(at.right - box.right, box.left - at.left)));
                } else if (e.scrollWidth > e.clientWidth + 1 && style.overflowX !== 'visible'
                    && e.clientWidth > 0 && !['INPUT', 'SELECT', 'TEXTAREA'].includes(e.tagName)) {
                  found.push(name(e) + ' holds ' + e.scrollWidth + ' in ' + e.clientWidth);
                }
              }
              return found;
            }""";

    @Override
    protected Server.Holding holding() {
        return Server.Holding.DEMO;
    }

    @DataProvider
    static Object[][] screens() {
        return new Object[][] {
            {NARROWEST, "100%", ColorScheme.LIGHT},
            {390, "200%", ColorScheme.DARK},
            {768, "100%", ColorScheme.DARK},
            {1280, "200%", ColorScheme.LIGHT},
        };
    }

    @Test(dataProvider = "screens")
    public void nothingSpills(int width, String letters, ColorScheme light) {
        List<String> spilled = new ArrayList<>();
        String pair = "/pairs/" + server().json("/api/pairs").get(1).get("id").asString();
        Page page = screen("/pairs/" + everything(), width, letters, light);
        words(page, spilled);
        page.locator("[data-figure=opening]").click();
        assertThat(page.getByText("Step by step")).isVisible();
        page.getByText("Step by step").click();
        look(page, "a working", spilled);
        page.close();
        if (width == NARROWEST) {
            page = screen("/pairs/" + ofAReadyTube(), width, letters, light);
            words(page, spilled);
            page.close();
        }
        page = screen(pair + "/lap", width, letters, light);
        for (String tool : OpenStatesTest.TOOLS) {
            page.getByText(tool, new Page.GetByTextOptions().setExact(true)).click();
            look(page, tool, spilled);
        }
        page.close();
        assertThat(spilled).isEmpty();
    }

    private String everything() {
        return new JsonMapper()
                .readTree(server().post("/api/pairs", EVERYTHING).body())
                .get("id")
                .asString();
    }

    private String ofAReadyTube() {
        return server().json("/api/pairs")
                .valueStream()
                .filter(each -> each.at("/spec/choices/tube/way").asString("").equals("READY_TUBE"))
                .findFirst()
                .orElseThrow()
                .get("id")
                .asString();
    }

    private Page screen(String path, int width, String letters, ColorScheme light) {
        Page page = visit(path);
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(light));
        page.setViewportSize(width, 844);
        page.evaluate("size => document.documentElement.style.setProperty('font-size', size, 'important')", letters);
        assertThat(page.locator(path.endsWith("lap") ? "[data-press]" : "[data-figure=opening]"))
                .isVisible();
        Locator folded = page.getByText("Show the whole recipe");
        if (!path.endsWith("lap") && folded.count() > 0) {
            folded.click();
        }
        return page;
    }

    private void words(Page page, List<String> spilled) {
        Locator words = page.locator("[data-word]");
        int number = words.count();
        assertThat(number).isGreaterThan(20);
        for (int i = 0; i < number; i++) {
            String name = words.nth(i).getAttribute("data-word");
            words.nth(i).click();
            look(page, name, spilled);
        }
    }

    private static void look(Page page, String what, List<String> spilled) {
        Locator panel = page.getByRole(AriaRole.DIALOG);
        assertThat(panel).isVisible();
        panel.evaluate("panel => Promise.all(panel.getAnimations().map(each => each.finished))");
        for (Object each : (List<?>) page.evaluate(SPILLED)) {
            spilled.add(what + ": " + each);
        }
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }
}
