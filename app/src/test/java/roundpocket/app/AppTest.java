package roundpocket.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.springframework.test.web.servlet.assertj.MockMvcTester;
import org.springframework.test.web.servlet.assertj.MvcTestResult;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.measure.Sentence;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The whole application on a home of its own, with requests and JSON at hand. */
@SpringBootTest
@AutoConfigureMockMvc
public abstract class AppTest extends AbstractTestNGSpringContextTests {
    private static final Path HOME = newHome();
    private static final String FROM = "Sec-Fetch-Site";
    private static final String OWN = "same-origin";

    private final JsonMapper json = new JsonMapper();

    @Autowired
    private MockMvcTester mvc;

    @DynamicPropertySource
    static void home(DynamicPropertyRegistry registry) {
        registry.add("pocket.home", HOME::toString);
    }

    private static Path newHome() {
        try {
            return Files.createTempDirectory("round-pocket-test");
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
    }

    protected MvcTestResult get(String path) {
        return mvc.get().uri(path).exchange();
    }

    protected MvcTestResult post(String path, String body) {
        return mvc.post()
                .uri(path)
                .header(FROM, OWN)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    protected MvcTestResult postText(String path, String text) {
        return postAs("text/csv;charset=UTF-8", path, text);
    }

    protected MvcTestResult postAs(String type, String path, String text) {
        return mvc.post()
                .uri(path)
                .header(FROM, OWN)
                .contentType(type)
                .content(text)
                .exchange();
    }

    protected MvcTestResult put(String path, String body) {
        return mvc.put()
                .uri(path)
                .header(FROM, OWN)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body)
                .exchange();
    }

    protected MvcTestResult delete(String path) {
        return mvc.delete().uri(path).header(FROM, OWN).exchange();
    }

    /** Sentences as a reader of centimetres has them: one, or several after each other. */
    protected String said(JsonNode sentences) {
        return (sentences.isArray() ? sentences.valueStream() : Stream.of(sentences))
                .map(each -> json().treeToValue(each, Sentence.class).text(LengthUnit.CM))
                .collect(Collectors.joining(" "));
    }

    protected JsonNode body(MvcTestResult result) {
        try {
            return json.readTree(result.getResponse().getContentAsByteArray());
        } catch (RuntimeException unreadable) {
            throw new AssertionError("not JSON: " + result, unreadable);
        }
    }

    protected JsonMapper json() {
        return json;
    }
}
