package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The pocket card of every way and school: one page, nothing cut off at its foot. */
public class CardTest extends BrowserTest {
    private static final String SPEC = """
            {"foot": {"lengthMm": 298, "ballGirthMm": 282, "heelDiagonalMm": 400},
             "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]},
             "choices": {%s}}""";

    private static final String WORDS_BUT_THOSE_OF_THE_TAPE =
            "card => { const words = []; const walk = document.createTreeWalker(card, NodeFilter.SHOW_TEXT);"
                    + " while (walk.nextNode()) if (!walk.currentNode.parentElement.closest('svg'))"
                    + " words.push(walk.currentNode.data); return words.join(' '); }";

    /** Letters as large as they are seen: those of a drawing are as it is scaled. */
    private static final String SMALLEST_LETTERS =
            "card => Math.min(...[...card.querySelectorAll('*')].filter(e => [...e.childNodes].some(n =>"
                    + " n.nodeType === 3 && n.data.trim())).map(e => parseFloat(getComputedStyle(e).fontSize)"
                    + " * (e.ownerSVGElement ? e.getScreenCTM().a : 1)))";

    @DataProvider
    public Object[][] choices() {
        return new Object[][] {
            {"", "Cast on (waste yarn)"},
            {"\"tube\": {\"toeStart\": \"CLOSED\"}", "Tube, from the toe"},
            {
                "\"tube\": {\"way\": \"CUFF_DOWN\", \"legMm\": 300},"
                        + " \"heel\": {\"school\": \"THREE_SPEED\", \"plainRounds\": 5, \"close\": \"DRAW_THROUGH\"},"
                        + " \"toe\": {\"school\": \"WEDGE_THEN_QUICK\", \"leaning\": \"ALONG_EDGE\"},"
                        + " \"opening\": {\"way\": \"LIFELINES\", \"corners\": \"PICK_UP\", \"extraLoops\": 4},"
                        + " \"finish\": {\"cuffRounds\": 30}",
                "Cast on at the cuff"
            },
            {
                "\"tube\": {\"way\": \"READY_TUBE\", \"readyTube\": {\"stitches\": 72, \"rounds\": 500}}",
                "The ready tube has"
            },
            {"\"heel\": {\"school\": \"SHORT_ROWS\"}", "short rows"},
            {
                "\"tube\": {\"way\": \"CUFF_DOWN\", \"legMm\": 300},"
                        + " \"heel\": {\"school\": \"THREE_SPEED\", \"plainRounds\": 5, \"close\": \"DRAW_THROUGH\"},"
                        + " \"toe\": {\"school\": \"WEDGE_THEN_QUICK\", \"leaning\": \"ALONG_EDGE\"},"
                        + " \"opening\": {\"way\": \"LIFELINES\", \"corners\": \"PICK_UP\", \"extraLoops\": 4},"
                        + " \"colour\": {\"heel\": \"BAND\", \"heelBand\": 2, \"toe\": \"BAND\", \"toeBand\": 3}},"
                        + " \"striping\": {\"bands\": [{\"colour\": \"#a13d4b\", \"lengthM\": 5.2},"
                        + " {\"colour\": \"#efe6d2\", \"lengthM\": 3.4}, {\"colour\": \"#2b4a6f\", \"lengthM\": 5.2}],"
                        + " \"knots\": [{\"atM\": 20}, {\"atM\": 120, \"goesOnM\": 3}, {\"atM\": 150}]",
                "A knot in the first sock"
            },
        };
    }

    @Test(dataProvider = "choices")
    public void theCardPrintsOnOnePageWithItsLastWord(String choices, String words) throws IOException {
        String pair =
                "{\"name\": \"Socks with a name that goes on for as long as a name is allowed to go on\", \"spec\": "
                        + SPEC.formatted(choices) + "}";
        JsonNode kept =
                new JsonMapper().readTree(server().post("/api/pairs", pair).body());
        Page page = visit("/pairs/" + kept.get("id").asString() + "/card");
        assertThat(page.getByTestId("card")).containsText(words);
        double hidden = ((Number) page.getByTestId("card").evaluate("card => card.scrollHeight - card.clientHeight"))
                .doubleValue();
        assertThat(hidden).as("pixels cut off at the foot of the card").isLessThanOrEqualTo(1);
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true).setPrintBackground(true));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("Rounds, ticked by tens", "k2tog: knit two together.");
        }
    }

    /** The server's PDF is of the same drawing: it has every word of the card, on one page of its size. */
    @Test(dataProvider = "choices")
    public void theServersPdfHasEveryWordOfTheCard(String choices, String words) throws IOException {
        String pair = "{\"name\": \"Åshild’s <long> & wide ones\", \"spec\": " + SPEC.formatted(choices) + "}";
        JsonNode kept =
                new JsonMapper().readTree(server().post("/api/pairs", pair).body());
        Page page = visit("/pairs/" + kept.get("id").asString() + "/card");
        assertThat(page.getByTestId("card")).containsText(words);
        everyWordIsInThePdf(page);
    }

    /** On a phone its letters are large enough to read there, and its PDF is the same page. */
    @Test
    public void aPhonesCardIsReadThereAndWholeOnPaper() throws IOException {
        String pair = "{\"name\": \"From a phone\", \"spec\": " + SPEC.formatted(choices()[5][0]) + "}";
        JsonNode kept =
                new JsonMapper().readTree(server().post("/api/pairs", pair).body());
        Page page = visit("/pairs/" + kept.get("id").asString() + "/card");
        page.setViewportSize(390, 844);
        page.reload();
        assertThat(page.getByTestId("card")).containsText((String) choices()[5][1]);
        double smallest = ((Number) page.getByTestId("card").evaluate(SMALLEST_LETTERS)).doubleValue();
        assertThat(smallest).isGreaterThanOrEqualTo(12);
        everyWordIsInThePdf(page);
    }

    private static void everyWordIsInThePdf(Page page) throws IOException {
        Download download = page.waitForDownload(() -> page.getByText("PDF", new Page.GetByTextOptions().setExact(true))
                .click());
        assertThat(download.suggestedFilename()).endsWith(".pdf");
        try (PDDocument document = Loader.loadPDF(download.path().toFile())) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(105 / 25.4f * 72, within(0.1f));
            String text = new PDFTextStripper().getText(document);
            String onTheCard = (String) page.getByTestId("card").evaluate(WORDS_BUT_THOSE_OF_THE_TAPE);
            assertThat(onTheCard).contains("Rounds, ticked by tens");
            assertThat(text).contains(onTheCard.strip().split("\\s+"));
        }
    }

    /** A CSS millimetre is 96 / 25.4 pixels by definition: what is drawn is as wide as the tube lying flat, to 0.2 mm. */
    @Test
    public void toeAndSoleAreDrawnTrueToSize() {
        String pair = "{\"name\": \"Long feet\", \"spec\": "
                + "{\"foot\": {\"lengthMm\": 301, \"ballGirthMm\": 272}, \"swatch\": {\"stitches\": [{\"count\": 31,"
                + " \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}}";
        String id = new JsonMapper()
                .readTree(server().post("/api/pairs", pair).body())
                .get("id")
                .asString();
        JsonNode plan = server().json("/api/pairs/" + id);
        Page page = visit("/pairs/" + id + "/sole");
        assertThat(page.getByTestId("flat")).hasCount(2);
        double wide = ((Number) page.evaluate("() => { const p = document.querySelector('[data-testid=flat]');"
                        + " return p.getBBox().width * p.getScreenCTM().a * 25.4 / 96; }"))
                .doubleValue();
        double tube = plan.at("/gist/outline/widthMm").asDouble();
        org.testng.Assert.assertEquals(wide, tube, 0.2);
        assertAccessible(page);
    }

    /** Two unlike feet: the plan and the card are of the sock that is chosen, and the address says which. */
    @Test
    public void eachOfTwoUnlikeSocksHasItsPlanAndItsCard() {
        String body = server().post("/api/pairs", """
                        {"name": "Unlike feet", "spec": {"foot": {"lengthMm": 262, "ballGirthMm": 248},
                         "otherFoot": {"lengthMm": 244, "ballGirthMm": 226}, "planOn": "EACH",
                         "swatch": {"stitches": [{"count": 31, "spanMm": 100}], "rounds": [{"count": 43, "spanMm": 100}]}}}""").body();
        String id = new JsonMapper().readTree(body).get("id").asString();
        Page page = visit("/pairs/" + id);
        Locator cuff = page.locator("[data-figure=opening]");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("For this sock")))
                .isVisible();
        String first = cuff.textContent();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Second sock"))
                .click();
        assertThat(cuff).not().hasText(first);
        String second = cuff.textContent();
        page.reload();
        assertThat(cuff).hasText(second);
        assertAccessible(page);
        page.navigate(page.url().replace("?", "/card?"));
        assertThat(page.getByTestId("card")).containsText("Second sock");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("First sock"))
                .click();
        assertThat(page.getByTestId("card")).containsText("First sock");
        assertAccessible(page);
    }
}
