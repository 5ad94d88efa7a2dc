package roundpocket.app.files;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.PageSizeUnits;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * Puts a drawing on a page, as a process of its own: what it takes of time and memory is taken from nothing else, and it can
 * be ended at any moment. Reads the title, the paper and the drawing; writes the page.
 */
public final class Printing {
    private static final String TEXT = "Card Text";
    private static final String HEADING = "Card Heading";

    /** Has what the others lack: Greek and Cyrillic among it. */
    private static final String MORE = "Card More";

    private Printing() {}

    public static void main(String... arguments) throws IOException {
        DataInputStream in = new DataInputStream(System.in);
        String title = in.readUTF();
        Paper paper = Paper.valueOf(in.readUTF());
        String drawing = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        System.out.write(print(Drawing.read(drawing), title, paper));
        System.out.flush();
    }

    private static byte[] print(Document document, String title, Paper paper) {
        wrap(document, title, paper);
        XRLog.setLoggingEnabled(false);
        try (ByteArrayOutputStream page = new ByteArrayOutputStream();
                BatikSVGDrawer shapes = new BatikSVGDrawer()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useUriResolver((base, uri) -> null); // whatever a drawing names, nothing is fetched
            builder.useDefaultPageSize((float) paper.widthMm(), (float) paper.heightMm(), PageSizeUnits.MM);
            builder.useSVGDrawer(shapes);
            font(builder, "400Regular/AtkinsonHyperlegibleNext_400Regular.ttf", TEXT, 400);
            font(builder, "700Bold/AtkinsonHyperlegibleNext_700Bold.ttf", TEXT, 700);
            font(builder, "700Bold/BricolageGrotesque_700Bold.ttf", HEADING, 700);
            font(builder, "400Regular/NotoSans_400Regular.ttf", MORE, 400);
            font(builder, "700Bold/NotoSans_700Bold.ttf", MORE, 700);
            builder.withProducer("Round Pocket");
            builder.withW3cDocument(document, null);
            builder.toStream(page);
            builder.run();
            return page.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible); // nothing is written but memory
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> open(file), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream open(String file) {
        return PaperFiles.open(file);
    }

    /** The drawing as the body of a page with the card's own style. */
    private static void wrap(Document document, String title, Paper paper) {
        Element card = document.getDocumentElement();
        document.removeChild(card);
        Element html = child(document, document, "html");
        Element head = child(document, html, "head");
        child(document, head, "title").setTextContent(title);
        child(document, head, "style").setTextContent(style());
        card.setAttribute("class", paper == Paper.HALF_LETTER ? "card half-letter" : "card");
        child(document, html, "body").appendChild(card);
    }

    private static Element child(Document document, Node parent, String name) {
        Element element = document.createElementNS("http://www.w3.org/1999/xhtml", name);
        parent.appendChild(element);
        return element;
    }

    private static String style() {
        try (InputStream card = open("card.css")) {
            return "@page { margin: 0 } body { margin: 0; font-family: '" + TEXT + "', '" + MORE
                    + "' } h2, h3 { margin: 0; font-family: '" + HEADING + "', '" + MORE
                    + "' } svg { font-family: '" + TEXT + "', '" + MORE + "' }\n"
                    + new String(card.readAllBytes(), StandardCharsets.UTF_8)
                    + ".card { border: none }";
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
