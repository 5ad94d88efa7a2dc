package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

/** What is printed true to size, measured on the paper: a page of the PDF, looked at with 20 dots to the millimetre. */
public class PrintedTest extends BrowserTest {
    private static final int DOTS_PER_MM = 20;
    private static final float DPI = DOTS_PER_MM * 25.4f;
    private static final double GOOD = 0.2;
    private static final double THICK = 0.5;
    private static final int DARK = 140;
    /** Of what is printed, only a ruler or the edge of a sole is a line as long as this, in millimetres. */
    private static final int LONG = 60;

    @DataProvider
    static Object[][] papers() {
        return new Object[][] {{"A4"}, {"Letter"}};
    }

    /** An upright line: how far in it stands and how long it is, in millimetres. */
    private record Upright(double at, double length) {}

    private static List<List<Upright>> printed(Page page, String paper) throws IOException {
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(paper).setPreferCSSPageSize(false));
        List<List<Upright>> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(uprights(renderer.renderImageWithDPI(i, DPI, ImageType.GRAY)));
            }
        }
        return pages;
    }

    /** Runs of dark dots in one column; those in neighbouring columns are one line. */
    private static List<Upright> uprights(BufferedImage paper) {
        List<Upright> found = new ArrayList<>();
        for (int x = 0; x < paper.getWidth(); x++) {
            int best = 0;
            int run = 0;
            for (int y = 0; y < paper.getHeight(); y++) {
                run = paper.getRaster().getSample(x, y, 0) < DARK ? run + 1 : 0;
                best = Math.max(best, run);
            }
            double length = (double) best / DOTS_PER_MM;
            double at = (double) x / DOTS_PER_MM;
            Upright last = found.isEmpty() ? null : found.get(found.size() - 1);
            if (length > LONG && (last == null || at - last.at() > 1)) {
                found.add(new Upright(at, length));
            } else if (length > LONG && length > last.length()) {
                found.set(found.size() - 1, new Upright(last.at(), length));
            }
        }
        return found;
    }

    /** The ruler of the first sheet is 24 cm long; with a foot longer than that on the shelf there is a second sheet. */
    @Test(dataProvider = "papers")
    public void theMeasuringSheetIsTrueToSize(String paper) throws IOException {
        server().post(
                        "/api/feet",
                        "{\"name\": \"Long " + paper + "\", \"foot\": {\"lengthMm\": 288, \"ballGirthMm\": 260}}");
        Page page = visit("/feet/sheet");
        assertThat(page.getByTestId("crosses")).hasCount(2);
        List<List<Upright>> pages = printed(page, paper);
        assertThat(pages).hasSize(2);
        // The first sheet's ends in the other ruler's first tick, 6 mm down; either is as thick as it is drawn.
        assertThat(pages.get(0).get(0).length()).isCloseTo(240 + 6, within(GOOD));
        assertThat(pages.get(1).get(0).length()).isCloseTo(240 + THICK / 2, within(GOOD));
        // both rulers begin at the same place of the paper, so that the crosses lie on each other
        assertThat(pages.get(0).get(0).at()).isCloseTo(pages.get(1).get(0).at(), within(GOOD));
    }

    /** Sole and instep of a tube of 64 stitches at 31 to 10 cm are 103.2 mm wide, flat on the table. */
    @Test(dataProvider = "papers")
    public void theSoleIsTrueToSize(String paper) throws IOException {
        String id = pair("Printed " + paper);
        Page page = visit("/pairs/" + id + "/sole");
        assertThat(page.getByTestId("flat").first()).isVisible();
        List<Upright> edges = printed(page, paper).get(0);
        assertThat(edges).hasSizeGreaterThanOrEqualTo(2);
        double wide = edges.get(edges.size() - 1).at() - edges.get(0).at();
        assertThat(wide).isCloseTo(32 / 31.0 * 100, within(GOOD));
    }

    /** The words on every page of what is printed. */
    private static List<String> words(Page page, String paper) throws IOException {
        byte[] pdf = page.pdf(new Page.PdfOptions().setFormat(paper).setPreferCSSPageSize(true));
        List<String> pages = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            for (int i = 1; i <= document.getNumberOfPages(); i++) {
                PDFTextStripper stripper = new PDFTextStripper();
                stripper.setSortByPosition(true);
                stripper.setStartPage(i);
                stripper.setEndPage(i);
                pages.add(stripper.getText(document));
            }
        }
        return pages;
    }

    private Page at(int width, String path) {
        Page page = visit(path);
        page.setViewportSize(width, 844);
        page.reload();
        return page;
    }

    @DataProvider
    static Object[][] windows() {
        return new Object[][] {{390, "A4"}, {1280, "A4"}, {1280, "Letter"}};
    }

    /** From any window: tape and figures on one sheet, the cuff whole; the rest on the next; nothing that is only pressed. */
    @Test(dataProvider = "windows")
    public void aPlanIsTwoSheets(int width, String paper) throws IOException {
        Page page = at(width, "/pairs/" + pair("On paper"));
        assertThat(page.locator("[data-figure=opening]")).isVisible();
        List<String> pages = words(page, paper);
        assertThat(pages).hasSize(2);
        assertThat(pages.get(0)).contains("On paper", "For each sock", "Knit to the heel line");
        assertThat(pages.get(0)).containsPattern("toe +foot +leg +cuff");
        assertThat(pages.get(0)).contains("Knit the two socks one after the other");
        assertThat(pages.get(1)).contains("Yarn for one sock", "What to bring: 60 g", "Take care", "k2tog");
        assertThat(String.join("", pages)).doesNotContain("Undo", "Print", "Compare heel", "How many stitches for");
    }

    /** With a striping yarn there is a sheet more, between them: both socks, the bands and what to wind off. */
    @Test(dataProvider = "windows")
    public void stripesHaveASheetOfTheirOwn(int width, String paper) throws IOException {
        Page page = at(width, "/pairs/" + pair("Striped on paper", STRIPES));
        assertThat(page.getByTestId("pair-picture")).isVisible();
        List<String> pages = words(page, paper);
        // a striping yarn brings checks of its own, which a Letter sheet may not hold
        assertThat(pages).hasSizeBetween(3, 4);
        assertThat(pages.get(0)).containsPattern("toe +foot +leg +cuff");
        assertThat(pages.get(1)).contains("How the pair will look", "madder", "one repeat");
        assertThat(String.join("", pages.subList(2, pages.size()))).contains("Yarn for one sock", "Take care", "k2tog");
        assertThat(String.join("", pages)).doesNotContain("Save as SVG", "The heel line and the stripes");
    }

    @Test(dataProvider = "windows")
    public void aSizeChartIsOneSheet(int width, String paper) throws IOException {
        Page page = at(width, "/pairs/" + pair("Sizes") + "/sizes");
        assertThat(page.getByTestId("sizes")).isVisible();
        List<String> pages = words(page, paper);
        assertThat(pages).hasSize(1);
        // mondopoint 320 is the largest
        assertThat(pages.get(0)).contains("50", "320", "Mondopoint");
    }

    /** The tape of a tube of two metres goes to its end. */
    @Test(dataProvider = "windows")
    public void aCuttingSheetIsWhole(int width, String paper) throws IOException {
        String foot = id(server().post("/api/feet", """
                {"name": "Wide %d %s", "foot": {"lengthMm": 246, "ballGirthMm": 231}}""".formatted(width, paper)).body());
        String tube = id(server().post("/api/tubes", """
                {"name": "Two metres", "stitches": 64, "rounds": 860,
                 "stitchReading": {"count": 31, "spanMm": 100}, "roundReading": {"count": 43, "spanMm": 100},
                 "wishes": [{"footId": "%s", "legFromMm": 110, "legToMm": 150, "alike": true, "ravel": false}]}""".formatted(foot)).body());
        Page page = at(width, "/tubes/" + tube + "/sheet");
        assertThat(page.getByText("Snip one stitch")).isVisible();
        List<String> pages = words(page, paper);
        // 860 rounds at 43 to 10 cm are 200 cm: the tape's own numbers stand in one line
        assertThat(pages.get(0)).containsPattern("(?m)^5 10 .*195 200\\b|^10 20 .*190 200\\b");
        assertThat(String.join("", pages)).contains("Scissors").doesNotContain("Print");
    }

    private static String id(String body) {
        return new JsonMapper().readTree(body).get("id").asString();
    }

    private static final String STRIPES = """
            , "yarn": {"lengthM": 420, "massG": 100, "onHandG": 100},
            "striping": {"bands": [{"name": "madder", "colour": "#a13d4b", "lengthM": 5},
                                   {"name": "woad", "colour": "#2b4a6f", "lengthM": 6}]}""";

    private String pair(String name) {
        return pair(name, "");
    }

    private String pair(String name, String more) {
        return id(server().post("/api/pairs", """
                {"name": "%s", "spec": {"foot": {"lengthMm": 246, "ballGirthMm": 231},
                 "swatch": {"stitches": [{"count": 31, "spanMm": 100}],
                            "rounds": [{"count": 43, "spanMm": 100}]}%s}}""".formatted(name, more)).body());
    }

    /** Worked by hand: size 38 is a foot of 38 × 20 ÷ 3 − 15 = 23.8 cm. */
    @Test
    public void theSizeChartGoesOnTheWall() {
        String id = pair("Charted");
        Page page = visit("/pairs/" + id + "/sole");
        page.getByText("Size chart").click();
        var row = page.getByTestId("sizes")
                .locator("tbody tr")
                .filter(new com.microsoft.playwright.Locator.FilterOptions()
                        .setHasText(java.util.regex.Pattern.compile("^38")));
        assertThat(row).containsText("23.8 cm");
        assertAccessible(page);
    }
}
