package roundpocket.e2e;

import java.io.File;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The application's jar, run as its users run it, on a port and in a home of its own. */
final class Server {
    private static final Duration STARTS_WITHIN = Duration.ofSeconds(120);
    private static final String DEMO_DATA = "--pocket.demo=true";
    static final JsonMapper JSON = new JsonMapper();

    static {
        // A connection that was idle for longer may be closed at the other end just as it is taken again.
        System.setProperty("jdk.httpclient.keepalive.timeout", "2");
    }

    private static final HttpClient HTTP = HttpClient.newHttpClient();

    private static final Map<Holding, byte[]> BACKUPS = new EnumMap<>(Holding.class);

    private final Path home;
    private final int port;
    private final List<String> arguments;
    private Process process;

    private Server(Path home, List<String> arguments) {
        this.home = home;
        this.port = freePort();
        this.arguments = arguments;
    }

    /** What a store holds. */
    enum Holding {
        NOTHING,
        DEMO(DEMO_DATA);

        private final List<String> arguments;

        Holding(String... arguments) {
            this.arguments = List.of(arguments);
        }
    }

    /** Starts with a home that holds just this. */
    static Server holding(Holding holding) {
        try {
            Server server = new Server(Files.createTempDirectory("round-pocket-e2e"), holding.arguments);
            server.start();
            BACKUPS.computeIfAbsent(holding, now -> server.backup());
            return server;
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** Puts just this in the place of everything that the running one holds; starts it where it is not running. */
    void hold(Holding holding) {
        startIfKilled();
        if (!BACKUPS.containsKey(holding)) {
            holding(holding).stop();
        }
        JsonNode look = JSON.readTree(send(HttpRequest.newBuilder(URI.create(url("/api/home/incoming")))
                        .header("Content-Type", "application/zip")
                        .POST(HttpRequest.BodyPublishers.ofByteArray(BACKUPS.get(holding))))
                .body());
        HttpResponse<String> restored = post(
                "/api/home/restore", "{\"source\": \"" + look.get("source").asString() + "\", \"mode\": \"REPLACE\"}");
        if (restored.statusCode() != 200) {
            throw new IllegalStateException(restored.body());
        }
    }

    private byte[] backup() {
        String name =
                JSON.readTree(post("/api/home/backups", "").body()).get("name").asString();
        try {
            return Files.readAllBytes(home.resolve("backups").resolve(name));
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** Starts it again on the same home and port. */
    void start() {
        start(List.of(), "/api/pairs");
    }

    /** The same where only one path answers. */
    void start(String answers) {
        start(List.of(), answers);
    }

    /** The same on a disk that takes no more than so many kilobytes in a file; by a shell that knows ulimit. */
    void startWithRoomFor(int kilobytes) {
        start(List.of("bash", "-c", "ulimit -S -f " + kilobytes + "; exec \"$@\"", "bash"), "/api/pairs");
    }

    /** Lets the running one write as much as it likes, as when somebody makes room on the disk. */
    void makeRoom() {
        try {
            new ProcessBuilder("prlimit", "--pid", String.valueOf(process.pid()), "--fsize=unlimited")
                    .inheritIO()
                    .start()
                    .waitFor();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Starts one with another home on the same port, in its place. */
    void startWithAnotherHome() {
        try {
            start(List.of(), "/api/pairs", Files.createTempDirectory("round-pocket-other"));
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private void start(List<String> before, String answers) {
        start(before, answers, home);
    }

    private void start(List<String> before, String answers, Path folder) {
        List<String> command = new ArrayList<>(before);
        command.addAll(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-Xshare:auto",
                "-Xlog:cds=off",
                "-Xlog:cds+dynamic=off",
                "-XX:SharedArchiveFile=classes.jsa",
                "-Dspring.aot.enabled=true",
                "-jar",
                "round-pocket-exec.jar",
                "--pocket.home=" + folder,
                "--server.port=" + port));
        command.addAll(arguments);
        try {
            process = new ProcessBuilder(command)
                    .directory(new File(System.getProperty("pocket.app")))
                    .redirectErrorStream(true)
                    .redirectOutput(home.resolve("server.log").toFile())
                    .start();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
        waitUntilItAnswers(answers);
    }

    private void waitUntilItAnswers(String path) {
        long until = System.nanoTime() + STARTS_WITHIN.toNanos();
        while (System.nanoTime() < until && process.isAlive()) {
            try {
                if (get(path).statusCode() == 200) {
                    return;
                }
            } catch (UncheckedIOException notYet) {
                sleep(100);
            }
        }
        throw new IllegalStateException("Round Pocket did not start; see " + home.resolve("server.log"));
    }

    /** Starts it where a test that did not come to its end left it killed. */
    void startIfKilled() {
        if (!process.isAlive()) {
            start();
        }
    }

    /** SIGKILL: no goodbye. */
    void kill() {
        process.destroyForcibly();
        await();
    }

    /** SIGTERM: a normal end. */
    void stop() {
        process.destroy();
        await();
    }

    private void await() {
        try {
            if (!process.waitFor(30, TimeUnit.SECONDS)) {
                throw new IllegalStateException("Round Pocket does not end");
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    /** Where its data is. */
    Path home() {
        return home;
    }

    String url(String path) {
        return "http://127.0.0.1:" + port + path;
    }

    HttpResponse<String> get(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path))).GET());
    }

    HttpResponse<String> post(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** Sends what is said to be of a type. */
    HttpResponse<String> send(String method, String path, String type, String body) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", type)
                .method(method, HttpRequest.BodyPublishers.ofString(body)));
    }

    HttpResponse<String> put(String path, String body) {
        return send(HttpRequest.newBuilder(URI.create(url(path)))
                .header("Content-Type", "application/json")
                .PUT(HttpRequest.BodyPublishers.ofString(body)));
    }

    HttpResponse<String> delete(String path) {
        return send(HttpRequest.newBuilder(URI.create(url(path))).DELETE());
    }

    JsonNode json(String path) {
        return JSON.readTree(get(path).body());
    }

    private static HttpResponse<String> send(HttpRequest.Builder request) {
        try {
            return HTTP.send(
                    request.header("Sec-Fetch-Site", "same-origin")
                            .timeout(Duration.ofSeconds(30))
                            .build(),
                    HttpResponse.BodyHandlers.ofString());
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    static void sleep(long millis) {
        try {
            Thread.sleep(millis);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
