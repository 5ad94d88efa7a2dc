package roundpocket.app.home;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import javax.sql.DataSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;
import roundpocket.app.RoundPocketApplication;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application on a home of the test's own, on a port of the loopback address. */
public final class Running implements AutoCloseable {
    private static final JsonMapper JSON = new JsonMapper();
    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private final ConfigurableApplicationContext context;

    private Running(Path home, String... arguments) {
        List<String> all = new ArrayList<>(List.of(arguments));
        all.addAll(List.of(
                "--pocket.home=" + home,
                "--server.port=0",
                "--server.address=127.0.0.1",
                "--spring.datasource.hikari.minimum-idle=4"));
        context = new SpringApplicationBuilder(RoundPocketApplication.class).run(all.toArray(String[]::new));
    }

    public static Running on(Path home, String... arguments) {
        return new Running(home, arguments);
    }

    /** A home with nothing in it. */
    public static Path newHome() {
        try {
            return Files.createTempDirectory("round-pocket-home");
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** A home as an earlier Round Pocket left it. */
    static Path earlier(String name) {
        Path home = newHome();
        try (InputStream packed =
                new GZIPInputStream(Objects.requireNonNull(Running.class.getResourceAsStream("/homes/" + name)))) {
            Files.copy(packed, home.resolve("round-pocket.mv.db"));
            return home;
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** Its database. */
    DataSource store() {
        return context.getBean(DataSource.class);
    }

    /** Lets the pool retire every connection it has, as it does by itself after half an hour. */
    void retireConnections() {
        context.getBean(HikariDataSource.class).getHikariPoolMXBean().softEvictConnections();
    }

    HttpResponse<String> send(String method, String path, String body) {
        return send(
                request(path).header("Content-Type", "application/json").method(method, BodyPublishers.ofString(body)),
                HttpResponse.BodyHandlers.ofString());
    }

    /** Compacts the database's file. */
    void compact() throws SQLException, IOException {
        context.getBean(Compaction.class).compact();
    }

    /** What came back. */
    public record Answered(int status, String body) {}

    /** Sends what is said to be of a type. */
    public Answered send(String method, String path, String type, String body) {
        HttpResponse<String> answer = send(
                request(path).header("Content-Type", type).method(method, BodyPublishers.ofString(body)),
                HttpResponse.BodyHandlers.ofString());
        return new Answered(answer.statusCode(), answer.body());
    }

    /** Sends JSON that is taken, and gives what comes back. */
    public JsonNode sendJson(String method, String path, String body) {
        HttpResponse<String> answer = send(method, path, body);
        if (answer.statusCode() >= 300) {
            throw new AssertionError(answer.body());
        }
        return JSON.readTree(answer.body());
    }

    /** Sends a file. */
    HttpResponse<String> upload(String path, byte[] file) {
        return send(
                request(path).header("Content-Type", "application/zip").POST(BodyPublishers.ofByteArray(file)),
                HttpResponse.BodyHandlers.ofString());
    }

    public byte[] bytes(String path) {
        return send(request(path).GET(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port() + path))
                .header("Sec-Fetch-Site", "same-origin");
    }

    private static <T> HttpResponse<T> send(HttpRequest.Builder request, HttpResponse.BodyHandler<T> read) {
        try {
            return HTTP.send(request.build(), read);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    public int port() {
        return Integer.parseInt(Objects.requireNonNull(context.getEnvironment().getProperty("local.server.port")));
    }

    public JsonNode json(String path) {
        return JSON.readTree(send("GET", path, "").body());
    }

    static JsonNode json(HttpResponse<String> answer) {
        return JSON.readTree(answer.body());
    }

    @Override
    public void close() {
        context.close();
    }
}
