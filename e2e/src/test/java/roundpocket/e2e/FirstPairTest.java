package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import roundpocket.core.foot.Foot;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;

/** A new knitter before an empty basket. */
public class FirstPairTest extends BrowserTest {
    private static final double A6_WIDTH_PT = 105 / 25.4 * 72;
    private static final double HALF_LETTER_WIDTH_PT = 5.5 * 72;

    @BeforeMethod
    public void emptyTheBasket() {
        server().json("/api/pairs").forEach(pair -> server().delete("/api/pairs/"
                + pair.get("id").asString() + "?version=" + pair.get("version").asLong()));
    }

    private static SockPlan corePlan(double lengthMm, double ballMm, double stitches, double rounds, Choices choices) {
        return new SockSpec(
                        new Foot(lengthMm, ballMm),
                        new Swatch(List.of(new Reading(stitches, 100)), List.of(new Reading(rounds, 100))),
                        Yarn.usual(),
                        choices)
                .plan();
    }

    private static void measure(Page page, String length, String ball, String stitches, String rounds) {
        page.getByLabel("Foot length").fill(length);
        page.getByLabel("Around the ball of the foot").fill(ball);
        page.getByLabel("Stitches").fill(stitches);
        page.getByLabel("Rounds").fill(rounds);
    }

    private static void open(Page page) {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Open the plan"))
                .click();
        assertThat(figure(page, "opening")).isVisible();
    }

    private static Locator figure(Page page, String name) {
        return page.locator("[data-figure=" + name + "]");
    }

    private static void shows(Page page, String figure, String... numbers) {
        for (String number : numbers) {
            assertThat(figure(page, figure))
                    .containsText(Pattern.compile("(?<![\\d.])" + number.replaceAll("[.+]", "\\\\$0")));
        }
    }

    @Test
    public void threeMeasurementsMakeAPairThatIsThereTomorrow() {
        Page page = visit("/");
        measure(page, "23,4", "22.1", "30", "42");
        page.getByLabel("Whose feet?").fill("Ylva");
        open(page);

        SockPlan plan = corePlan(234, 221, 30, 42, Choices.usual());
        showsThePlan(page, plan);
        page.getByLabel("Name this pair").fill("Belfry socks");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Name of the pair")).hasValue("Belfry socks");
        page.reload();
        showsThePlan(page, plan);
        assertThat(page.getByTestId("recipe")).containsText("For Ylva’s feet (23.4 cm long, 22.1 cm around the ball,");

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Round Pocket"))
                .click();
        // The basket holds the one pair; the plan, which has many items, may not have gone yet.
        assertThat(page.getByRole(AriaRole.LISTITEM)).hasCount(1);
        assertThat(page.getByRole(AriaRole.LISTITEM)).containsText("Belfry socks");
        assertThat(page.getByRole(AriaRole.LISTITEM))
                .containsText("knit " + plan.tube().rounds().foot().count() + " rounds to the heel line");
        assertThat(server().json("/api/feet").get(0).get("name").asString()).isEqualTo("Ylva");
    }

    private static void showsThePlan(Page page, SockPlan plan) {
        shows(page, "stitches", "" + plan.stitchCount().stitches().count());
        shows(page, "opening", "" + plan.tube().rounds().foot().count());
        shows(
                page,
                "leg",
                "" + plan.tube().rounds().leg().count(),
                plan.tube().rounds().tube().count() + " rounds");
        shows(
                page,
                "pick-up",
                plan.opening().below().count() + " + " + plan.opening().above().count());
        shows(page, "heel", "" + plan.heel().shaping().rounds().count());
        shows(
                page,
                "yarn",
                (plan.yarn().pairGrams().plusMinus95() < 10 ? "%.1f" : "%.0f")
                        .formatted(plan.yarn().pairGrams().value()));
    }

    @Test
    public void everyChangeIsComputedAtOnceAndKept() {
        Page page = visit("/new");
        measure(page, "24.6", "23.1", "31", "43");
        open(page);
        page.getByLabel("Name this pair").fill("Changing socks");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Name of the pair")).hasValue("Changing socks");

        page.locator("[data-word=heel-plain]").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Plain rounds at the heel"))
                .fill("7");
        Choices seven = Choices.usual().withHeel(ShapingChoice.plain(7));
        SockPlan plan = corePlan(246, 231, 31, 43, seven);
        shows(page, "heel", "" + plan.heel().shaping().rounds().count());
        shows(page, "opening", "" + plan.tube().rounds().foot().count());
        assertThat(page.locator("[data-word=heel-plain]")).hasAttribute("data-state-of-word", "own");
        assertThat(page.getByTestId("kept")).hasText("Saved");
        page.reload();
        assertThat(page.locator("[data-word=heel-plain]")).hasText("7 plain rounds");

        page.locator("[data-word=heel-plain]").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back to the usual"))
                .click();
        assertThat(page.locator("[data-word=heel-plain]")).hasAttribute("data-state-of-word", "usual");
    }

    @Test
    public void inchesAreUsedEverywhereAndRemembered() {
        Page page = visit("/new");
        measure(page, "24.13", "22.86", "31", "39");
        open(page);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("inches").setExact(true))
                .click();
        assertThat(page.locator("[data-word=foot-length]")).hasText("9 1/2 in");
        assertThat(page.locator("[data-word=gauge-stitches]")).hasText("31.5 stitches");
        assertThat(page.getByTestId("cursor-reading")).containsText("in from the toe tip");
        assertThat(page.locator("body")).not().containsText(Pattern.compile("\\d cm"));
        page.reload();
        assertThat(page.locator("[data-word=foot-length]")).hasText("9 1/2 in");

        page.locator("[data-word=foot-length]").click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Longest toe to heel"))
                .fill("17 3/4");
        assertThat(page.locator("[data-word=foot-length]")).hasAttribute("data-state-of-word", "amiss");
        assertThat(page.getByRole(AriaRole.ALERT).first()).containsText("3 7/8 to 14 1/8 in");
    }

    /** Tenths stand behind a comma where the reader is at home with one, in what the server says as well. */
    @Test
    public void whoWritesCommasReadsCommas() {
        Page page = visitFrom("de-DE", "/new");
        measure(page, "24,6", "23,1", "31", "43");
        open(page);
        Locator length = page.locator("[data-word=foot-length]");
        assertThat(length).hasText("24,6 cm");
        assertThat(page.getByTestId("cursor-reading")).containsText(Pattern.compile("\\d,\\d cm from the toe tip"));
        assertThat(page.locator("body")).not().containsText(Pattern.compile("\\d\\.\\d+ (cm|mm|g|m|%)\\b"));
        length.click();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName("Longest toe to heel"))
                .fill("40,5");
        Locator said = page.getByRole(AriaRole.ALERT).first();
        assertThat(said).containsText("10 to 36 cm (you entered 40,5 cm)");
        page.keyboard().press("Escape");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("inches").setExact(true))
                .click();
        assertThat(said).containsText("3 7/8 to 14 1/8 in (you entered 16 in)");
    }

    @Test
    public void theWorkingLeadsFromTheAnswerToTheMeasurements() {
        Page page = visit("/new");
        measure(page, "24.6", "23.1", "31", "43");
        open(page);
        figure(page, "opening").click();
        Locator working = page.getByRole(AriaRole.DIALOG);
        assertThat(working).containsText("opening − toe");
        assertThat(working).containsText("84 − 20");
        assertThat(working).containsText("19.484 cm × 43 ÷ 10 cm");
        assertThat(working).containsText("foot length = 24.6 cm");
        assertThat(working).containsText("Most sensitive to foot length");
        assertAccessible(page);
        page.keyboard().press("Escape");
        assertThat(working).not().isVisible();
    }

    @Test
    public void theCursorReadsRoundByRound() {
        Page page = visit("/new");
        measure(page, "24.6", "23.1", "31", "43");
        open(page);
        Locator needle = page.getByRole(AriaRole.SLIDER);
        needle.focus();
        page.keyboard().press("Home");
        assertThat(page.getByTestId("cursor-reading")).containsText("toe round 20 of 20 · 0.2 cm from the toe tip");
        page.keyboard().press("Shift+ArrowRight");
        page.keyboard().press("Shift+ArrowRight");
        assertThat(page.getByTestId("cursor-reading"))
                .containsText("round 1 from the start of the tube, where the toe ends, in the foot · 4.9 cm");
        page.keyboard().press("End");
        page.keyboard().press("ArrowRight");
        assertThat(needle).hasAttribute("aria-valuenow", "138");
    }

    @Test
    public void thePocketCardPrintsOnOnePage() throws IOException {
        Page page = visit("/new");
        measure(page, "28", "26", "34", "48");
        open(page);
        page.getByLabel("Name this pair")
                .fill("Card socks with a name as long as names may be, which is eighty characters, no more");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Name of the pair")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Print"))
                .click();
        printsOnOnePage(page, A6_WIDTH_PT);
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("inches").setExact(true))
                .click();
        assertThat(page.getByTestId("card")).hasClass(Pattern.compile("half-letter"));
        printsOnOnePage(page, HALF_LETTER_WIDTH_PT);
    }

    private static void printsOnOnePage(Page page, double widthPt) throws IOException {
        assertThat(page.getByTestId("card")).containsText("Rounds, ticked by tens");
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true).setPrintBackground(true));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat((double) document.getPage(0).getMediaBox().getWidth()).isCloseTo(widthPt, within(2.0));
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("Pick up", "graft", "k2tog: knit two").doesNotContain("Round Pocket");
        }
    }

    /** Other units are shown, nothing else: no field more, no stitch otherwise, and the count keeps its span. */
    @Test
    public void switchingUnitsBeforeThePlanKeepsWhatWasTyped() {
        Page page = visit("/new");
        measure(page, "24.6", "23.1", "31", "43");
        Locator comesTo = page.getByText(Pattern.compile("stitches around; the heel goes in after "));
        assertThat(comesTo).isVisible();
        String before = comesTo.textContent();
        int fields = page.getByRole(AriaRole.TEXTBOX).count();
        for (String lengths : List.of("inches", "centimetres", "inches")) {
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(lengths))
                    .click();
            assertThat(page.getByRole(AriaRole.TEXTBOX)).hasCount(fields);
            assertThat(comesTo).hasText(before);
            assertThat(page.locator("main")).containsText("counted over 10 cm");
        }
        assertThat(page.getByLabel("Foot length")).hasValue("9.685");
    }

    /** A present for somebody whose shoe size is all that is known. */
    @Test
    public void aShoeSizeAloneMakesAPlan() {
        Page page = visit("/new");
        page.getByText("I only know a shoe size").click();
        page.getByLabel("Shoe sizing").selectOption("EU");
        page.getByLabel("Stitches").fill("31");
        page.getByLabel("Rounds").fill("43");
        open(page);
        assertThat(page.locator("[data-word=foot-girth]")).hasText(Pattern.compile("^about "));
    }
}
