package roundpocket.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.zip.ZipFile;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * One attack after the other on what ships, with one ledger of what was acknowledged: it is there, or the home says that it
 * is not. In the tests each attack comes once; {@code ./pocket siege} goes on for as long as it is told.
 */
public class SiegeTest {
    private static final long MINUTES = Long.getLong("siege.minutes", 0);
    private static final long SEED = Long.getLong("siege.seed", 20261201);
    private static final int ROUNDS = 6;
    private static final JsonMapper JSON = new JsonMapper();

    private final Random random = new Random(SEED);
    private final Map<Attack, Integer> made = new EnumMap<>(Attack.class);
    private final Set<String> feet = ConcurrentHashMap.newKeySet();
    private final AtomicInteger presses = new AtomicInteger();
    private final List<String> pairs = new ArrayList<>();
    private int acknowledged;
    private int told;
    private int caughtUp;
    private Server server;

    private enum Attack {
        KILL,
        DAMAGE,
        EARLIER_FILE,
        RESTORE,
        SLOW,
        HOSTILE
    }

    @BeforeClass
    public void build() {
        server = Server.holding(Server.Holding.NOTHING);
        for (int i = 0; i < 3; i++) {
            String id = JSON.readTree(server.post("/api/pairs", StoreTest.pair("besieged " + i, 140))
                            .body())
                    .get("id")
                    .asString();
            server.post("/api/laps/" + id, "{}");
            pairs.add(id);
        }
        server.json("/api/feet").forEach(foot -> feet.add(foot.get("name").asString()));
        server.post("/api/home/backups", "");
    }

    @AfterClass(alwaysRun = true)
    public void stop() {
        server.stop();
    }

    @Test
    public void whatIsAcknowledgedIsThereOrIsToldToBeMissing() {
        long until = System.nanoTime() + MINUTES * 60_000_000_000L;
        Attack[] attacks = Attack.values();
        for (int round = 0; MINUTES > 0 ? System.nanoTime() < until : round < ROUNDS; round++) {
            Attack attack = attacks[(round < attacks.length ? round : random.nextInt(attacks.length))];
            made.merge(attack, 1, Integer::sum);
            switch (attack) {
                case KILL -> kill();
                case DAMAGE -> damage();
                case EARLIER_FILE -> earlierFile();
                case RESTORE -> restore();
                case SLOW -> slow();
                case HOSTILE -> hostile();
            }
            allThere(attack + ", round " + round + ", seed " + SEED);
        }
        Reporter.log(
                "seed " + SEED + ": " + made + ", " + acknowledged + " writes acknowledged, " + told
                        + " damaged files said so, " + caughtUp + " caught up or harmless",
                true);
    }

    private void allThere(String when) {
        assertThat(pressed()).as("presses after " + when).isEqualTo(presses.get());
        assertThat(named()).as("feet after " + when).containsAll(feet);
    }

    private int pressed() {
        return pairs.stream()
                .map(pair -> server.json("/api/laps/" + pair))
                .mapToInt(lap -> lap.at("/socks/0/position").asInt()
                        + lap.at("/socks/1/position").asInt())
                .sum();
    }

    private Set<String> named() {
        Set<String> names = new HashSet<>();
        server.json("/api/feet").forEach(foot -> names.add(foot.get("name").asString()));
        return names;
    }

    /** Presses or stores feet so many times; notes what was acknowledged. */
    private void write(int times, int seed) {
        Random own = new Random(seed);
        for (int i = 0; i < times; i++) {
            try {
                if (own.nextBoolean()) {
                    String path = "/api/laps/" + pairs.get(own.nextInt(pairs.size())) + "/events";
                    HttpResponse<String> heard = server.post(path, StoreTest.done(1 + own.nextInt(2)));
                    if (heard.statusCode() == 200
                            && JSON.readTree(heard.body())
                                    .at("/heard/0/counted")
                                    .asBoolean()) {
                        presses.incrementAndGet();
                    } else {
                        assertThat(heard.statusCode()).isIn(200, 503);
                    }
                } else {
                    String name = UUID.randomUUID().toString();
                    HttpResponse<String> stored = server.post("/api/feet", foot(name));
                    if (stored.statusCode() == 201) {
                        feet.add(name);
                    } else {
                        assertThat(stored.statusCode()).isEqualTo(503);
                    }
                }
            } catch (UncheckedIOException killed) {
                return;
            }
        }
    }

    private static String foot(String name) {
        return "{\"name\": \"" + name + "\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}";
    }

    private List<CompletableFuture<Void>> writers(int times) {
        int seed = random.nextInt();
        return IntStream.range(0, 3)
                .mapToObj(i -> CompletableFuture.runAsync(() -> write(times, seed + i)))
                .toList();
    }

    private void await(List<CompletableFuture<Void>> writers) {
        writers.forEach(CompletableFuture::join);
        acknowledged = presses.get() + feet.size();
    }

    /** What was on its way when the process ended was not acknowledged, and may be there all the same. */
    private void settle() {
        int more = pressed() - presses.get();
        assertThat(more).isBetween(0, 3);
        presses.addAndGet(more);
    }

    private void kill() {
        List<CompletableFuture<Void>> writers = writers(1_000);
        Server.sleep(200 + random.nextInt(600));
        server.kill();
        await(writers);
        server.start();
        settle();
    }

    private Path file() {
        return server.home().resolve("round-pocket.mv.db");
    }

    private byte[] bytes() {
        try {
            return Files.readAllBytes(file());
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private void put(byte[] bytes) {
        try {
            Files.write(file(), bytes);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private void damage() {
        await(writers(15));
        server.kill();
        byte[] bytes = bytes();
        switch (random.nextInt(4)) {
            case 0 -> bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            case 1 -> bytes = Arrays.copyOf(bytes, random.nextInt(bytes.length));
            case 2 -> Arrays.fill(bytes, 4096 * random.nextInt(bytes.length / 4096), bytes.length, (byte) 0);
            default -> {
                int from = random.nextInt(bytes.length - 4096);
                Arrays.fill(bytes, from, from + 4096, (byte) 0);
            }
        }
        put(bytes);
        startDamaged();
    }

    /** A file of some presses, or of some presses and feet, before. */
    private void earlierFile() {
        await(writers(5));
        byte[] earlier = bytes();
        await(writers(10));
        server.kill();
        put(earlier);
        startDamaged();
    }

    /** Where the home says that it is damaged: all presses come back, and the rest is told to be missing. */
    private void startDamaged() {
        server.start("/api/home");
        JsonNode damage = server.json("/api/home").path("damage");
        if (damage.isMissingNode() || damage.isNull()) {
            caughtUp++;
            return;
        }
        told++;
        assertThat(damage.get("faults")).isNotEmpty();
        JsonNode restored = JSON.readTree(server.post(
                        "/api/home/restore",
                        "{\"source\": \"" + damage.get("backup").asString() + "\", \"mode\": \"REPLACE\"}")
                .body());
        assertThat(restored.has("presses")).as(restored.toString()).isTrue();
        feet.retainAll(named());
        server.post("/api/home/backups", "");
    }

    /** What is acknowledged meanwhile is in what there is afterwards, or in what was kept of before. */
    private void restore() {
        String source = JSON.readTree(server.post("/api/home/backups", "").body())
                .get("name")
                .asString();
        Set<String> before = new HashSet<>(feet);
        List<CompletableFuture<Void>> writers = writers(20);
        Server.sleep(random.nextInt(200));
        JsonNode restored = JSON.readTree(
                server.post("/api/home/restore", "{\"source\": \"" + source + "\", \"mode\": \"REPLACE\"}")
                        .body());
        await(writers);
        Set<String> kept = named();
        kept.addAll(inBackup(restored.get("before").asString()));
        assertThat(kept).containsAll(feet).containsAll(before);
        feet.retainAll(named());
        presses.set(pressed());
    }

    private Set<String> inBackup(String name) {
        Set<String> names = new HashSet<>();
        try (var zip =
                new ZipFile(server.home().resolve("backups").resolve(name).toFile())) {
            JSON.readTree(zip.getInputStream(zip.getEntry("tables/foot.json")))
                    .forEach(foot -> names.add(foot.get("name").asString()));
            return names;
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private void slow() {
        List<Socket> slow = new ArrayList<>();
        URI at = URI.create(server.url("/"));
        try {
            for (int i = 0; i < 48; i++) {
                Socket socket = new Socket();
                socket.connect(new InetSocketAddress(at.getHost(), at.getPort()));
                String asked = "POST /api/feet HTTP/1.1\r\nHost: 127.0.0.1\r\nSec-Fetch-Site: same-origin\r\n"
                        + "Content-Type: application/json\r\nContent-Length: 900\r\n\r\n ";
                socket.getOutputStream().write(asked.getBytes(StandardCharsets.US_ASCII));
                slow.add(socket);
            }
            int before = presses.get() + feet.size();
            await(writers(10));
            assertThat(presses.get() + feet.size())
                    .as("written beside slow senders")
                    .isGreaterThan(before);
            assertThat(server.get("/api/basket").statusCode()).isEqualTo(200);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        } finally {
            slow.forEach(SiegeTest::hangUp);
        }
    }

    private static void hangUp(Socket socket) {
        try {
            socket.close();
        } catch (IOException gone) {
            // as wanted
        }
    }

    /** Whatever is sent, the answer says what is wrong, and is never one of 500. */
    private void hostile() {
        List<String> paths = List.of(
                "/api/feet",
                "/api/yarns",
                "/api/tubes",
                "/api/pairs",
                "/api/plans/preview",
                "/api/home/restore",
                "/api/home/incoming",
                "/api/files/yarns.csv",
                "/api/laps/" + pairs.get(0) + "/events");
        for (int i = 0; i < 60; i++) {
            String path = paths.get(random.nextInt(paths.size()));
            String body = path.endsWith("preview") && random.nextBoolean() ? "{\"foot\": null}" : noise();
            int status = path.endsWith(".csv")
                    ? server.send("POST", path, "text/csv", "name,length_m,mass_g,stripes\n" + body)
                            .statusCode()
                    : server.send("POST", path, "application/json", body).statusCode();
            assertThat(status).as(path + " " + body).isNotEqualTo(500).isBetween(200, 499);
        }
    }

    private String noise() {
        String signs = "{}[]\",:0123456789eE-+. \u0000\u202e#x/=ab\n";
        return random.ints(random.nextInt(2_000), 0, signs.length())
                .collect(StringBuilder::new, (text, at) -> text.append(signs.charAt(at)), StringBuilder::append)
                .toString();
    }
}
