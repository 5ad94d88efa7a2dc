package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Knitting beside the plan: the count is right whatever happens. */
public class LapTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 118, "ballGirthMm": 118},
             "swatch": {"stitches": [{"count": 26, "spanMm": 100}], "rounds": [{"count": 36, "spanMm": 100}]},
             "choices": {"tube": {"legMm": 60}, "heel": {"plainRounds": 1}, "toe": {"plainRounds": 0},
                         "opening": {"way": "SNIP"}, "finish": {"cuffRounds": 8}}}""";

    private String pairId;

    @BeforeMethod
    public void pair() {
        String body = server().post("/api/pairs", "{\"name\": \"Little ringers\", \"spec\": " + SPEC + "}")
                .body();
        pairId = new JsonMapper().readTree(body).get("id").asString();
    }

    private JsonNode lap() {
        return server().json("/api/laps/" + pairId);
    }

    private int position(int sock) {
        return lap().get("socks").get(sock - 1).get("position").asInt();
    }

    private Page begun() {
        server().post("/api/laps/" + pairId, "{}");
        Page page = visit("/pairs/" + pairId + "/lap");
        assertThat(page.locator("[data-press]")).isVisible();
        return page;
    }

    /** Takes another way at a word of the recipe, and waits until the plan has it. */
    private void choose(Page page, String word, String title) {
        page.locator("[data-word=" + word + "]").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(title))
                .first()
                .click();
        page.keyboard().press("Escape");
        assertThat(page.locator("[data-word=" + word + "]")).hasText(title.toLowerCase(Locale.ROOT));
        page.waitForCondition(
                () -> server().json("/api/pairs/" + pairId).get("version").asInt() > 0);
    }

    private static void button(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    @Test
    public void aWholePairIsKnittedByKeyboard() {
        Page page = visit("/pairs/" + pairId);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Knit"))
                .click();
        assertThat(page.getByText("One after the other: first one sock, then the other."))
                .isVisible();
        button(page, "Start knitting");
        assertThat(page.locator("[data-press]")).containsText("Cast on");
        Needles.pressAll(server(), page, pairId, 1);
        assertThat(position(1)).isEqualTo(lap().at("/works/0/presses").asInt());
        button(page, "On to the second");
        assertThat(page).hasURL(Pattern.compile("sock=2"));
        Needles.pressAll(server(), page, pairId, 2);
        page.navigate(server().url("/"));
        page.getByText("Show finished pairs").click();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Finished pairs")))
                .containsText("Little ringers");
    }

    @Test
    public void twoAtATimeArePressedTogetherAndTakenBackTogether() {
        Page page = visit("/pairs/" + pairId);
        choose(page, "order", "Two at a time");
        page.navigate(server().url("/pairs/" + pairId + "/lap"));
        button(page, "Start knitting");
        assertThat(page.locator("[data-press]")).containsText("Cast on, both socks");
        assertThat(page.getByText("Undo the start")).isVisible();
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        page.keyboard().press("]");
        page.keyboard().press("Space");
        Needles.heard(page);
        assertEquals(List.of(position(1), position(2)), List.of(3, 2));
        page.keyboard().press("]");
        page.keyboard().press("]");
        assertThat(page.locator("[data-press]")).containsText("second sock");
        page.keyboard().press("Backspace");
        assertThat(page.locator("[data-press]")).containsText("both socks");
        page.keyboard().press("Backspace");
        Needles.heard(page);
        assertEquals(List.of(position(1), position(2)), List.of(1, 1));
        assertAccessible(page);
        page.keyboard().press("Backspace");
        Needles.pressPair(server(), page, pairId);
        assertEquals(position(2), lap().at("/works/1/presses").asInt());
    }

    @Test
    public void theOrderOfTheSocksChangesOnTheWay() {
        Page page = begun();
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        button(page, "One sock or both");
        page.getByRole(AriaRole.DIALOG).getByLabel("Two at a time").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.locator("[data-press]")).containsText("Cast on, second sock");
        Needles.heard(page);
        assertEquals(List.of(position(1), position(2)), List.of(2, 0));
    }

    @Test
    public void aStartIsTakenBackWhileNothingIsKnitted() {
        Page page = begun();
        page.getByText("Undo the start").click();
        page.getByText("Back to the plan, to change that").click();
        choose(page, "heel-when", "Last of all");
        page.navigate(server().url("/pairs/" + pairId + "/lap"));
        assertThat(page.getByText("the toe first; the heel closes the sock")).isVisible();
        button(page, "Start knitting");
        assertThat(page.locator("[data-press]")).containsText("Cast on");
        page.keyboard().press("Space");
        assertThat(page.getByText("Undo the start")).hasCount(0);
        Needles.heard(page);
        assertThat(lap().get("heelWhen").asString()).isEqualTo("LAST");
    }

    /** The plan is edited on the way: what would change here is shown, and taken only when she says so. */
    @Test
    public void anEditedPlanIsTakenOverOnTheWay() {
        Page page = begun();
        page.keyboard().press("Space");
        Needles.heard(page);
        JsonNode pair = server().json("/api/pairs/" + pairId);
        String spec = pair.get("spec").toString().replace("\"cuffRounds\":8", "\"cuffRounds\":11");
        server().put(
                        "/api/pairs/" + pairId,
                        "{\"version\": " + pair.get("version").asInt() + ", \"name\": \"x\", \"spec\": " + spec + "}");
        page.reload();
        assertThat(page.getByTestId("plan-moved")).isVisible();
        page.getByText("See what it would change here").click();
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet.getByTestId("tried")).containsText("Cuff");
        button(page, "Follow the changed plan");
        assertThat(sheet).hasCount(0);
        assertThat(page.getByTestId("plan-moved")).hasCount(0);
        assertThat(page.getByTestId("anew")).isVisible();
    }

    @Test
    public void pressesAreTakenBackAndAJumpIsOneOfThem() {
        Page page = begun();
        page.keyboard().press("Space");
        page.keyboard().press("Enter");
        page.keyboard().press("Space");
        assertThat(page.getByTestId("count")).hasText("2");
        page.keyboard().press("]");
        assertThat(page.locator("[data-press]")).containsText("Cast on");
        page.keyboard().press("[");
        page.keyboard().press("Backspace");
        assertThat(page.getByTestId("count")).hasText("1");
        button(page, "Change my place");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("How many of its rounds are done").fill("9999");
        assertThat(dialog.getByText(Pattern.compile("There are \\d+; enter 0 to")))
                .isVisible();
        dialog.getByLabel("How many of its rounds are done").fill("6");
        dialog.getByText("Set my place").click();
        assertThat(page.getByTestId("count")).hasText("6");
        button(page, "Undo");
        assertThat(page.getByTestId("count")).hasText("1");
        page.reload();
        assertThat(page.getByTestId("count")).hasText("1");
        Needles.heard(page);
        assertThat(position(1)).isEqualTo(2);
    }

    /** One hand holds the phone: what is pressed lies where its thumb is, and everything else is a press further. */
    @Test
    public void oneThumbReachesEverything() {
        Page page = begun();
        page.setViewportSize(390, 844);
        button(page, "Sound, vibration and pedal");
        button(page, "keys at the right thumb");
        page.keyboard().press("Escape");
        Locator keys = page.getByLabel("Keys for one thumb");
        BoundingBox undo = keys.getByText("Undo").boundingBox();
        assertThat(undo.x).as("at the right edge").isGreaterThan(390 - 110);
        assertThat(undo.y + undo.height).as("at the lower edge").isBetween(800.0, 844.0);
        assertThat(undo.height).isGreaterThanOrEqualTo(72);
        assertThat((boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
                .isTrue();
        page.locator("[data-press]").click();
        page.locator("[data-press]").click();
        assertThat(page.getByTestId("count")).hasText("1");
        BoundingBox press = page.locator("[data-press]").boundingBox();
        assertThat(press.y + press.height).as("down to the lower edge").isGreaterThan(790);
        keys.getByText("Undo").click();
        assertThat(page.getByTestId("count")).hasText("0");
        keys.getByText("More").click();
        button(page, "Change my place");
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("How many of its rounds are done").fill("4");
        dialog.getByText("Set my place").click();
        assertThat(page.getByTestId("count")).hasText("4");
        keys.getByText("More").click();
        button(page, "Weigh the yarn");
        assertThat(dialog).containsText("Weigh the yarn");
        page.keyboard().press("Escape");
        keys.getByText("More").click();
        button(page, "Show the second sock");
        assertThat(page.locator("[data-press]")).containsText("Cast on");
        page.reload();
        keys.getByText("More").click();
        button(page, "Back to the usual screen");
        assertThat(keys).hasCount(0);
        assertThat(page.getByLabel("Beside the needles")).isVisible();
    }

    /** The server is killed while presses come, and the page is left before it is back. */
    @Test
    public void noPressIsLostWhenTheServerIsGone() {
        Page page = begun();
        page.keyboard().press("Space");
        assertThat(page.locator("[data-press]")).containsText("Tap when the round is done");
        Needles.heard(page); // or there would be one more that waits
        server().kill();
        for (int i = 0; i < 7; i++) {
            page.keyboard().press("Space");
        }
        page.keyboard().press("Backspace");
        assertThat(page.getByTestId("count")).hasText("6");
        assertThat(page.getByTestId("hearing")).containsText("8 taps are safe here");
        page.navigate("about:blank");
        server().start();
        page.navigate(server().url("/pairs/" + pairId + "/lap"));
        assertThat(page.getByTestId("count")).hasText("6");
        Needles.heard(page);
        assertThat(page.getByTestId("hearing")).isEmpty();
        assertThat(position(1)).isEqualTo(7);
    }

    /** The browser's store is filled to its last byte: presses still count, and what is at risk is said. */
    @Test
    public void aBrowserWithoutRoomSaysSoAndCountsOn() {
        Page page = begun();
        page.evaluate("() => { for (let size = 4e6; size >= 1; size /= 2) { try { for (;;)"
                + " localStorage.setItem('full' + Math.random(), 'x'.repeat(size)); } catch {} } }");
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        Needles.heard(page);
        assertThat(position(1)).isEqualTo(2);
        server().kill();
        page.keyboard().press("Space");
        assertThat(page.getByTestId("hearing")).containsText("This browser has no room to save them");
        server().start();
        Needles.heard(page);
        assertThat(position(1)).isEqualTo(3);
    }

    /** A pair that is thrown away meanwhile: what was pressed for it has nowhere to go, and is not sent for ever. */
    @Test
    public void pressesOfAPairThatIsGoneAreLetGo() {
        Page page = begun();
        server().delete("/api/pairs/" + pairId + "?version=0");
        page.keyboard().press("Space");
        page.keyboard().press("Space");
        assertThat(page.getByTestId("hearing")).containsText("may have been deleted");
        Needles.heard(page);
    }

    @Test
    public void twoDevicesAddUpAndSaySo() {
        Page phone = begun();
        Page table = visitOnAnotherDevice("/pairs/" + pairId + "/lap");
        assertThat(table.locator("[data-press]")).isVisible();
        for (Page page : List.of(phone, table, phone, table)) {
            page.keyboard().press("Space");
            Needles.heard(page);
        }
        table.reload();
        assertThat(table.getByTestId("count")).hasText("3");
        table.keyboard().press("Space");
        assertThat(table.getByTestId("hearing")).containsText("also being counted on another device");
    }
}
