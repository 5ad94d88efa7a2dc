package roundpocket.app.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.StringReader;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Names that somebody made to be read as something else: in each file that goes out they are names, and nothing more. */
public class HostileNamesTest extends AppTest {
    private static final String HABIT = "?minutes=60&days=TUESDAY&days=FRIDAY&from=2026-11-24";

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"<script>alert(1)</script>"},
            {"<svg onload=alert(1)>"},
            {"\"><img src=x onerror=alert(1)>"},
            {"]]>&lt;!ENTITY x&gt;"},
            {"a\r\nBEGIN:VEVENT\r\nSUMMARY:b\r\nEND:VEVENT"},
            {"x;VALUE=URI:http://elsewhere.example"},
            {"a,b;c:d\\n\\,e"},
            {"END:VCALENDAR"},
            {"=HYPERLINK(\"http://elsewhere.example\";\"a\")"},
            {"{{7*7}} ${7*7} %s %n"},
            {"../../../../etc/passwd"},
            {"')); drop table yarn; --"},
            {"javascript:alert(1)"},
        };
    }

    private String pair(String name) {
        JsonNode pair = body(post(
                "/api/pairs",
                json().createObjectNode()
                        .put("name", name)
                        .<ObjectNode>set("spec", json().readTree("""
                    {"foot": {"lengthMm": 246, "ballGirthMm": 231}, "swatch": {"stitches": [{"count": 31, "spanMm": 100}],
                     "rounds": [{"count": 43, "spanMm": 100}]}}"""))
                        .toString()));
        return pair.get("id").asString();
    }

    /** Held against what ical4j 4.4.0 reads: as many entries as of a plain name, each with the name in its title. */
    @Test(dataProvider = "names")
    public void aCalendarHasNoEntryMore(String name) throws IOException, ParserException {
        List<VEvent> plain = entries(pair("plain"));
        List<VEvent> events = entries(pair(name));
        String kept = name.replaceAll("[\r\n]+", " ").strip();
        assertThat(events).hasSameSizeAs(plain);
        assertThat(events.get(0).getSummary().getValue()).isEqualTo("Knit: " + kept);
    }

    private List<VEvent> entries(String id) throws IOException, ParserException {
        assertThat(post("/api/laps/" + id, "{}")).hasStatus(200);
        String text = new String(
                get("/api/laps/" + id + "/schedule.ics" + HABIT).getResponse().getContentAsByteArray(),
                StandardCharsets.UTF_8);
        return new CalendarBuilder().build(new StringReader(text)).getComponents("VEVENT");
    }

    /** As the page writes it: the name as text in the drawing, and as the title of the page. */
    @Test(dataProvider = "names")
    public void aCardHasItAsWords(String name) throws IOException {
        String kept = name.replaceAll("[\r\n]+", " ").strip();
        String escaped = kept.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
        var answer = postAs(
                "application/xhtml+xml",
                "/api/files/card.pdf?paper=A6&title="
                        + URLEncoder.encode(name, StandardCharsets.UTF_8).replace("+", "%20"),
                "<article xmlns=\"http://www.w3.org/1999/xhtml\"><h2>" + escaped + "</h2><svg"
                        + " xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 9 9\" width=\"9\" height=\"9\"><text x=\"0\" y=\"5\">"
                        + escaped + "</text></svg></article>");
        assertThat(answer).hasStatus(200);
        try (PDDocument pdf = Loader.loadPDF(answer.getResponse().getContentAsByteArray())) {
            String words = new PDFTextStripper().getText(pdf).replaceAll("\\s+", "");
            assertThat(words).contains(kept.replaceAll("\\s+", "").substring(0, 5));
            assertThat(pdf.getDocumentCatalog().getOpenAction()).isNull();
            assertThat(pdf.getPage(0).getAnnotations()).isEmpty();
        }
    }

    /** The names of files that go out are the program's own. */
    @Test(dataProvider = "names")
    public void noFileIsNamedByIt(String name) {
        String id = pair(name);
        for (String path : List.of("/api/home/pairs/" + id, "/api/files/feet.csv")) {
            var answer = get(path).getResponse();
            assertThat(answer.getStatus()).isEqualTo(200);
            assertThat(String.valueOf(answer.getHeader("Content-Disposition"))).doesNotContain(name);
        }
    }
}
