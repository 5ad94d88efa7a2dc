package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.context.testng.AbstractTestNGSpringContextTests;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import roundpocket.app.home.HomeTrouble;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is let in, over a real connection; with the demo data in the home. */
@SpringBootTest(webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT, properties = "pocket.demo=true")
public class GateTest extends AbstractTestNGSpringContextTests {
    private static final String HOME = Running.newHome().toString();

    @Value("${local.server.port}")
    private int port;

    @DynamicPropertySource
    static void home(DynamicPropertyRegistry registry) {
        registry.add("pocket.home", () -> HOME);
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
                .startsWith("default-src 'self'")
                .doesNotContain("unsafe");
        assertThat(page.headers().firstValue("Cache-Control").orElseThrow()).contains("no-store");
    }

    /** Styles that do not name the nonce of this one answer are not applied. */
    @Test
    public void everyPageHasANonceOfItsOwn() throws IOException, InterruptedException {
        Set<String> nonces = new HashSet<>();
        for (String path : List.of("/", "/pairs/any", "/feet", "/")) {
            HttpResponse<String> page = send(to("127.0.0.1", path));
            String nonce = page.body().replaceAll("(?s).*nonce=\"([^\"]+)\".*", "$1");
            assertThat(page.headers().firstValue("Content-Security-Policy").orElseThrow())
                    .contains("'nonce-" + nonce + "'");
            nonces.add(nonce);
        }
        assertThat(nonces).hasSize(4);
    }

    @Test
    public void theLicencesOfAllThatShipsAreListed() throws IOException, InterruptedException {
        JsonNode licences =
                new JsonMapper().readTree(send(to("127.0.0.1", "/api/licences")).body());
        assertThat(licences.valueStream().map(each -> each.get("name").asString()))
                .contains("h2", "tomcat-embed-core", "react", "@fontsource-variable/atkinson-hyperlegible-next")
                .doesNotContain("pocket-core");
        assertThat(licences.valueStream().map(each -> each.get("licence").asString()))
                .allSatisfy(licence -> assertThat(licence).isNotBlank());
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

    @DataProvider
    public Object[][] senders() throws IOException {
        String own = "http://127.0.0.1:" + port;
        return new Object[][] {
            {Map.of(), 403},
            {Map.of("Pocket-Token", "guessed"), 403},
            {Map.of("Pocket-Token", Files.readString(Path.of(HOME, "token"))), 200},
            {Map.of("Sec-Fetch-Site", "same-origin", "Origin", own), 200},
            {Map.of("Origin", own), 200},
            {Map.of("Origin", "http://127.0.0.1:1"), 403},
            {Map.of("Origin", "null"), 403},
            {Map.of("Sec-Fetch-Site", "cross-site", "Origin", "http://elsewhere.example"), 403},
            {Map.of("Sec-Fetch-Site", "same-site", "Origin", "http://127.0.0.1:1"), 403},
            {Map.of("Sec-Fetch-Site", "none"), 403},
        };
    }

    /** A page of another site may press neither the pedal nor read what a device tells. */
    @Test(dataProvider = "senders")
    public void onlyItsOwnPagesAndWhoReadsTheHomeChangeAnything(Map<String, String> headers, int status)
            throws IOException, InterruptedException {
        HttpRequest.Builder press = to("127.0.0.1", "/api/devices/pedal").POST(HttpRequest.BodyPublishers.noBody());
        HttpRequest.Builder listen = to("127.0.0.1", "/api/devices/pedal").GET();
        headers.forEach(press::header);
        headers.forEach(listen::header);
        assertThat(send(press).statusCode()).isEqualTo(status);
        HttpResponse<?> heard =
                HttpClient.newHttpClient().send(listen.build(), HttpResponse.BodyHandlers.ofInputStream());
        assertThat(heard.statusCode()).isEqualTo(status);
    }

    @Test
    public void whatComesFromElsewhereReadsNothing() throws IOException, InterruptedException {
        assertThat(send(to("127.0.0.1", "/api/pairs").header("Sec-Fetch-Site", "cross-site"))
                        .statusCode())
                .isEqualTo(403);
        assertThat(send(to("127.0.0.1", "/api/pairs").header("Sec-Fetch-Site", "none"))
                        .statusCode())
                .isEqualTo(200);
    }

    @Test
    public void itAnswersThisComputerOnly() {
        assertThatThrownBy(() -> Gate.onlyThisComputer("0.0.0.0"))
                .isInstanceOf(HomeTrouble.class)
                .hasMessageContaining("passphrase");
        assertThatThrownBy(() -> Gate.onlyThisComputer("192.168.0.7")).isInstanceOf(HomeTrouble.class);
        assertThatCode(() -> Gate.onlyThisComputer("127.0.0.5")).doesNotThrowAnyException();
        assertThatCode(() -> Gate.onlyThisComputer("::1")).doesNotThrowAnyException();
    }

    @Test
    public void theDemoIsThereBeforeTheFirstRequest() throws IOException, InterruptedException {
        String pairs = send(to("127.0.0.1", "/api/pairs")).body();
        assertThat(pairs).contains("Marit’s chamber socks", "Odd’s tenor socks", "Pia’s first ringing socks");
        assertThat(pairs.split("\"gist\"")).hasSize(12);
    }
}
