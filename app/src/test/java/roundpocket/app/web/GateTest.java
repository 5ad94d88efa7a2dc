package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.Test;

/** What is let in, over a real connection; with the demo data in the home. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "pocket.demo=true")
public class GateTest extends AbstractTestNGSpringContextTests {
    @Value("${local.server.port}")
    private int port;

    @DynamicPropertySource
    static void home(DynamicPropertyRegistry registry) throws IOException {
        String home = Files.createTempDirectory("round-pocket-gate").toString();
        registry.add("pocket.home", () -> home);
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder to(String host, String path) {
        return HttpRequest.newBuilder(URI.create("http://" + host + ":" + port + path));
    }

    @Test
    public void thePagesMayLoadNothingFromElsewhere() throws IOException, InterruptedException {
        HttpResponse<String> page = send(to("127.0.0.1", "/pairs/any"));
        assertThat(page.statusCode()).isEqualTo(200);
        assertThat(page.body()).contains("<div id=\"root\">").doesNotContain("http://", "https://");
        assertThat(page.headers().firstValue("Content-Security-Policy").orElseThrow())
                .startsWith("default-src 'self'");
        assertThat(page.headers().firstValue("Cache-Control").orElseThrow()).contains("no-cache");
    }

    @Test
    public void onlyPathsOfPlacesGetThePage() throws IOException, InterruptedException {
        assertThat(send(to("localhost", "/api/nothing")).statusCode()).isEqualTo(404);
        assertThat(send(to("localhost", "/nothing.js")).statusCode()).isEqualTo(404);
        assertThat(send(to("localhost", "/h2-console")).body()).contains("root");
        assertThat(send(to("localhost", "/openapi.json")).body()).contains("\"/api/plans/preview\"");
    }

    @Test
    public void aBodyWhoseLengthIsNotAnnouncedIsStillBounded() throws IOException, InterruptedException {
        byte[] large = " ".repeat(10_000_000).getBytes(StandardCharsets.US_ASCII);
        HttpResponse<String> answer = send(to("127.0.0.1", "/api/plans/preview")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(large))));
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("256 kB");
    }

    @Test
    public void theDemoIsThereBeforeTheFirstRequest() throws IOException, InterruptedException {
        String pairs = send(to("127.0.0.1", "/api/pairs")).body();
        assertThat(pairs).contains("Marit’s chamber socks", "Odd’s tenor socks", "Pia’s first ringing socks");
        assertThat(pairs.split("\"gist\"")).hasSize(10);
    }
}
