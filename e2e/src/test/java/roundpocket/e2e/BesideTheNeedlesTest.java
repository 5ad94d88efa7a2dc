package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Tape, scale, pencil, calendar and pedal beside the needles. */
public class BesideTheNeedlesTest extends BrowserTest {
    private String pairId;

    @BeforeMethod
    public void begun() {
        String body = server().post("/api/pairs", """
                        {"name": "Measured on the way", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}}""").body();
        pairId = new JsonMapper().readTree(body).get("id").asString();
        server().post("/api/laps/" + pairId, "{}");
    }

    private JsonNode lap() {
        return server().json("/api/laps/" + pairId);
    }

    private int rounds(int sock, String id) {
        return lap().at("/works/" + (sock - 1) + "/steps")
                .valueStream()
                .filter(step -> step.get("id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .get("number")
                .asInt();
    }

    private void jump(int to) {
        server().post(
                        "/api/laps/" + pairId + "/events",
                        "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"JUMPED\", \"to\": " + to
                                + ", \"device\": \"test\", \"at\": \"2026-11-23T19:00:00Z\"}]");
    }

    private Page at(int position) {
        jump(position);
        Page page = visit("/pairs/" + pairId + "/lap");
        assertThat(page.locator("[data-press]")).isVisible();
        return page;
    }

    private static Locator sheet(Page page) {
        return page.getByRole(AriaRole.DIALOG);
    }

    private static Locator button(Locator in, String name) {
        return in.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    private static Object focused(Page page) {
        return page.evaluate("() => document.activeElement.textContent");
    }

    /** In the middle of a graft above all: there the way back must be to the very same move. */
    @Test
    public void aRescueLeadsBackToTheSameCount() {
        int graft = 0;
        for (JsonNode step : lap().at("/works/0/steps")) {
            if (step.get("id").asString().equals("heel-graft")) {
                break;
            }
            graft += step.get("number").asInt();
        }
        Page page = at(graft + 5);
        Locator count = page.getByTestId("count");
        assertThat(count).hasText("5");
        page.keyboard().press("r");
        sheet(page)
                .getByRole(AriaRole.LISTITEM)
                .first()
                .getByRole(AriaRole.BUTTON)
                .click();
        assertThat(page.getByTestId("cure").getByRole(AriaRole.HEADING).first())
                .hasText("I was called away in the middle");
        assertAccessible(page);
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("cure")).isVisible();
        button(sheet(page), "Something else").click();
        button(sheet(page), "A stitch slipped off the needle").click();
        button(sheet(page), "Back to my count").click();
        assertThat(sheet(page)).hasCount(0);
        assertThat(count).hasText("5");
    }

    @Test
    public void aTapeCheckMovesTheHeelOnceItIsTaken() {
        Page page = at(31);
        int foot = rounds(1, "foot");
        page.keyboard().press("t");
        Locator sheet = sheet(page);
        sheet.getByLabel("Rounds counted").fill("24");
        sheet.getByLabel("Over a length of").fill("5");
        assertThat(sheet.getByTestId("tried")).containsText("Round gauge");
        assertThat(sheet.getByTestId("tried")).containsText("The second sock will match");
        button(sheet, "Keep the plan").click();
        assertThat(page.getByTestId("count-of")).containsText("of " + foot + " rounds");
        page.keyboard().press("t");
        sheet.getByLabel("Rounds counted").fill("240");
        sheet.getByLabel("Over a length of").fill("5");
        assertThat(sheet.getByRole(AriaRole.ALERT)).containsText("Check the count");
        // From here on by keyboard alone.
        sheet.getByLabel("Rounds counted").focus();
        page.keyboard().press("Control+A");
        page.keyboard().type("24");
        assertThat(button(sheet, "Re-plan from this")).isEnabled();
        for (int tabs = 0; tabs < 9 && !"Re-plan from this".equals(focused(page)); tabs++) {
            page.keyboard().press("Tab");
        }
        page.keyboard().press("Enter");
        assertThat(sheet).hasCount(0);
        int now = rounds(1, "foot");
        assertThat(now).isGreaterThan(foot);
        assertThat(page.getByTestId("count-of")).containsText("of " + now + " rounds");
        assertThat(page.getByTestId("count")).hasText("30");
        assertThat(page.getByTestId("anew")).containsText("foot " + now + ", planned " + foot);
        // the next press counts on the new plan
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count")).hasText("31");
    }

    @Test
    public void theScaleCallsForTheCuffInTime() {
        int foot = rounds(1, "foot");
        Page page = at(2 + foot);
        page.keyboard().press("w");
        Locator sheet = sheet(page);
        button(sheet, "Use the scale").click();
        sheet.getByLabel("On the simulated scale").fill("19");
        button(sheet, "Put it on").click();
        assertThat(sheet.getByTestId("scale")).containsText("Steady at 19 g");
        button(sheet, "Use it").click();
        button(sheet, "Save weight").click();
        Locator cake = sheet.getByTestId("cake");
        assertThat(cake).containsText(Pattern.compile("You have yarn for \\d+ more rounds? of leg"));
        Matcher within = Pattern.compile("for (\\d+) more").matcher(cake.textContent());
        assertThat(within.find()).isTrue();
        assertAccessible(page);
        int leg = rounds(1, "leg");
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("leg-ends")).containsText("not " + leg);
        page.keyboard().press("w");
        button(cake, "Make the leg").click();
        assertThat(sheet).hasCount(0);
        assertThat(page.getByTestId("leg-ends")).hasCount(0);
        assertThat(rounds(1, "leg")).isLessThan(leg).isEqualTo(Math.max(1, Integer.parseInt(within.group(1))));
        page.keyboard().press("w");
        sheet.getByLabel("The yarn weighs").fill("60");
        button(sheet, "Save weight").click();
        assertThat(sheet.getByRole(AriaRole.ALERT)).containsText("new ball");
        button(sheet, "a new ball").click();
        button(sheet, "Save weight").click();
        assertThat(sheet.getByTestId("cake")).containsText("Plenty: this yarn is enough.");
    }

    @Test
    public void roundsOffThePlanAreTakenAsTheyAre() {
        int foot = rounds(1, "foot");
        Page page = at(1 + foot);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("More or fewer rounds"))
                .click();
        Locator sheet = sheet(page);
        sheet.getByLabel("Rounds of the foot").fill("" + (foot + 3));
        assertThat(sheet.getByTestId("tried")).containsText("Foot");
        button(sheet, "Use this").click();
        assertThat(sheet).hasCount(0);
        assertThat(rounds(2, "foot")).isEqualTo(foot + 3);
        assertThat(page.locator("[data-press]")).containsText("Heel line");
    }

    /** In a browser that has never been here, so that nothing is left of an earlier visit. */
    @Test
    public void aSheetOpensWhileTheServerIsAway() {
        jump(5);
        Page page = visitOnAnotherDevice("/pairs/" + pairId + "/lap");
        assertThat(page.locator("[data-press]")).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        server().kill();
        page.keyboard().press("n");
        assertThat(sheet(page)).isVisible();
        server().start();
    }

    @Test
    public void aNoteIsKeptWhileTheServerIsAwayToo() {
        Page page = at(5);
        page.keyboard().press("n");
        Locator sheet = sheet(page);
        server().kill();
        sheet.getByLabel("A note").fill("A knot in the ball here");
        button(sheet, "Save note").click();
        page.keyboard().press("Escape");
        assertThat(page.getByTestId("hearing")).containsText("1 tap is safe here");
        server().start();
        assertThat(page.getByTestId("hearing")).hasAttribute("data-waiting", "0");
        page.keyboard().press("n");
        assertThat(sheet.getByRole(AriaRole.LISTITEM)).containsText("A knot in the ball here");
        button(sheet, "Delete the note").click();
        assertThat(sheet.getByRole(AriaRole.LISTITEM)).hasCount(0);
    }

    @Test
    public void theScheduleSaysWhetherItIsInTime() {
        Page page = at(20);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("When will it be done"))
                .click();
        Locator sheet = sheet(page);
        assertThat(sheet.getByTestId("schedule")).containsText("Done on");
        sheet.getByLabel("At a time").fill("240");
        sheet.getByLabel("Wanted by").fill("2030-12-21");
        assertThat(sheet.getByTestId("schedule")).containsText("In time");
        sheet.getByLabel("At a time").fill("4");
        assertThat(sheet.getByRole(AriaRole.ALERT)).containsText("10 to 960");
        sheet.getByLabel("At a time").fill("60");
        var file = page.waitForDownload(() -> sheet.getByText("Add to calendar").click());
        assertThat(file.suggestedFilename()).endsWith(".ics");
    }

    /** At the end of a section the sock that is behind is next, and it follows the first as that was knitted. */
    @Test
    public void sideBySideTheOneBehindIsNext() {
        String body = server().post("/api/pairs", """
                        {"name": "Both at a time", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}}""").body();
        pairId = new JsonMapper().readTree(body).get("id").asString();
        server().post("/api/laps/" + pairId, "{\"order\": \"IN_TURN\", \"heelWhen\": \"LAST\"}");
        Page page = visit("/pairs/" + pairId + "/lap");
        assertThat(page.locator("[data-press]")).containsText("Cast on");
        int foot = rounds(1, "foot");
        jump(1 + foot);
        server().post(
                        "/api/laps/" + pairId + "/events",
                        "[{\"id\": \"" + UUID.randomUUID()
                                + "\", \"sock\": 1, \"kind\": \"WORKED\", \"section\": \"FOOT\","
                                + " \"rounds\": " + (foot + 2)
                                + ", \"device\": \"test\", \"at\": \"2026-11-23T19:00:00Z\"}]");
        page.reload();
        assertThat(page.locator("main")).containsText("The second sock is behind (not started).");
        page.getByText("Switch to the second").click();
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count-of")).containsText("of " + (foot + 2) + " rounds");
        assertThat(page.getByTestId("anew")).containsText("foot " + (foot + 2) + ", planned " + foot);
        assertThat(page.locator("main")).not().containsText("In turn:");
    }

    /** The pedal in another window presses here, and each press counts once. */
    @Test
    public void thePedalCountsWhereItIsSwitchedOn() {
        Page page = at(3);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sound, vibration and pedal"))
                .click();
        button(sheet(page), "Pedal on").click();
        page.keyboard().press("Escape");
        Page pedal = visitOnAnotherDevice("/pedal");
        for (int i = 1; i <= 3; i++) {
            pedal.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Step on it"))
                    .click();
            assertThat(page.getByTestId("count")).hasText("" + (2 + i));
        }
        assertThat(page.getByTestId("hearing")).hasAttribute("data-waiting", "0");
        assertThat(lap().at("/socks/0/position").asInt()).isEqualTo(6);
    }
}
