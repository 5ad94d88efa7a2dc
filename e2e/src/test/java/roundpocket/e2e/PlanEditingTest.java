package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Changing a stored plan word by word. */
public class PlanEditingTest extends BrowserTest {
    private static final String PAIR = """
            {"name": "ringing socks", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}}""";

    private String id;

    @BeforeMethod
    public void aFreshPair() {
        id = new JsonMapper()
                .readTree(server().post("/api/pairs", PAIR).body())
                .get("id")
                .asString();
    }

    private JsonNode stored() {
        return server().json("/api/pairs/" + id);
    }

    private Page plan() {
        Page page = visit("/pairs/" + id);
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        return page;
    }

    private static Locator word(Page page, String name) {
        return page.locator("[data-word=" + name + "]");
    }

    private static Locator panel(Page page, String name) {
        word(page, name).click();
        return page.getByRole(AriaRole.DIALOG);
    }

    private static void close(Page page) {
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
    }

    private static Locator button(Locator within, String name) {
        return within.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name));
    }

    @Test
    public void aStitchCountOfOnesOwnDecidesAndAnEaseTakesOverAgain() {
        Page page = plan();
        button(panel(page, "stitches"), "60 stitches").click();
        assertThat(word(page, "ease")).hasText("16.2 % smaller");
        assertThat(word(page, "stitches")).hasAttribute("data-state-of-word", "own");
        close(page);
        panel(page, "ease").getByRole(AriaRole.TEXTBOX).fill("5");
        assertThat(word(page, "stitches")).hasText("68 stitches"); // 231 × 0.95 × 0.31 = 68.0
        assertThat(word(page, "stitches")).hasAttribute("data-state-of-word", "usual");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(stored().at("/spec/choices/size/ease").asDouble()).isEqualTo(0.05);
        assertThat(stored().at("/spec/choices/size").has("stitches")).isFalse();
    }

    @Test
    public void moreReadingsMakeTheGaugeTheirMeanAndCanBeStruck() {
        Page page = plan();
        Locator panel = panel(page, "gauge-rounds");
        button(panel, "Add another count").click();
        panel.getByLabel("Counted, 2.").fill("45");
        assertThat(word(page, "gauge-rounds")).hasText("44 rounds");
        assertThat(panel).containsText("Gauge: 44 rounds per 10 cm");
        button(panel, "Remove count 1").click();
        assertThat(word(page, "gauge-rounds")).hasText("45 rounds");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(stored().at("/spec/swatch/rounds").size()).isEqualTo(1);
    }

    @Test
    public void whatIsAtHandSaysWhatIsLeftOrMissing() {
        Page page = plan();
        Locator panel = panel(page, "yarn");
        panel.getByLabel("Weight you have, if weighed").fill("100");
        assertThat(page.locator("[data-figure=yarn]")).containsText("left over");
        panel.getByLabel("Weight you have, if weighed").fill("50");
        assertThat(page.locator("[data-figure=yarn]")).containsText("10 g short");
        button(panel, "Back to the usual").click();
        assertThat(word(page, "yarn")).hasText("sock yarn, 420 m per 100 g");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(stored().get("spec").has("yarn")).isFalse();
    }

    @Test
    public void aChangeIsKeptEvenWhenThePlaceIsLeftAtOnce() {
        Page page = plan();
        panel(page, "cuff").getByRole(AriaRole.TEXTBOX).fill("19");
        close(page);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        assertThat(page.getByTestId("card")).containsText("Cuff 19");
        assertThat(stored().at("/spec/choices/finish/cuffRounds").asInt()).isEqualTo(19);
    }

    @Test
    public void aNameIsTypedOverAndAnEmptyOneChangesNothing() {
        Page page = plan();
        Locator name = page.getByLabel("Name of the pair");
        name.fill("Sunday socks");
        page.keyboard().press("Enter");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        assertThat(page).hasTitle("Sunday socks · Round Pocket");
        name.fill("  ");
        page.keyboard().press("Enter");
        assertThat(name).hasValue("Sunday socks");
        page.waitForTimeout(600);
        assertThat(stored().get("name").asString()).isEqualTo("Sunday socks");
    }

    @Test
    public void aRoundOfTheHeelTellsWhatToDo() {
        Page page = plan();
        Locator heel =
                page.locator("svg[aria-hidden] g").filter(new Locator.FilterOptions().setHasText("decrease to 30"));
        heel.first().hover();
        assertThat(page.locator("main"))
                .containsText("Round 7, on each needle: k1, ssk, k26, k2tog, k1. By then 444 stitches and 1.3 g.");
    }
}
