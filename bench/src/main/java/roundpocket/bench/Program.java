package roundpocket.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** A program that answers HTTP: started, timed until its first answer, weighed, and ended. */
final class Program implements AutoCloseable {
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private static final long STARTS_WITHIN_S = 120;

    private final Process process;
    private final int port;
    private final long begun;
    private final double secondsToFirstAnswer;

    private Program(Process process, int port, long begun) {
        this.process = process;
        this.port = port;
        this.begun = begun;
        this.secondsToFirstAnswer = secondsSinceItsStart();
    }

    static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    static Program start(Path folder, int port, String... command) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        Process process = new ProcessBuilder(command)
                .directory(folder.toFile())
                .redirectErrorStream(true)
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .start();
        long until = begun + TimeUnit.SECONDS.toNanos(STARTS_WITHIN_S);
        while (System.nanoTime() < until && process.isAlive()) {
            try {
                if (send(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/"))) == 200) {
                    return new Program(process, port, begun);
                }
            } catch (IOException notYet) {
                Thread.sleep(10);
            }
        }
        process.destroyForcibly();
        throw new IllegalStateException("did not start: " + String.join(" ", command));
    }

    double secondsToFirstAnswer() {
        return secondsToFirstAnswer;
    }

    double secondsSinceItsStart() {
        return (System.nanoTime() - begun) / 1e9;
    }

    /** Resident memory in megabytes, as the kernel counts it. */
    double residentMb() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + process.pid() + "/status")).stream()
                .filter(line -> line.startsWith("VmRSS:"))
                .mapToDouble(line -> Double.parseDouble(line.replaceAll("\\D+", "")) / 1024)
                .findFirst()
                .orElseThrow();
    }

    /** Milliseconds of each of so many requests of two kinds, sent in turn. */
    List<List<Double>> alternate(int number, HttpRequest.Builder one, HttpRequest.Builder other)
            throws IOException, InterruptedException {
        List<Double> first = new ArrayList<>();
        List<Double> second = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            first.add(time(one));
            second.add(time(other));
        }
        return List.of(first, second);
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Sec-Fetch-Site", "same-origin");
    }

    String address() {
        return "http://127.0.0.1:" + port;
    }

    /** Posts JSON and gives the answer back; fails where its status is another. */
    String send(String path, String json, int status) throws IOException, InterruptedException {
        HttpResponse<String> answer = HTTP.send(
                request(path)
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != status) {
            throw new IllegalStateException(path + " answered " + answer.statusCode());
        }
        return answer.body();
    }

    String read(String path) throws IOException, InterruptedException {
        return HTTP.send(request(path).GET().build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** SIGKILL after so many milliseconds: no end that the program could prepare for. */
    void killAfter(int millis) {
        try {
            Thread.sleep(millis);
            process.destroyForcibly().waitFor();
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }

    double time(HttpRequest.Builder request) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        int status = send(request);
        if (status != 200) {
            throw new IllegalStateException("answered " + status);
        }
        return (System.nanoTime() - begun) / 1e6;
    }

    /** The same where the answer may be a refusal; no error of the program's own. */
    double timeOfAnyAnswer(HttpRequest.Builder request) throws IOException, InterruptedException {
        long begun = System.nanoTime();
        int status = send(request);
        if (status >= 500) {
            throw new IllegalStateException("answered " + status);
        }
        return (System.nanoTime() - begun) / 1e6;
    }

    private static int send(HttpRequest.Builder request) throws IOException, InterruptedException {
        return HTTP.send(request.build(), HttpResponse.BodyHandlers.ofByteArray())
                .statusCode();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
