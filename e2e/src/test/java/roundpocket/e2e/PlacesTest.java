package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
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
        press(page, "Add feet");
        page.getByLabel("Whose feet").fill("Tora");
        page.getByLabel("Around the ball").fill("22,4");
        press(page, "Save");
        assertThat(page.getByText("The foot length is missing.").first()).isVisible();
        page.getByLabel("Longest toe to heel").fill("9.1");
        press(page, "Save");
        assertThat(page.getByText("(you entered 9.1 cm)").first()).isVisible();
        page.getByLabel("Longest toe to heel").fill("24.1");
        page.getByLabel("Under the heel, over the ankle").fill("30.5");
        page.getByLabel("Toe shape").selectOption("ROUND");
        press(page, "Save");
        assertThat(measures(page, "Tora").nth(0))
                .containsText(line("both", "24.1 cm", "22.4 cm", "30.5 cm", "–", "round"));
        page.reload();
        press(page, "Edit Tora");
        page.getByLabel("Longest toe to heel").fill("24.3");
        press(page, "Cancel");
        assertThat(kept(page, "Tora")).containsText("24.1 cm");
        press(page, "Delete Tora");
        page.getByRole(AriaRole.ALERTDIALOG)
                .getByText("Delete", new Locator.GetByTextOptions().setExact(true))
                .click();
        assertThat(kept(page, "Tora")).hasCount(0);
        assertThat(page.getByText("Deleted “Tora”."))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(15_000));
        assertThat(server().json("/api/feet").findValuesAsString("name")).doesNotContain("Tora");
    }

    /** The lines of somebody's measures, the latest first. */
    private static Locator measures(Page page, String name) {
        return kept(page, name).locator("tbody tr");
    }

    private static Pattern line(String... cells) {
        return Pattern.compile(String.join("\\s*", cells).replace(".", "\\."));
    }

    @Test
    public void growingFeetAreMeasuredAgainAndTheRightOneByItself() {
        Page page = visit("/feet");
        press(page, "Add feet");
        page.getByLabel("Whose feet").fill("Lilje");
        page.getByLabel("Longest toe to heel").fill("16.1");
        page.getByLabel("Around the ball").fill("15.9");
        page.getByLabel("Measured on").fill("2026-02-01");
        press(page, "Save");
        assertThat(measures(page, "Lilje")).hasCount(1);

        press(page, "Measure again Lilje");
        page.getByLabel("Longest toe to heel").fill("17");
        press(page, "The right foot differs");
        Locator right = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Right foot"));
        right.getByLabel("Longest toe to heel").fill("99");
        page.getByLabel("Measured on").fill("2026-01-15");
        press(page, "Save");
        assertThat(right.getByText("(you entered 99 cm)")).isVisible();
        right.getByLabel("Longest toe to heel").fill("17.4");
        press(page, "Save");
        assertThat(page.getByText("last measured on 2026-02-01").first()).isVisible();
        page.getByLabel("Measured on").fill("2026-08-15");
        page.getByLabel("Notes").fill("Grew over the summer.");
        press(page, "Save");
        assertThat(measures(page, "Lilje")).hasCount(3);
        assertThat(measures(page, "Lilje").nth(0)).containsText(line("left", "17.0 cm", "15.9 cm"));
        assertThat(measures(page, "Lilje").nth(1)).containsText(line("right", "17.4 cm", "15.9 cm"));
        assertThat(measures(page, "Lilje").nth(2)).containsText(line("both", "16.1 cm", "15.9 cm"));

        // the next pair is planned on the longer of the two
        page.navigate(server().url("/new"));
        press(page, "Lilje");
        page.getByLabel("Stitches").fill("30");
        page.getByLabel("Rounds").fill("42");
        press(page, "Open the plan");
        assertThat(page.locator("[data-word='other-foot']")).containsText("17.4 cm");
    }

    /** A CSS millimetre is 96 / 25.4 pixels by definition, so what is drawn is as long as it says. */
    @Test
    public void theMeasuringSheetIsTrueToSize() {
        Page page = visit("/feet/sheet");
        assertThat(page.getByText("5 cm each way").first()).isVisible();
        waitUntilDrawn(page, 50 * 96 / 25.4);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("inches").setExact(true))
                .click();
        assertThat(page.getByText("2 in each way").first()).isVisible();
        waitUntilDrawn(page, 2 * 96);
    }

    /** Waits until the square is so many pixels wide on the screen, without its outline; the drawing follows its words. */
    private static void waitUntilDrawn(Page page, double pixels) {
        page.waitForFunction(
                "wanted => { const r = document.querySelector('svg rect');"
                        + " return Math.abs(r.getBBox().width * r.getScreenCTM().a - wanted) < 0.01; }",
                pixels);
    }

    @Test
    public void aFootThatWasChangedElsewhereIsNotOverwrittenUnasked() {
        JsonNode foot = new JsonMapper()
                .readTree(server().post(
                                "/api/feet",
                                "{\"name\": \"Runa\", \"foot\": {\"lengthMm\": 250, \"ballGirthMm\": 240}}")
                        .body());
        Page page = visit("/feet");
        press(page, "Edit Runa");
        page.getByLabel("Longest toe to heel").fill("25.5");
        server().put(
                        "/api/feet/" + foot.get("id").asString(),
                        "{\"version\": 0, \"name\": \"Runa\", \"foot\": {\"lengthMm\": 251, \"ballGirthMm\": 240}}");
        press(page, "Save");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed elsewhere");
        press(page, "Keep mine");
        assertThat(kept(page, "Runa")).containsText("25.5 cm");
    }

    @Test
    public void aYarnAndItsSwatchAreAdded() {
        Page page = visit("/yarn");
        press(page, "Add a yarn");
        page.getByLabel("Name of the yarn").fill("Clapper wool");
        page.getByLabel("Label says").fill("380");
        page.getByLabel("in", new Page.GetByLabelOptions().setExact(true)).fill("100");
        page.getByLabel("Nylon (or similar)").fill("250");
        press(page, "Save");
        assertThat(page.getByText("Nylon must be 0 to 100 % (you entered 250 %)")
                        .first())
                .isVisible();
        page.getByLabel("Nylon (or similar)").fill("25");
        press(page, "Save");
        assertThat(kept(page, "Clapper wool")).containsText("380 m per 100 g · not weighed · 25 % nylon (or similar)");
        press(page, "Add a swatch");
        page.getByLabel("Name of the swatch").fill("Clapper, twice washed");
        page.getByLabel("Stitches", new Page.GetByLabelOptions().setExact(true)).fill("30.5");
        press(page, "Save");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("0 rounds per 10 cm");
        page.getByLabel("Rounds", new Page.GetByLabelOptions().setExact(true)).fill("42");
        press(page, "Save");
        assertThat(kept(page, "Clapper, twice washed")).containsText("Stitches: 30.5 over 10.0 cm");
    }

    private void keepPair(String name, int lengthMm, int ballMm) {
        String spec = "{\"foot\": {\"lengthMm\": " + lengthMm + ", \"ballGirthMm\": " + ballMm + "}, \"swatch\": {"
                + "\"stitches\": [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]},"
                + "\"choices\": {\"tube\": {\"legMm\": 70}}}";
        server().post("/api/pairs", "{\"name\": \"" + name + "\", \"spec\": " + spec + "}");
    }

    @Test
    public void stripesAndAKnotAreKeptAndItsEnoughForALittlePair() {
        keepPair("Great pair", 288, 272);
        keepPair("Little pair", 140, 140);
        Page page = visit("/yarn");
        press(page, "Add a yarn");
        page.getByLabel("Name of the yarn").fill("Rope’s end");
        page.getByLabel("Label says").fill("400");
        page.getByLabel("in", new Page.GetByLabelOptions().setExact(true)).fill("100");
        page.getByLabel("Weight you have").fill("34");
        page.getByLabel("Fibre").fill("80 % wool, 20 % nylon");
        page.getByLabel("remnant").check();
        press(page, "Add stripes");
        page.getByLabel("Yarn in it").first().fill("4.5");
        press(page, "Add a band");
        press(page, "Add a knot");
        page.getByLabel("Knot 1, from the outer end").fill("12");
        press(page, "Save");
        Locator yarn = kept(page, "Rope’s end");
        assertThat(yarn)
                .containsText(
                        "remnant · 400 m per 100 g · 34 g left · 80 % wool, 20 % nylon · 3 bands of colour · a knot 12 m"
                                + " from the outer end");
        yarn.getByText("Is it enough for another pair?").click();
        Locator verdicts = yarn.locator("tbody tr");
        assertThat(verdicts.filter(new Locator.FilterOptions().setHasText("Great pair")))
                .containsText(Pattern.compile("\\d+ g ± \\d+ g\\s*\\d+ g short\\s*not enough"));
        assertThat(verdicts.filter(new Locator.FilterOptions().setHasText("Little pair")))
                .containsText(Pattern.compile("\\d+ g ± \\d+ g\\s*\\d+ g\\s*plenty"));
        press(page, "Edit Rope’s end");
        press(page, "Remove band 3");
        press(page, "Save");
        assertThat(page.getByLabel("Edit Rope’s end")).isVisible();
        JsonNode kept = server().json("/api/yarns")
                .valueStream()
                .filter(each -> each.get("name").asString().equals("Rope’s end"))
                .findFirst()
                .orElseThrow();
        assertThat(kept.at("/cake/stripes")).hasSize(2);
        assertThat(kept.at("/cake/stripes/0/lengthM").asDouble()).isEqualTo(4.5);
    }

    @Test
    public void theAlmanacIsSearchedAndItsAddressKeepsTheSearch() {
        Page page = visit("/almanac");
        page.getByLabel("Search").fill("munden");
        assertThat(page.getByText("length of one loop").first()).isVisible();
        assertThat(page).hasURL(Pattern.compile("words=munden"));
        page.reload();
        assertThat(page.getByLabel("Search")).hasValue("munden");
        page.getByLabel("Search").fill("zzz");
        assertThat(page.getByText("Nothing in the almanac has all of these words."))
                .isVisible();
        page.getByLabel("Search").fill("");
        assertThat(page).not().hasURL(Pattern.compile("words="));
        press(page, "cautions");
        assertThat(page.getByTestId("found")).containsText("7 of ");
        assertThat(page.getByText("gives no medical advice").first()).isVisible();
    }

    @Test
    public void theAlmanacIsOpenedChapterByChapter() {
        Page page = visit("/almanac");
        Locator chapters = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Chapters"));
        chapters.getByText("Where the heel goes").click();
        assertThat(page.locator("h2")).hasText("Where the heel goes");
        assertThat(page.getByText("2 in before the end of the foot").first()).isVisible();
        assertThat(page.getByTestId("found")).containsText(Pattern.compile("^\\d\\d of \\d\\d\\d$"));
        press(page, "methods");
        assertThat(page.locator("h2")).hasText("Where the heel goes");
        page.reload();
        assertThat(page.locator("h2")).hasText("Where the heel goes");
        // from far down in one the next is begun at its beginning, and back leads back
        press(page, "everything");
        chapters.getByText("The tube").click();
        page.evaluate("() => scrollTo(0, document.body.scrollHeight)");
        chapters.getByText("Stripes").click();
        assertThat(page.locator("h2")).hasText("Stripes");
        assertThat(page.locator("h2")).isInViewport();
        page.goBack();
        assertThat(page.locator("h2")).hasText("The tube");
        // what is searched for is looked for everywhere
        page.getByLabel("Search").fill("five eighths");
        assertThat(page.locator("h2")).hasText("Heel and toe");
        chapters.getByText("Small calculators").click();
        assertThat(page.getByLabel("Search")).hasValue("");
        assertThat(page.locator("h2")).hasText("Small calculators");
    }

    @Test
    public void theSmallCalculatorsAnswer() {
        Page page = visit("/almanac");
        // 22.5 cm × 0.9 × 31 to 10 cm = 62.8, by fours 64; EU 39: 260 − 15 = 245 mm, from memory
        assertThat(page.getByText("64 stitches").first()).isVisible();
        assertThat(page.getByText("24.5 cm, ± 5 mm")).isVisible();
        assertThat(page.getByText("30.0 cm").first()).isVisible();
        // 31 in 10 cm: 1.96 × √((0.5 ÷ √3)² + (2 % of 31)²) = 1.34 (JCGM 100, 4.3.7; the 2 % from memory)
        assertThat(page.getByText("31 stitches per 10 cm, ± 1.3 stitches")).isVisible();
        page.getByLabel("Over", new Page.GetByLabelOptions().setExact(true)).fill("20");
        page.getByLabel("Counted", new Page.GetByLabelOptions().setExact(true)).fill("62");
        assertThat(page.getByText("31 stitches per 10 cm, ± 0.9 stitches")).isVisible();
        page.getByLabel("Around the ball").fill("24");
        press(page, "stitches in the tube: 68 stitches. How it’s worked out"); // 24 cm × 0.9 × 31 to 10 cm = 66.96
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("= 24 cm × (1 − 0.1) × 31 ÷ 10 cm");
        assertAccessible(page);
        press(page, "Close");
        page.getByLabel("Around the ball").fill("5");
        assertThat(page.getByText("8 to 40 cm (you entered 5 cm)")).isVisible();
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
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places")))
                .isVisible();
    }

    @Test
    public void aFileIsReadAndItsWrongLinesAreNamed() {
        Page page = visit("/feet");
        FilePayload file = new FilePayload(
                "tower.csv",
                "text/csv",
                "name,length_mm,ball_girth_mm\nYrsa,246,231\nEinar,24,231\n".getBytes(StandardCharsets.UTF_8));
        page.locator("input[type=file]").setInputFiles(file);
        assertThat(page.getByTestId("csv")).containsText("Nothing was imported from tower.csv.");
        assertThat(page.getByTestId("csv")).containsText("Line 3, length_mm: Foot length must be 10 to 36 cm");
        press(page, "Import only the valid lines");
        assertThat(page.getByTestId("csv")).containsText("Imported 1 line from");
        assertThat(kept(page, "Yrsa")).containsText("24.6 cm");
        assertThat(kept(page, "Einar")).hasCount(0);
        assertAccessible(page);
    }

    @Test
    public void keysAndSettingsAreOpenedByAQuestionMark() {
        Page page = visit("/almanac");
        assertThat(page.getByLabel("Search")).isVisible();
        page.keyboard().press("?");
        Locator sheet = page.getByRole(AriaRole.DIALOG);
        assertThat(sheet).containsText("undo");
        assertAccessible(page);
        sheet.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("left-handed"))
                .click();
        page.keyboard().press("Escape");
        assertThat(sheet).hasCount(0);
        page.getByLabel("Search").press("?");
        assertThat(sheet).hasCount(0);
        assertThat((String) page.evaluate("localStorage.getItem('round-pocket.settings')"))
                .contains("\"hand\":\"left\"");
    }
}
