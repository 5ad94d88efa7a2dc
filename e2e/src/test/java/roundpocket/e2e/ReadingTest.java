package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** Who hears the page instead of seeing it: where the focus is, what is said of a press, and what a name begins with. */
public class ReadingTest extends BrowserTest {
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private String pair(String name) {
        return Server.JSON
                .readTree(server().post("/api/pairs", "{\"name\": \"" + name + "\", \"spec\": " + SPEC + "}")
                        .body())
                .get("id")
                .asString();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** After every change of place the focus is on its heading, so that it is read on from there. */
    @Test
    public void theFocusIsOnTheHeadingOfEveryPlace() {
        pair("Read aloud");
        Page page = visit("/");
        for (String place : List.of("Feet", "Yarn", "Tubes", "Practice", "Log", "Almanac", "Basket")) {
            page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places"))
                    .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(place))
                    .click();
            assertThat(page.getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName(place).setLevel(1)))
                    .isFocused();
        }
    }

    /** Every press is said, or every tenth; what went back always is. */
    @Test
    public void theCountIsSaidAsOftenAsIsWanted() {
        String id = pair("Counted aloud");
        server().post("/api/laps/" + id, "{}");
        Page page = visit("/pairs/" + id + "/lap");
        Locator spoken = page.getByTestId("count-spoken");
        assertThat(page.locator("[data-press]")).isVisible();
        page.keyboard().press("Space"); // cast on
        assertThat(page.getByTestId("count")).hasText("0");
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count")).hasText("1");
        assertThat(spoken).hasText("1 done");
        button(page, "Settings, keys and help").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("every 10th press"))
                .click();
        page.keyboard().press("Escape");
        for (int done = 2; done <= 10; done++) {
            page.keyboard().press("Space");
            assertThat(page.getByTestId("count")).hasText("" + done);
            assertThat(spoken).hasText(done == 10 ? "10 done" : "");
        }
        page.keyboard().press("Backspace");
        assertThat(spoken).hasText("Back to 9");
    }

    /** One key never loses a place for good: what undo took back is made again. */
    @Test
    public void aJumpThatWasTakenBackIsMadeAgain() {
        String id = pair("Jumped");
        server().post("/api/laps/" + id, "{}");
        server().post(
                        "/api/laps/" + id + "/events",
                        "[{\"id\": \"8d0a4d1a-52d4-4a6e-8f7a-0c2f2a6f3b11\", \"sock\": 1, \"kind\": \"JUMPED\","
                                + " \"to\": 41, \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]");
        Page page = visit("/pairs/" + id + "/lap");
        assertThat(page.getByTestId("count")).hasText("40");
        assertThat(button(page, "Redo")).hasCount(0);
        page.keyboard().press("Backspace");
        assertThat(page.getByTestId("count")).hasCount(0); // back at the cast-on
        button(page, "Redo").click();
        assertThat(page.getByTestId("count")).hasText("40");
        assertThat(button(page, "Redo")).hasCount(0);
    }

    /** A plan without a name takes changes back as well. */
    @Test
    public void aPlanWithoutANameTakesAChangeBack() {
        Page page = visit("/new");
        String[][] measures = {
            {"Foot length", "24.6"}, {"Around the ball", "23.1"}, {"Stitches", "31"}, {"Rounds", "43"}
        };
        for (String[] measure : measures) {
            page.getByLabel(measure[0]).first().fill(measure[1]);
        }
        // An Enter before the plan is there only goes to what is missing.
        assertThat(page.getByText("64 stitches around")).isVisible();
        button(page, "Open the plan").click();
        Locator cuff = page.locator("[data-word=cuff]");
        assertThat(cuff).hasText("15 rounds");
        assertThat(button(page, "Undo")).isDisabled();
        cuff.click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Rounds of the cuff"))
                .fill("20");
        page.keyboard().press("Escape");
        assertThat(cuff).hasText("20 rounds");
        button(page, "Undo").click();
        assertThat(cuff).hasText("15 rounds");
        button(page, "Redo").click();
        assertThat(cuff).hasText("20 rounds");
    }

    /** From one paper to the next; each is printed from its own page. */
    @Test
    public void thePapersOfAPairAreInOnePlace() {
        Page page = visit("/pairs/" + pair("On paper"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        Locator papers = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("On paper"));
        for (String paper : List.of("True-size sole", "Size chart", "Pocket card")) {
            papers.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(paper))
                    .click();
            assertThat(papers.locator("[aria-current=page]")).hasText(paper);
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                    .isVisible();
        }
    }

    /** A control that shows words is called by them, first of all (WCAG 2.5.3). */
    @Test
    public void aNameHoldsTheWordsThatAreSeen() {
        String id = pair("Named");
        server().post("/api/laps/" + id, "{}");
        // What is to be there before the names are read; stops between words may differ.
        Map<String, String> places = Map.of(
                "/",
                "[aria-label='Knit Named']",
                "/pairs/" + id,
                "[data-figure=opening]",
                "/pairs/" + id + "/lap",
                "[data-press]",
                "/practice",
                "[data-testid=verdict]");
        for (var place : places.entrySet()) {
            String path = place.getKey();
            Page page = visit(path);
            assertThat(page.locator(place.getValue()).first()).isVisible();
            Object wrong = page.evaluate("() => { const plain = (text) => text.toLowerCase()"
                    + ".replace(/[.:;,·]/g, ' ').replace(/\\s+/g, ' ').trim();"
                    + " return [...document.querySelectorAll('button[aria-label], a[aria-label]')]"
                    + ".map((e) => [plain(e.innerText), plain(e.getAttribute('aria-label'))])"
                    + ".filter(([seen, name]) => /\\p{L}/u.test(seen) && !name.includes(seen))"
                    + ".map((both) => both.join(' | ')).join('; '); }");
            assertThat(wrong).as(path).isEqualTo("");
        }
    }
}
