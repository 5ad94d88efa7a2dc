package roundpocket.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A ready tube from the shelf to pairs that are knitted. */
public class TubesTest extends BrowserTest {
    private static final String FOOT = "{\"name\": \"%s\", \"foot\": {\"lengthMm\": %s, \"ballGirthMm\": %s}}";

    @Override
    protected boolean alone() {
        return true;
    }

    @BeforeMethod
    public void feet() {
        if (server().json("/api/feet").isEmpty()) {
            server().post("/api/feet", FOOT.formatted("Ida", 120, 128));
            server().post("/api/feet", FOOT.formatted("Mons", 126, 132));
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator wish(Page page, String name) {
        return page.locator("[data-wish=" + name + "]");
    }

    /** A tube for two children, put on the shelf by hand. */
    private Page tube(String name) {
        Page page = visit("/tubes");
        button(page, "Add a tube").click();
        page.getByLabel("Name of the tube").fill(name);
        page.getByLabel("Stitches around").fill("33");
        page.getByLabel("Rounds", new Page.GetByLabelOptions().setExact(true)).fill("320");
        page.getByLabel("Stitches in 10 cm").fill("28");
        page.getByLabel("Rounds in 10 cm").fill("38");
        button(page, "Count its stripes").click();
        page.getByLabel("Called").fill("madder");
        button(page, "Add a band").click();
        page.getByLabel("Band 2", new Page.GetByLabelOptions().setExact(true)).fill("#2b4a6f");
        page.getByLabel("Called").nth(1).fill("woad");
        page.getByLabel("Rounds in it").nth(1).fill("7");
        page.getByLabel("Cake for heels, toes, cuffs").fill("20");
        button(page, "Save").click();
        assertThat(page.getByText("A tube of 33 sts has no two halves.").first())
                .isVisible();
        page.getByLabel("Stitches around").fill("32");
        button(page, "Save").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan the cuts: " + name))
                .click();
        return page;
    }

    @Test
    public void aTubeIsCutForTwoAndKnittedToTheEnd() throws IOException {
        Page page = tube("Belfry tube");
        button(page, "Add the first wish").click();
        assertThat(wish(page, "Ida")).isVisible();
        wish(page, "Ida").getByLabel("leg from").fill("6");
        wish(page, "Ida")
                .getByLabel("to", new Locator.GetByLabelOptions().setExact(true))
                .fill("7");
        button(page, "Add a wish").click();
        wish(page, "Mons").getByLabel("leg from").fill("6");
        wish(page, "Mons")
                .getByLabel("to", new Locator.GetByLabelOptions().setExact(true))
                .fill("8");
        assertThat(page.getByText("The best cut")).isVisible();
        assertThat(page.locator("svg").getByText("Mons 2").first()).isVisible();
        assertThat(page.getByText("both alike")).hasCount(2);

        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cutting sheet"))
                .click();
        assertThat(page.getByText("cut 1: unpick this round")).isVisible();
        assertPrinted(page, 297);
        button(page, "inches").click();
        assertPrinted(page, 279.4);
        button(page, "centimetres").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to the tube"))
                .click();
        button(page, "I’ve made the cuts: add the 2 pairs to the basket").click();
        button(page, "Yes, it is cut").click();
        assertThat(page.getByText("Cut for Ida, Mons: their pairs are in the basket."))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Go to the basket"))
                .click();
        assertThat(page.getByText("Ida from Belfry tube").first()).isVisible();

        JsonNode pair = server().json("/api/pairs")
                .valueStream()
                .filter(each -> each.get("name").asString().startsWith("Ida"))
                .findFirst()
                .orElseThrow();
        String id = pair.get("id").asString();
        server().post("/api/laps/" + id, "{}");
        page.navigate(server().url("/pairs/" + id + "/lap"));
        assertThat(page.locator("[data-press]")).isVisible();
        Needles.pressAll(server(), page, id, 1);
        button(page, "On to the second").first().click();
        assertThat(page).hasURL(Pattern.compile("sock=2"));
        Needles.pressAll(server(), page, id, 2);
    }

    /** On paper of that width, every cell of the table on it, and nothing in the outer 3 mm, where printers do not print. */
    private static void assertPrinted(Page page, double widthMm) throws IOException {
        byte[] pdf = page.pdf(new Page.PdfOptions().setPreferCSSPageSize(true));
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            for (String cell : page.locator("table td, table th").allInnerTexts()) {
                assertTrue(text.contains(cell.replaceAll("\\s+", " ").strip()), cell + " in " + text);
            }
            assertEquals(document.getPage(0).getMediaBox().getWidth() / 72 * 25.4, widthMm, 0.2);
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                assertEdgesAreEmpty(new PDFRenderer(document).renderImageWithDPI(i, 254, ImageType.GRAY));
            }
        }
    }

    private static void assertEdgesAreEmpty(BufferedImage sheet) {
        int edge = 30;
        for (int x = 0; x < sheet.getWidth(); x++) {
            for (int y = 0; y < sheet.getHeight(); y++) {
                boolean outer =
                        Math.min(x, sheet.getWidth() - 1 - x) < edge || Math.min(y, sheet.getHeight() - 1 - y) < edge;
                assertTrue(!outer || sheet.getRaster().getSample(x, y, 0) > 200, x + ", " + y);
            }
        }
    }

    @Test
    public void aCutIsTakenHoldOfAndPutBack() {
        Page page = tube("Hand tube");
        button(page, "Add the first wish").click();
        wish(page, "Ida").getByLabel("leg from").fill("6");
        wish(page, "Ida")
                .getByLabel("to", new Locator.GetByLabelOptions().setExact(true))
                .fill("8");
        assertThat(page.getByText("The best cut")).isVisible();
        // Cut by what was just typed, and no longer by the wish as it was added.
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("leg for Ida"))))
                .hasText(Pattern.compile("[678]\\.\\d cm"));
        Locator cut = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Cut 1"));
        assertThat(cut).isVisible();
        int before = Integer.parseInt(cut.getAttribute("aria-valuenow"));
        cut.press("ArrowLeft");
        assertThat(page.getByText("Your own cut")).isVisible();
        assertThat(cut).hasAttribute("aria-valuenow", String.valueOf(before - 1));
        assertThat(page.getByText(Pattern.compile("The legs of Ida differ by"))).isVisible();
        BoundingBox box = cut.boundingBox();
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - 12, y, new Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        assertThat(cut).not().hasAttribute("aria-valuenow", Pattern.compile(before + "|" + (before - 1)));
        assertThat(Integer.parseInt(cut.getAttribute("aria-valuenow"))).isLessThan(before - 1);
        cut.press("Shift+ArrowLeft");
        cut.press("Shift+ArrowLeft");
        assertThat(page.getByText("Each sock is one piece, with at least a round of leg."))
                .isVisible();
        button(page, "Back to the best cut").click();
        assertThat(cut).hasAttribute("aria-valuenow", String.valueOf(before));
    }

    @Test
    public void cutsThatWereNotMadeAreTakenBack() {
        Page page = tube("Undone tube");
        button(page, "Add the first wish").click();
        wish(page, "Ida").getByLabel("leg from").fill("6");
        assertThat(page.getByText("The best cut")).isVisible();
        button(page, "I’ve made the cuts: add the pair to the basket").click();
        button(page, "Yes, it is cut").click();
        button(page, "Undo these cuts").click();
        assertThat(page.getByText("32 stitches around · 320 rounds")).isVisible();
    }
}
