package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A knitter of any school finds hers, sees what it would do, takes it, and takes it back. */
public class SchoolsTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 246, "ballGirthMm": 231},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "yarn": {"lengthM": 420, "massG": 100, "onHandG": %d},
             "choices": {"heel": {"plainRounds": 4}}}""";

    private final JsonMapper json = new JsonMapper();
    private String id;

    @BeforeMethod
    public void aFreshPair() {
        keep(SPEC.formatted(100));
    }

    private void keep(String spec) {
        String pair = "{\"name\": \"ringing socks\", \"spec\": " + spec + "}";
        id = json.readTree(server().post("/api/pairs", pair).body()).get("id").asString();
    }

    private JsonNode stored() {
        return server().json("/api/pairs/" + id);
    }

    private JsonNode planOf(JsonNode spec) {
        return json.readTree(
                server().post("/api/plans/preview", spec.toString()).body());
    }

    private Page plan() {
        Page page = visit("/pairs/" + id);
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        return page;
    }

    private static Locator word(Page page, String name) {
        return page.locator("[data-word=" + name + "]");
    }

    /** One of the things that can be taken in the panel of a word. */
    private static Locator option(Page page, String name, String title) {
        word(page, name).click();
        // The browser reads the pattern, which knows no \\Q and \\E.
        String asItStands = title.replaceAll("[()]", "\\\\$0");
        return page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + asItStands)));
    }

    private static void take(Page page, String name, String title) {
        option(page, name, title).click();
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        assertThat(page.getByTestId("kept")).hasText("Saved");
    }

    /** A figure with its rounds, as they stand together in the list. */
    private static void shows(Page page, String figure, int rounds) {
        assertThat(page.locator("[data-figure=" + figure + "]")).containsText(rounds + "rounds");
    }

    @DataProvider
    public Object[][] schools() {
        return new Object[][] {
            {"heel-school", "narrow wedge"},
            {"heel-school", "wedge, then quick"},
            {"heel-school", "three-speed round"},
            {"heel-school", "your own"},
            {"heel-school", "short rows"},
            {"toe-start", "closed start"},
            {"toe-start", "short rows"},
            {"direction", "cuff-down"},
            {"direction", "from a ready tube"},
            {"opening", "snip afterwards"},
            {"opening", "two lifelines"},
            {"corners", "close them later"},
            {"placing", "2 in (5.1 cm) short"},
            {"placing", "on the foot"},
            {"leg-from", "tall, measured from the floor"},
            {"rib", "1×1 rib"},
        };
    }

    /** Rounds to the heel line: top-down without the cuff, which is a figure of its own before it. */
    private static int toTheLine(JsonNode plan) {
        boolean cuffDown = plan.at("/tube/way/id").asString().equals("CUFF_DOWN");
        int cuff = cuffDown ? plan.at("/cuff/rounds/value").asInt() : 0;
        return plan.at("/tube/heelLine/count/rounds/value").asInt() - cuff;
    }

    @Test(dataProvider = "schools")
    public void everySchoolIsTakenAndItsFiguresAreTheCores(String word, String title) {
        Page page = plan();
        take(page, word, title);
        assertThat(word(page, word)).hasAttribute("data-state-of-word", "own");
        JsonNode plan = planOf(stored().get("spec"));
        shows(page, "opening", toTheLine(plan));
        shows(page, "heel", plan.at("/heel/shaping/rounds/value").asInt());
        shows(page, "toe", plan.at("/toe/shaping/rounds/value").asInt());
        assertThat(page.locator("[data-figure=pick-up]"))
                .containsText(plan.at("/opening/comesOut/value").asInt() + " ");
        page.reload();
        shows(page, "opening", toTheLine(plan));
        assertThat(word(page, word)).hasAttribute("data-state-of-word", "own");
    }

    @Test
    public void aSchoolSaysWhatItWouldDoBeforeItIsTaken() {
        Page page = plan();
        // narrow wedge: 32 to 12 in 10 decrease rounds, with 4 plain 24 rounds, and the opening 4 rounds earlier
        Locator narrow = option(page, "heel-school", "narrow wedge");
        assertThat(narrow).containsText("heel line after 62 rounds");
        assertThat(narrow).containsText("heel 24 rounds to 12 + 12 sts");
        shows(page, "heel", 20);
        narrow.click();
        shows(page, "heel", 24);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to the usual"))
                .click();
        shows(page, "heel", 20);
        assertThat(word(page, "heel-school")).hasAttribute("data-state-of-word", "usual");
    }

    @Test
    public void whatDoesNotSuitThisSockSaysWhyAndIsNotTaken() {
        Page page = plan();
        Locator byShoe = option(page, "placing", "by shoe size");
        assertThat(byShoe).containsText("No shoe size for this foot yet");
        byShoe.press("Enter");
        page.keyboard().press("Escape");
        assertThat(word(page, "placing")).hasAttribute("data-state-of-word", "usual");
    }

    @Test
    public void changesAreTakenBackAndMadeAgainAlsoOnAnotherDay() {
        Page page = plan();
        Locator undo = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"));
        assertThat(undo).isDisabled();
        take(page, "heel-school", "narrow wedge");
        shows(page, "heel", 24);
        undo.click();
        shows(page, "heel", 20);
        page.keyboard().press("Control+Shift+Z");
        shows(page, "heel", 24);
        page.keyboard().press("Control+z");
        shows(page, "heel", 20);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Redo"))
                .click();
        shows(page, "heel", 24);
        assertThat(page.getByTestId("kept")).hasText("Saved");
        page.reload();
        shows(page, "heel", 24);
        undo.click();
        shows(page, "heel", 20);
    }

    @Test
    public void aDoubtLeadsToTheWordThatCuresIt() {
        keep(SPEC.formatted(40));
        Page page = plan();
        assertThat(page.getByTestId("heavy-doubts")).containsText("Not enough yarn");
        page.locator("[data-doubt='yarn.not-enough'] button").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("The yarn");
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Weight you have, if weighed"))
                .fill("120");
        assertThat(page.locator("[data-doubt='yarn.not-enough']")).hasCount(0);
        assertThat(page.getByTestId("heavy-doubts").filter(new Locator.FilterOptions().setHasText("yarn")))
                .hasCount(0);
    }

    @Test
    public void namesOfPlacingMarksNeverOverlap() {
        for (int width : new int[] {1280, 800, 390}) {
            Page page = plan();
            page.setViewportSize(width, 844);
            page.getByText("Compare heel placements").click();
            Locator names = page.locator("svg[role=slider] text")
                    .filter(new Locator.FilterOptions()
                            .setHasText(Pattern.compile("short,|quarters,|thirds,|heel’s depth,")));
            assertThat(names).hasCount(7);
            List<BoundingBox> boxes = new ArrayList<>();
            names.all().forEach(name -> boxes.add(name.boundingBox()));
            for (int i = 0; i < boxes.size(); i++) {
                for (int k = 0; k < i; k++) {
                    assertThat(apart(boxes.get(i), boxes.get(k))).isTrue();
                }
                assertThat(boxes.get(i).x).isNotNegative();
                assertThat(boxes.get(i).x + boxes.get(i).width).isLessThanOrEqualTo(width);
            }
            page.close();
        }
    }

    private static boolean apart(BoundingBox a, BoundingBox b) {
        return a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y + 3 || b.y + b.height <= a.y + 3;
    }

    @Test
    public void figuresAndTapeLightEachOtherUp() {
        Page page = plan();
        page.locator("[data-figure=cuff]").hover();
        assertThat(page.getByTestId("lit")).isVisible();
        BoundingBox tape = page.locator("svg[role=slider]").boundingBox();
        page.mouse().move(tape.x + 40, tape.y + 150); // over the toe
        assertThat(page.locator("[data-figure=toe]")).hasAttribute("data-lit", "true");
        page.mouse().move(5, 5);
        assertThat(page.getByTestId("lit")).hasCount(0);
    }

    @Test
    public void twoPlansStandOnOneTape() {
        Page page = plan();
        page.getByText("Pin this plan to compare").click();
        assertThat(page.getByTestId("compare")).containsText("No figure differs yet");
        take(page, "heel-school", "narrow wedge");
        assertThat(page.getByTestId("compare")).containsText("20 rounds to 16 + 16 sts");
        assertThat(page.getByTestId("compare")).containsText("24 rounds to 12 + 12 sts");
        assertAccessible(page);
        page.getByText("Restore pinned plan").click();
        shows(page, "heel", 20);
    }

    @Test
    public void questionsTheOtherWayRoundAreAnswered() {
        Page page = plan();
        page.getByLabel("How many stitches for this much negative ease?").fill("15");
        assertThat(page.getByText("60 stitches, actually")).isVisible();
        page.getByLabel("How long a leg from this much yarn?").fill("20");
        assertThat(page.getByText("None: there isn’t even enough for the rest of the sock."))
                .isVisible();
        page.getByLabel("Stitches around").fill("64");
        page.getByLabel("Toe tip to the heel line").fill("86");
        page.getByLabel("Heel", new Page.GetByLabelOptions().setExact(true)).fill("20");
        page.getByLabel("Above the heel", new Page.GetByLabelOptions().setExact(true))
                .fill("54");
        assertThat(page.getByText("A foot 24.7 cm long")).isVisible(); // 106 rounds at 43 to 10 cm
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Working").setExact(true))
                .last()
                .click();
        assertThat(page.getByTestId("in-short")).containsText("24.7 cm");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("How “Foot size” is worked out");
    }
}
