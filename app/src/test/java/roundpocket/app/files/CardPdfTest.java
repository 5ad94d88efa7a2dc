package roundpocket.app.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;

/** Drawings of pocket cards become paper; anything that is more than a drawing does not. */
public class CardPdfTest extends AppTest {
    private static String card(String inside) {
        return "<article xmlns=\"http://www.w3.org/1999/xhtml\" class=\"card\">" + inside + "</article>";
    }

    private static String path(String paper) {
        return "/api/files/card.pdf?title=Socks&paper=" + paper;
    }

    @DataProvider
    public Object[][] papers() {
        return new Object[][] {{"A6", 105, 148}, {"HALF_LETTER", 5.5 * 25.4, 8.5 * 25.4}};
    }

    @Test(dataProvider = "papers")
    public void aDrawingBecomesOnePageOfThePaper(String paper, double widthMm, double heightMm) throws IOException {
        String drawing = card(
                "<h2>Åse’s “½” socks</h2><table><tbody><tr><td>Knit ± 3 × 2</td><td>65 rounds</td></tr></tbody></table>"
                        + "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 10 10\" width=\"10px\" height=\"10px\">"
                        + "<rect width=\"9\" height=\"9\" fill=\"rgb(244, 197, 49)\"/></svg>");
        var answer = postAs("application/xhtml+xml", path(paper), drawing);
        assertThat(answer).hasStatus(200);
        assertThat(answer.getResponse().getContentType()).isEqualTo("application/pdf");
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth() / 72 * 25.4).isCloseTo(widthMm, within(0.1));
            assertThat(pdf.getPage(0).getMediaBox().getHeight() / 72 * 25.4).isCloseTo(heightMm, within(0.1));
            assertThat(new PDFTextStripper().getText(pdf)).contains("Åse’s “½” socks", "Knit ± 3 × 2", "65 rounds");
            assertThat(pdf.getDocumentInformation().getTitle()).isEqualTo("Socks");
        }
    }

    @DataProvider
    public Object[][] hostile() {
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\">%s</svg>";
        return new Object[][] {
            {card("<script>1</script>")},
            {card("<img src=\"file:///etc/passwd\"/>")},
            {card("<link rel=\"stylesheet\" href=\"http://127.0.0.1/\"/>")},
            {card("<div style=\"background: url(http://127.0.0.1/)\"/>")},
            {card("<div style=\"background: u\\72l(http://127.0.0.1/)\"/>")},
            {card("<div style=\"@import 'x'\"/>")},
            {card("<div onclick=\"1\"/>")},
            {card(svg.formatted("<foreignObject/>"))},
            {card(svg.formatted("<image href=\"file:///etc/passwd\"/>"))},
            {card(svg.formatted("<use xmlns:xlink=\"http://www.w3.org/1999/xlink\" xlink:href=\"#a\"/>"))},
            {card(svg.formatted("<rect fill=\"url(#a)\"/>"))},
            {card("<!-- a comment --><h2>a</h2>")},
            {card("<?xml-stylesheet href=\"x\"?>")},
            {"<!DOCTYPE article [<!ENTITY e SYSTEM \"file:///etc/passwd\">]>" + card("&e;")},
            {card(svg.formatted("<line x2=\"100\" stroke=\"#000\" stroke-dasharray=\"0.00001\"/>"))},
            {card(svg.formatted("<line x2=\"100\" style=\"stroke-dasharray: 0.00001\"/>"))},
            {card(svg.formatted("<rect width=\"\" height=\"9\"/>"))},
            {card(svg.formatted("<rect width=\"-1\" height=\"9\"/>"))},
            {card("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 0 0\"/>")},
            {card(svg.formatted("<path d=\"M0 0L1e99 0\"/>"))},
            {card(svg.formatted("<text fill=\"inherit\">a</text>"))},
            {card(svg.formatted("<path d=\"M0 0" + "L20000 0L0 0".repeat(300) + "\" stroke-dasharray=\"0.2\"/>"))},
            {
                card(svg.formatted(
                        "<g stroke-dasharray=\"1 0.2\">" + "<line x1=\"-20000\" x2=\"20000\"/>".repeat(60) + "</g>"))
            },
            {card(svg.formatted("<path d=\"M0 0A20000 20000 0 1 1 1 1\" stroke-dasharray=\"0.3\"/>"))},
            {card("<div>".repeat(30) + "</div>".repeat(30))},
            {card("<i/>".repeat(5000))},
            {"<html xmlns=\"http://www.w3.org/1999/xhtml\"/>"},
            {"<article"},
            {"words"},
        };
    }

    @Test(dataProvider = "hostile")
    public void whatIsMoreThanADrawingIsRefused(String drawing) {
        var answer = postAs("application/xhtml+xml", path("A6"), drawing);
        assertThat(answer).hasStatus(422);
        assertThat(body(answer).at("/errors/0/code").asString()).isEqualTo("card.drawing");
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {{"Марит Åse"}, {"Μαρίτ"}, {"Zażółć gęślą"}, {"Đặng"}};
    }

    @Test(dataProvider = "names")
    public void namesInTheLettersThatShipStandOnTheCard(String name) throws IOException {
        var answer = postAs("application/xhtml+xml", path("A6"), card("<h2>" + name + "</h2><div>" + name + "</div>"));
        assertThat(answer).hasStatus(200);
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains(name).doesNotContain("#");
        }
    }

    @DataProvider
    public Object[][] unknownLetters() {
        return new Object[][] {{"מרית", "מרית"}, {"ماريت", "ماريت"}, {"マリット", "マリット"}, {"Ola 🧦", "🧦"}};
    }

    /** Said, with a way that has them; never drawn as something else. */
    @Test(dataProvider = "unknownLetters")
    public void lettersThatDoNotShipAreSaid(String name, String letters) {
        var answer = postAs("application/xhtml+xml", path("A6"), card("<h2>" + name + "</h2>"));
        assertThat(answer).hasStatus(422);
        assertThat(body(answer).get("detail").asString()).contains("Print").contains(letters.substring(0, 1));
    }
}
