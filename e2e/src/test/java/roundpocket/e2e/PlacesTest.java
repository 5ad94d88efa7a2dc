package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Feet, yarn and the almanac, as somebody uses them who comes for the first time. */
public class PlacesTest extends BrowserTest {
    private static void press(Page page, String name) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name))
                .first()
                .click();
    }

    private static Locator kept(Page page, String name) {
        return page.locator("[data-kept='" + name + "']");
    }

    @Test
    public void aFootIsMeasuredChangedAndThrownAway() {
        Page page = visit("/feet");
        press(page, "Measure a foot");
        page.getByLabel("Whose foot").fill("Tora");
        page.getByLabel("Round the ball").fill("22,4");
        press(page, "Keep it");
        assertThat(page.getByText("The length of the foot is missing.").first()).isVisible();
        page.getByLabel("Longest toe to heel").fill("9.1");
        press(page, "Keep it");
        assertThat(page.getByText("A foot of 9.1 cm is outside").first()).isVisible();
        page.getByLabel("Longest toe to heel").fill("24.1");
        page.getByLabel("Under the heel, over the ankle").fill("30.5");
        page.getByLabel("How the toes end").selectOption("ROUND");
        press(page, "Keep it");
        assertThat(kept(page, "Tora")).containsText("24.1 cm long · 22.4 cm round the ball · 30.5 cm over the heel");
        assertThat(kept(page, "Tora")).containsText("round toes");
        page.reload();
        press(page, "Change Tora");
        page.getByLabel("Longest toe to heel").fill("24.3");
        press(page, "Leave it as it was");
        assertThat(kept(page, "Tora")).containsText("24.1 cm long");
        press(page, "Throw away Tora");
        press(page, "For good");
        assertThat(kept(page, "Tora")).hasCount(0);
        assertThat(server().json("/api/feet").findValuesAsString("name")).doesNotContain("Tora");
    }

    @Test
    public void aFootThatWasChangedElsewhereIsNotOverwrittenUnasked() {
        JsonNode foot = new JsonMapper()
                .readTree(server().post(
                                "/api/feet",
                                "{\"name\": \"Runa\", \"foot\": {\"lengthMm\": 250, \"ballGirthMm\": 240}}")
                        .body());
        Page page = visit("/feet");
        press(page, "Change Runa");
        page.getByLabel("Longest toe to heel").fill("25.5");
        server().put(
                        "/api/feet/" + foot.get("id").asString(),
                        "{\"version\": 0, \"name\": \"Runa\", \"foot\": {\"lengthMm\": 251, \"ballGirthMm\": 240}}");
        press(page, "Keep it");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed elsewhere");
        press(page, "Keep mine");
        assertThat(kept(page, "Runa")).containsText("25.5 cm long");
    }

    @Test
    public void aYarnAndItsSwatchAreAdded() {
        Page page = visit("/yarn");
        press(page, "Add a yarn");
        page.getByLabel("Name of the yarn").fill("Clapper wool");
        page.getByLabel("Label says").fill("380");
        page.getByLabel("in", new Page.GetByLabelOptions().setExact(true)).fill("100");
        page.getByLabel("Nylon or the like").fill("250");
        press(page, "Keep it");
        assertThat(page.getByText("250 % of nylon cannot be").first()).isVisible();
        page.getByLabel("Nylon or the like").fill("25");
        press(page, "Keep it");
        assertThat(kept(page, "Clapper wool")).containsText("380 m in 100 g · not weighed · 25 % nylon or the like");
        press(page, "Count a swatch");
        page.getByLabel("Name of the swatch").fill("Clapper, twice washed");
        page.getByLabel("Stitches", new Page.GetByLabelOptions().setExact(true)).fill("30.5");
        press(page, "Keep it");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0 rounds in 10 cm");
        page.getByLabel("Rounds", new Page.GetByLabelOptions().setExact(true)).fill("42");
        press(page, "Keep it");
        assertThat(kept(page, "Clapper, twice washed")).containsText("Stitches: 30.5 over 10.0 cm");
    }

    @Test
    public void theAlmanacIsSearchedAndItsAddressKeepsTheSearch() {
        Page page = visit("/almanac");
        page.getByLabel("Look for").fill("munden");
        assertThat(page.getByText("length of one loop").first()).isVisible();
        assertThat(page).hasURL(Pattern.compile("words=munden"));
        page.reload();
        assertThat(page.getByLabel("Look for")).hasValue("munden");
        page.getByLabel("Look for").fill("zzz");
        assertThat(page.getByText("Nothing in the almanac has all of these words."))
                .isVisible();
        page.getByLabel("Look for").fill("");
        assertThat(page).not().hasURL(Pattern.compile("words="));
        press(page, "cautions");
        assertThat(page.getByTestId("found")).containsText("7 of ");
        assertThat(page.getByText("This application gives no medical advice").first())
                .isVisible();
    }

    @Test
    public void theSmallCalculatorsAnswer() {
        Page page = visit("/almanac");
        // 22.5 cm × 0.9 × 30 to 10 cm = 60.75, by fours 60; EU 39: 260 − 15 = 245 mm, from memory
        assertThat(page.getByText("60 stitches, really 11.1 % smaller")).isVisible();
        assertThat(page.getByText("about 24.5 cm, good to half a centimetre")).isVisible();
        assertThat(page.getByText("16 and 16 loops, 64 moves, a tail of 30.0 cm"))
                .isVisible();
        page.getByLabel("Round the ball").fill("5");
        assertThat(page.getByText("5.0 cm round the ball is outside")).isVisible();
    }

    @Test
    public void everyPlaceHasItsTitleAndBackLeadsBack() {
        Page page = visit("/");
        for (String place : new String[] {"Feet", "Yarn", "Almanac"}) {
            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(place))
                    .click();
            assertThat(page).hasTitle(place + " · Round Pocket");
        }
        page.goBack();
        assertThat(page).hasTitle("Yarn · Round Pocket");
        page.goForward();
        assertThat(page).hasTitle("Almanac · Round Pocket");
        assertThat(page.getByRole(AriaRole.NAVIGATION)).isVisible();
    }

    @Test
    public void aFileIsReadAndItsWrongLinesAreNamed() {
        Page page = visit("/feet");
        FilePayload file = new FilePayload(
                "tower.csv",
                "text/csv",
                "name,length_mm,ball_girth_mm\nYrsa,246,231\nEinar,24,231\n".getBytes(StandardCharsets.UTF_8));
        page.locator("input[type=file]").setInputFiles(file);
        assertThat(page.getByTestId("csv")).containsText("Nothing was taken in from tower.csv.");
        assertThat(page.getByTestId("csv")).containsText("Line 3, length_mm: A foot of 2.4 cm is outside");
        press(page, "Read only the lines that are right");
        assertThat(page.getByTestId("csv")).containsText("1 line was taken in");
        assertThat(kept(page, "Yrsa")).containsText("24.6 cm long");
        assertThat(kept(page, "Einar")).hasCount(0);
        assertAccessible(page);
    }

    @Test
    public void keysAndSettingsAreOpenedByAQuestionMark() {
        Page page = visit("/almanac");
        assertThat(page.getByLabel("Look for")).isVisible();
        page.keyboard().press("?");
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("take the last change back");
        assertAccessible(page);
        sheet.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("left hand"))
                .click();
        page.keyboard().press("Escape");
        assertThat(sheet).hasCount(0);
        page.getByLabel("Look for").press("?");
        assertThat(sheet).hasCount(0);
        assertThat((String) page.evaluate("localStorage.getItem('round-pocket.settings')"))
                .contains("\"hand\":\"left\"");
    }
}
