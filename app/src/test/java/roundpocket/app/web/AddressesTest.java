package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;

/** Every address, in every known way to write it: a page of another site gets nothing done and hears nothing. */
public class AddressesTest {
    private static final String ID = "5f0c1f4e-0000-4000-8000-000000000001";

    /** Ways to write an address that some programs read as the same. */
    private static final Map<String, UnaryOperator<String>> WAYS = Map.ofEntries(
            Map.entry("as it is", path -> path),
            Map.entry("a letter by its number", path -> path.replaceFirst("api", "%61pi")),
            Map.entry("every letter by its number", AddressesTest::allByNumber),
            Map.entry("a letter by its number, twice", path -> path.replaceFirst("api", "%2561pi")),
            Map.entry("the last letter by its number", AddressesTest::lastByNumber),
            Map.entry("with a parameter", path -> path.replaceFirst("/api/", "/api;x=1/")),
            Map.entry("with a parameter at the end", path -> path + ";x"),
            Map.entry("with an encoded parameter", path -> path.replaceFirst("/api/", "/api%3Bx/")),
            Map.entry("with two strokes", path -> "/" + path),
            Map.entry("with two strokes within", path -> path.replaceFirst("/api/", "/api//")),
            Map.entry("with an encoded stroke", path -> path.replaceFirst("/api/", "/api%2F")),
            Map.entry("down and up", path -> "/x/.." + path),
            Map.entry("down and up, encoded", path -> "/x/%2e%2e" + path),
            Map.entry("where it is", path -> "/." + path),
            Map.entry("where it is, encoded", path -> path.replaceFirst("/api/", "/api/%2e/")),
            Map.entry("with a stroke back", path -> path.replaceFirst("/api/", "/api\\\\")),
            Map.entry("with an encoded stroke back", path -> path.replaceFirst("/api/", "/api%5C")),
            Map.entry("with a stroke at the end", path -> path + "/"),
            Map.entry("in capitals", path -> path.toUpperCase(Locale.ROOT)),
            Map.entry("with a blank", path -> path + "%20"),
            Map.entry("with nothing", path -> path + "%00"),
            Map.entry("with a line", path -> path + "%0d%0a"),
            Map.entry("with an ending", path -> path + ".json"),
            Map.entry("as a whole address", path -> "http://127.0.0.1" + path),
            Map.entry("with a question", path -> path + "?a=b"),
            Map.entry("with too long a letter", path -> path.replaceFirst("api", "%c1%a1pi")));

    private Running app;

    private static String allByNumber(String path) {
        StringBuilder all = new StringBuilder();
        for (char each : path.toCharArray()) {
            all.append(each == '/' ? "/" : "%%%02x".formatted((int) each));
        }
        return all.toString();
    }

    private static String lastByNumber(String path) {
        int last = path.length() - 1;
        return path.substring(0, last) + "%%%02X".formatted((int) path.charAt(last));
    }

    @BeforeClass
    public void open() {
        app = Running.on(Running.newHome());
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    private record Guarded(String method, String path) {}

    /** What changes something, and the streams, as the interface is described. */
    private List<Guarded> guarded() {
        List<Guarded> guarded = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path :
                app.json("/openapi.json").get("paths").properties()) {
            String written = path.getKey().replaceAll("\\{[^}]*}", ID);
            boolean calculates = written.startsWith("/api/plans/");
            for (String method : path.getValue().propertyNames()) {
                boolean reads = method.equals("get") && !written.startsWith("/api/devices/");
                if (!reads && !calculates) {
                    guarded.add(new Guarded(method.toUpperCase(Locale.ROOT), written));
                }
            }
        }
        return guarded;
    }

    private int status(Guarded asked, String path, String headers) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", app.port())) {
            socket.setSoTimeout(60_000);
            String request = asked.method() + " " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + app.port()
                    + "\r\nConnection: close\r\nContent-Type: text/plain\r\nContent-Length: 2\r\n" + headers + "\r\n{}";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            InputStream in = socket.getInputStream();
            return Integer.parseInt(new String(in.readNBytes(12), StandardCharsets.US_ASCII).substring(9));
        }
    }

    @Test
    public void noWayToWriteAnAddressGoesPastTheDoor() throws IOException {
        List<Guarded> guarded = guarded();
        assertThat(guarded).hasSizeGreaterThan(25);
        for (Guarded asked : guarded) {
            for (Map.Entry<String, UnaryOperator<String>> way : WAYS.entrySet()) {
                String path = way.getValue().apply(asked.path());
                for (String from : List.of("cross-site", "same-site", "none")) {
                    int status = status(asked, path, "Sec-Fetch-Site: " + from + "\r\n");
                    assertThat(status)
                            .as(asked + " " + way.getKey() + " from " + from)
                            .isIn(400, 403, 404, 405, 415);
                }
            }
        }
        // The same is let in where it comes from a page of its own: what was refused was who asked.
        assertThat(status(new Guarded("POST", ""), "/api/devices/pedal", "Sec-Fetch-Site: same-origin\r\n"))
                .isEqualTo(200);
    }

    @Test
    public void anAddressWithSignsByTheirNumberIsNone() throws IOException {
        Guarded own = new Guarded("GET", "");
        String sameOrigin = "Sec-Fetch-Site: same-origin\r\n";
        assertThat(status(own, "/api/pairs", sameOrigin)).isEqualTo(200);
        for (String path :
                List.of("/%61pi/pairs", "/api;x/pairs", "/api//pairs", "/plan/%2e%2e/x", "/pairs;jsessionid=1")) {
            assertThat(status(own, path, sameOrigin)).as(path).isEqualTo(400);
        }
    }
}
