package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import org.testng.annotations.AfterClass;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import roundpocket.app.home.Running;
import tools.jackson.databind.JsonNode;

/** Clients that read or send slowly, or not at all, and very many of them: none of them holds a press up. */
public class SlowClientsTest {
    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";
    /** {@code -Dlisteners=5000} for as many as once filled the memory. */
    private static final int LISTENERS = Integer.getInteger("listeners", 500);

    private static final String LISTED = "/api/laps/miscount?expected=1&first=1&second=1";
    /** Somebody waits at most 5 s for a client; the rest is for a machine that has other things to do. */
    private static final int GIVEN_UP_MS = 60_000;

    private Running app;
    private String pair;
    private String backup;
    private final List<Socket> sockets = new ArrayList<>();

    @BeforeClass
    public void open() {
        app = Running.on(Running.newHome());
        pair = app.sendJson("POST", "/api/pairs", "{\"name\": \"pressed\", \"spec\": " + SPEC + "}")
                .get("id")
                .asString();
        app.sendJson("POST", "/api/laps/" + pair, "{}");
        Random random = new Random(12);
        for (int i = 0; i < 100; i++) {
            app.sendJson(
                    "POST",
                    "/api/feet",
                    "{\"name\": \"y\", \"notes\": \"" + letters(random) + "\","
                            + " \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}");
        }
        backup = app.sendJson("POST", "/api/home/backups", "").get("name").asString();
    }

    /** What takes room in a file that is packed. */
    private static String letters(Random random) {
        return random.ints(1_900, 0x100, 0x3000)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        app.close();
    }

    @AfterMethod(alwaysRun = true)
    public void hangUp() throws IOException {
        for (Socket socket : sockets) {
            socket.close();
        }
        sockets.clear();
    }

    /** A connection that takes in next to nothing before somebody reads from it. */
    private Socket connection(String request) throws IOException {
        Socket socket = new Socket();
        sockets.add(socket);
        socket.setReceiveBufferSize(2048);
        socket.connect(new InetSocketAddress("127.0.0.1", app.port()));
        socket.getOutputStream().write(request.getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private static String asked(String method, String path, String more) {
        return method + " " + path + " HTTP/1.1\r\nHost: 127.0.0.1\r\nSec-Fetch-Site: same-origin\r\n" + more + "\r\n";
    }

    private void press() {
        JsonNode heard = app.sendJson(
                "POST",
                "/api/laps/" + pair + "/events",
                "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"NOTED\", \"words\": \"n\","
                        + " \"device\": \"d\", \"at\": \"2026-11-23T19:00:00Z\"}]");
        assertThat(heard.at("/heard/0/counted").asBoolean()).isTrue();
    }

    @Test
    public void whoeverDoesNotReadHoldsNoPressUp() throws IOException {
        assertThat(app.bytes("/api/home/backups/" + backup)).hasSizeGreaterThan(300_000);
        // So many answers, one after the other, do not fit into the buffers on the way.
        String ever = asked("GET", "/api/home/backups/" + backup, "").repeat(40);
        for (int i = 0; i < 2 * Doors.OTHERS; i++) {
            connection(ever);
        }
        CompletableFuture<Running.Answered> reader = waiting();
        press();
        press();
        assertThat(reader).as("every lane is held").isNotDone();
        // It waits behind those that do not read, and is then let in or told to come again; either in the end.
        int status = reader.join().status();
        for (int i = 0; i < 10 && status != 200; i++) {
            assertThat(status).isEqualTo(503);
            status = app.send("GET", LISTED, "application/json", "").status();
        }
        assertThat(status).isEqualTo(200);
    }

    /** A reader that is kept waiting, once every lane is held. */
    private CompletableFuture<Running.Answered> waiting() {
        for (int i = 0; i < 100; i++) {
            CompletableFuture<Running.Answered> reader =
                    CompletableFuture.supplyAsync(() -> app.send("GET", LISTED, "application/json", ""));
            try {
                reader.get(500, TimeUnit.MILLISECONDS);
            } catch (TimeoutException held) {
                return reader;
            } catch (InterruptedException | ExecutionException cannot) {
                throw new IllegalStateException(cannot);
            }
        }
        throw new AssertionError("the lanes are never held");
    }

    @Test
    public void whoeverDoesNotSendIsHungUpOn() throws IOException {
        List<Socket> silent = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            silent.add(connection("GET /api/laps HTTP/1.1\r\nHo"));
            silent.add(connection(
                    asked("POST", "/api/plans/preview", "Content-Type: application/json\r\nContent-Length: 1000\r\n")
                            + "{\"foot\":"));
        }
        press();
        for (Socket each : silent) {
            each.setSoTimeout(GIVEN_UP_MS);
            assertThat(toTheEnd(each)).isTrue();
        }
    }

    /** Each sends a byte now and then, as if it would go on for ever. */
    @Test
    public void whoeverSendsSlowlyHoldsNothingThatOthersNeed() throws IOException, InterruptedException {
        List<Socket> slow = new ArrayList<>();
        for (int i = 0; i < 64; i++) {
            slow.add(connection(
                    asked("POST", "/api/feet", "Content-Type: application/json\r\nContent-Length: 1000\r\n")));
        }
        int trickled = 0;
        for (int round = 0; round < 4; round++) {
            for (Socket each : slow) {
                trickled += trickle(each) ? 1 : 0;
            }
            assertThat(app.send("GET", LISTED, "application/json", "").status()).isEqualTo(200);
            press();
            Thread.sleep(1_000);
        }
        assertThat(trickled).as("bytes that went out").isGreaterThan(64);
        for (Socket each : slow) {
            each.setSoTimeout(GIVEN_UP_MS);
            assertThat(toTheEnd(each)).isTrue();
        }
    }

    private static boolean trickle(Socket socket) {
        try {
            socket.getOutputStream().write(' ');
            return true;
        } catch (IOException hungUp) {
            return false;
        }
    }

    /** Reads until the other side hangs up. */
    private static boolean toTheEnd(Socket socket) throws IOException {
        try {
            InputStream in = socket.getInputStream();
            byte[] some = new byte[4096];
            while (in.read(some) >= 0) {
                // an answer before the end is as good
            }
            return true;
        } catch (SocketException hungUp) {
            return true;
        }
    }

    @Test
    public void veryManyListenersAreTooMany() throws IOException {
        int open = 0;
        int refused = 0;
        for (int i = 0; i < LISTENERS; i++) {
            Socket socket = connection(asked("GET", "/api/devices/scale", "Accept: text/event-stream\r\n"));
            socket.setSoTimeout(GIVEN_UP_MS);
            String status = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
            if (status.endsWith("200")) {
                open++;
            } else {
                assertThat(status).endsWith("422");
                refused++;
                socket.close();
                sockets.remove(socket);
            }
        }
        assertThat(open).isEqualTo(32);
        assertThat(refused).isEqualTo(LISTENERS - 32);
        press();
        hangUp();
        for (int i = 0; i < 40; i++) { // those that are gone are found out one by one
            Socket socket = connection(asked("GET", "/api/devices/scale", "Accept: text/event-stream\r\n"));
            String status = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
            if (status.endsWith("200")) {
                return;
            }
        }
        throw new AssertionError("nobody is let in after the others are gone");
    }
}
