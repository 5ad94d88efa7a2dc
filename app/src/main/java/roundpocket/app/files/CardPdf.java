package roundpocket.app.files;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.PageSizeUnits;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import jakarta.annotation.PreDestroy;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Future;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Puts the drawing of a pocket card on a page of paper. */
@Component
class CardPdf {
    private static final String PAPER = "/roundpocket/paper/";
    private static final String TEXT = "Card Text";
    private static final String HEADING = "Card Heading";

    CardPdf(@Value("${pocket.home}") String home) {
        // Where the fonts of this machine are noted; otherwise that would go into somebody's home unasked.
        System.setProperty("pdfbox.fontcache", home);
    }

    private static final int PATIENCE_S = 15;
    private static final int MOST_WAITING = 8;

    /** One at a time: a page takes more memory than everything else. */
    private final ExecutorService printer = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new ArrayBlockingQueue<>(MOST_WAITING),
            work -> {
                Thread thread = new Thread(work, "printer");
                thread.setDaemon(true);
                return thread;
            },
            (work, full) -> {
                throw Drawing.refusal("Other cards are being printed just now.");
            });

    /** One page of the size of the paper, as the screen drew it. */
    byte[] write(String drawing, String title, Paper paper) {
        Document document = Drawing.read(drawing);
        Future<byte[]> page = printer.submit(() -> print(document, title, paper));
        try {
            return page.get(PATIENCE_S, TimeUnit.SECONDS);
        } catch (TimeoutException | ExecutionException cannot) {
            page.cancel(true);
            throw Drawing.refusal("This drawing can’t be printed.");
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    @PreDestroy
    void close() {
        printer.shutdownNow();
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
        InputStream stream = CardPdf.class.getResourceAsStream(PAPER + file);
        if (stream == null) {
            throw new IllegalStateException("not packaged: " + file);
        }
        return stream;
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
            return "@page { margin: 0 } body { margin: 0; font-family: '" + TEXT
                    + "' } h2, h3 { margin: 0; font-family: '"
                    + HEADING + "' } svg { font-family: '" + TEXT + "' }\n"
                    + new String(card.readAllBytes(), StandardCharsets.UTF_8)
                    + ".card { border: none }";
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
