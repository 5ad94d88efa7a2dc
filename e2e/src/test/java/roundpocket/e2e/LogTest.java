package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** From the last press of a pair to the plan of the next one on that foot. */
public class LogTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}""";

    private JsonNode post(String path, String body) {
        return new JsonMapper().readTree(server().post(path, body).body());
    }

    private String pair(String name, String footId) {
        return post(
                        "/api/pairs",
                        "{\"name\": \"" + name + "\", \"footId\": \"" + footId + "\", \"spec\": " + SPEC + "}")
                .get("id")
                .asString();
    }

    private void finish(String pair) {
        post("/api/laps/" + pair, "{}");
        for (int sock = 1; sock <= 2; sock++) {
            int presses = server().json("/api/laps/" + pair)
                    .at("/works/" + (sock - 1) + "/presses")
                    .asInt();
            post(
                    "/api/laps/" + pair + "/events",
                    "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": " + sock + ", \"kind\": \"JUMPED\", \"to\": "
                            + presses + ", \"device\": \"test\", \"at\": \"2026-11-20T19:00:00Z\"}]");
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    public void howAPairFitsIsProposedForTheNextOne() {
        String foot = post("/api/feet", "{\"name\": \"Marit\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}")
                .get("id")
                .asString();
        Page page = visit("/log");
        assertThat(page.locator("main")).containsText("No pair is finished yet");
        String worn = pair("Worn on the stairs", foot);
        String next = pair("The next ones", foot);
        finish(worn);
        page.reload();
        Locator entry = page.getByTestId("log-entry");
        assertThat(entry).containsText("Worn on the stairs");
        button(page, "Note how it fits or wears: Worn on the stairs").click();
        page.getByLabel("Kind of note").selectOption("HEEL_TIGHT");
        page.getByLabel("In your own words").fill("after a day");
        button(page, "Save note").click();
        assertThat(button(page, "Note how it fits or wears: Worn on the stairs"))
                .isFocused();
        assertThat(entry).containsText("Heel tight. after a day");
        assertAccessible(page);
        button(page, "Replace a heel").click();
        assertThat(page.getByTestId("new-heel")).containsText("Cut the old heel off: cannot be undone");

        page.navigate(server().url("/pairs/" + next));
        Locator proposals =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("From pairs worn on this foot"));
        assertThat(proposals).containsText("Tight at 6 plain rounds: try 8 at the heel.");
        assertThat(page.locator("[data-word='heel-plain']")).containsText("6 plain rounds");
        button(page, "Use this").click();
        assertThat(page.locator("[data-word='heel-plain']")).containsText("8 plain rounds");
        assertThat(proposals).hasCount(0);
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(server().json("/api/pairs/" + next)
                        .at("/spec/choices/heel/plainRounds")
                        .asInt())
                .isEqualTo(8);
        page.reload();
        assertThat(page.locator("[data-word='heel-plain']")).containsText("8 plain rounds");
        assertThat(proposals).hasCount(0);
        // Undone by hand it is proposed again.
        page.locator("[data-word='heel-plain']").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Plain rounds at the heel"))
                .fill("6");
        page.keyboard().press("Escape");
        assertThat(proposals).containsText("Tight at 6 plain rounds: try 8 at the heel.");
    }

    /** The leg was made ten rounds shorter on the way: the next plan hears of it, and the same pair again has it. */
    @Test
    public void whatTheNeedlesTaughtIsTakenOverAndKnittedAgain() {
        String foot = post("/api/feet", "{\"name\": \"Odd\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}")
                .get("id")
                .asString();
        String knitted = pair("Shorter on the way", foot);
        String next = pair("Ones after these", foot);
        post("/api/laps/" + knitted, "{}");
        happened(knitted, "JUMPED", "\"to\": 70");
        happened(knitted, "WORKED", "\"section\": \"LEG\", \"rounds\": 20");
        Page page = visit("/pairs/" + next);
        Locator taught =
                page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What the needles taught"));
        assertThat(taught).containsText("Plan a leg of");
        taught.getByText("Why?").click();
        assertThat(taught).containsText("You made the leg shorter than planned. Then: ");
        assertAccessible(page);
        button(page, "Use this").click();
        assertThat(taught).hasCount(0);
        assertThat(page.getByTestId("kept")).hasText("Saved");
        page.reload();
        assertThat(page.getByTestId("kept")).isVisible();
        assertThat(taught).hasCount(0);
        finish(knitted);
        page.navigate(server().url("/log"));
        page.getByTestId("log-entry")
                .filter(new Locator.FilterOptions().setHasText("Shorter on the way"))
                .getByText("Knit these again")
                .click();
        assertThat(page.getByLabel("Name of the pair", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Shorter on the way, again");
        String again = page.url().replaceFirst(".*/pairs/", "");
        int leg = server().json("/api/laps/" + again)
                .at("/works/0/stretches")
                .valueStream()
                .filter(each -> each.get("section").asString().equals("LEG"))
                .findFirst()
                .orElseThrow()
                .get("all")
                .asInt();
        org.testng.Assert.assertEquals(leg, 20, 1.0);
    }

    /** A hole in the second sock stands on its picture, and on the shelf of feet; the yarn needs no swatch any more. */
    @Test
    public void whereItWearsIsDrawnAndItsYarnIsKnown() {
        String foot = post("/api/feet", "{\"name\": \"Tore\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}")
                .get("id")
                .asString();
        String yarn = post(
                        "/api/yarns",
                        "{\"name\": \"Known well\", \"colour\": \"#336699\","
                                + " \"yarn\": {\"lengthM\": 420, \"massG\": 100, \"onHandG\": 100}}")
                .get("id")
                .asString();
        String worn = post(
                        "/api/pairs",
                        "{\"name\": \"Worn through\", \"footId\": \"" + foot + "\", \"yarnId\": \"" + yarn
                                + "\", \"spec\": " + SPEC + "}")
                .get("id")
                .asString();
        post("/api/laps/" + worn, "{}");
        happened(worn, "JUMPED", "\"to\": 60");
        happened(worn, "MEASURED", "\"rounds\": 41.5, \"spanMm\": 100");
        finish(worn);
        Page page = visit("/log");
        Locator entry = page.getByTestId("log-entry").filter(new Locator.FilterOptions().setHasText("Worn through"));
        button(page, "Note how it fits or wears: Worn through").click();
        page.getByLabel("Kind of note").selectOption("HOLE");
        page.getByLabel("Where").selectOption("TOE");
        page.getByLabel("Which sock").selectOption("second");
        button(page, "Save note").click();
        assertThat(entry).containsText("Toe: a hole");
        assertThat(entry.locator("svg").nth(0).getByText("1")).hasCount(0);
        assertThat(entry.locator("svg").nth(1).getByText("1")).hasCount(1);
        page.navigate(server().url("/feet"));
        assertThat(page.locator("main")).containsText("Worn through · ");
        assertThat(page.locator("main")).containsText("toe: a hole");
        page.navigate(server().url("/new"));
        button(page, "Known well").click();
        assertThat(page.getByLabel("Stitches")).hasValue("31");
        assertThat(page.getByLabel("Rounds")).hasValue("41.5");
        button(page, "Tore").click();
        button(page, "Open the plan").click();
        assertThat(page.locator("[data-word='yarn']")).containsText("Known well");
        assertThat(page.locator("[data-word='gauge-rounds']")).containsText("41.5 rounds");
    }

    private void happened(String pair, String kind, String what) {
        post(
                "/api/laps/" + pair + "/events",
                "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"" + kind
                        + "\", \"device\": \"test\", \"at\": \"2026-11-01T19:00:00Z\", " + what + "}]");
    }
}
