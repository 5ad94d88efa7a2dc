package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Which backups are kept as time goes on, by whatever clock, and what becomes of what is written beside a restore. */
public class BackupsInTimeTest {
    private static final JsonMapper JSON = new JsonMapper();

    @Test
    public void sevenDaysAreKept() throws IOException, SQLException {
        Path folder = Running.newHome();
        HomeKeeper keeper = new HomeKeeper(folder.toString(), Clock.systemUTC());
        Instant start = Instant.parse("2026-11-01T08:00:00Z");
        try (Connection store = keeper.home().database().connect()) {
            for (int half = 0; half < 24; half++) {
                Clock clock = Clock.fixed(start.plus(Duration.ofHours(12L * half)), ZoneOffset.UTC);
                new Backups(keeper.home(), clock, ZoneOffset.UTC)
                        .make(store, Schema.ofThisProgram(), Backups.Reason.DAILY);
            }
        }
        assertThat(new Backups(keeper.home(), Clock.systemUTC(), ZoneOffset.UTC).list())
                .extracting(Backups.Kept::name)
                .hasSize(Backups.KEPT)
                .startsWith("round-pocket-2026-11-12T20-00-00.zip", "round-pocket-2026-11-11T20-00-00.zip")
                .endsWith("round-pocket-2026-11-06T20-00-00.zip");
        keeper.destroy();
    }

    /** A file that is always full stands where the number of the backup is noted first. */
    @Test
    public void onAFullDiskABackupThatIsAskedForSaysSo() throws IOException {
        Path home = Running.newHome();
        try (Running app = Running.on(home)) {
            Files.createSymbolicLink(home.resolve("numbered.part"), Path.of("/dev/full"));
            HttpResponse<String> answer = app.send("POST", "/api/home/backups", "");
            assertThat(answer.statusCode()).isEqualTo(507);
            assertThat(answer.body()).contains("store-full").contains("Make room");
        }
    }

    /** One start a year ahead, seven of them, and then the right time again: later is what was made later. */
    @Test
    public void aClockThatWasWrongMisplacesNoBackup() throws IOException, SQLException {
        Path folder = Running.newHome();
        HomeKeeper keeper = new HomeKeeper(folder.toString(), Clock.systemUTC());
        Instant start = Instant.parse("2026-11-01T08:00:00Z");
        try (Connection store = keeper.home().database().connect();
                Statement statement = store.createStatement()) {
            statement.execute(Killed.A_FOOT);
            for (int day = 0; day < 7; day++) {
                Clock ahead = Clock.fixed(start.plus(Duration.ofDays(365 + day)), ZoneOffset.UTC);
                new Backups(keeper.home(), ahead, ZoneOffset.UTC)
                        .make(store, Schema.ofThisProgram(), Backups.Reason.DAILY);
            }
            for (int day = 0; day < 3; day++) {
                Backups right = new Backups(
                        keeper.home(), Clock.fixed(start.plus(Duration.ofDays(day)), ZoneOffset.UTC), ZoneOffset.UTC);
                Backups.Kept made = right.make(store, Schema.ofThisProgram(), Backups.Reason.DAILY);
                assertThat(made.file()).exists();
                assertThat(right.latest()).get().extracting(Backups.Kept::name).isEqualTo(made.name());
            }
            for (int asked = 0; asked < 9; asked++) {
                keeper.backups().make(store, Schema.ofThisProgram(), Backups.Reason.ASKED);
            }
        }
        assertThat(keeper.backups().list().stream().filter(each -> each.reason() == Backups.Reason.DAILY))
                .hasSize(Backups.KEPT)
                .first()
                .extracting(Backups.Kept::name)
                .isEqualTo("round-pocket-2026-11-03T08-00-00.zip");
        keeper.destroy();
    }

    /** Four write while backups are put back in the place of everything, again and again. */
    @Test
    public void whatIsAcknowledgedMeanwhileIsInTheResultOrInTheBackupBefore() throws Exception {
        try (Running busy = Running.on(Running.newHome())) {
            busy.sendJson("POST", "/api/feet", foot("first"));
            String source = Running.json(busy.send("POST", "/api/home/backups", ""))
                    .get("name")
                    .asString();
            Set<String> acknowledged = ConcurrentHashMap.newKeySet();
            Set<Integer> otherwise = ConcurrentHashMap.newKeySet();
            AtomicBoolean ended = new AtomicBoolean();
            List<Thread> writers = new ArrayList<>();
            for (int writer = 0; writer < 4; writer++) {
                Thread thread = new Thread(() -> {
                    while (!ended.get()) {
                        String name = UUID.randomUUID().toString();
                        int status = busy.send("POST", "/api/feet", foot(name)).statusCode();
                        if (status == 201) {
                            acknowledged.add(name);
                        } else {
                            otherwise.add(status);
                        }
                    }
                });
                thread.start();
                writers.add(thread);
            }
            Set<String> found = new HashSet<>();
            for (int i = 0; i < 3; i++) {
                Thread.sleep(200);
                JsonNode restored = busy.sendJson(
                        "POST", "/api/home/restore", "{\"source\": \"" + source + "\", \"mode\": \"REPLACE\"}");
                found.addAll(names(
                        busy.bytes("/api/home/backups/" + restored.get("before").asString())));
            }
            ended.set(true);
            for (Thread writer : writers) {
                writer.join();
            }
            busy.json("/api/feet").forEach(foot -> found.add(foot.get("name").asString()));
            assertThat(acknowledged).hasSizeGreaterThan(20);
            assertThat(found).containsAll(acknowledged);
            assertThat(otherwise).isSubsetOf(503);
        }
    }

    private static String foot(String name) {
        return "{\"name\": \"" + name + "\", \"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}}";
    }

    private static Set<String> names(byte[] backup) {
        Set<String> names = new HashSet<>();
        JSON.readTree(BackupTest.entries(backup).get("tables/foot.json"))
                .forEach(foot -> names.add(foot.get("name").asString()));
        return names;
    }

    /** A pair that was given away and knitted on in both places: what was counted in either is there, once. */
    @Test
    public void aPairsFileIsMergedPressByPress() {
        try (Running here = Running.on(Running.newHome());
                Running there = Running.on(Running.newHome())) {
            String pair = JournalTest.begun(here);
            JournalTest.press(here, pair, 4);
            byte[] given = here.bytes("/api/home/pairs/" + pair);
            take(there, given, "MERGE");
            JournalTest.press(there, pair, 3);
            JournalTest.press(here, pair, 2);
            byte[] back = there.bytes("/api/home/pairs/" + pair);
            take(here, back, "MERGE");
            assertThat(position(here, pair)).isEqualTo(9);
            take(here, back, "MERGE_TAKING_CLASHES");
            take(here, given, "MERGE_TAKING_CLASHES");
            assertThat(position(here, pair)).isEqualTo(9);
            take(there, here.bytes("/api/home/pairs/" + pair), "MERGE");
            assertThat(position(there, pair)).isEqualTo(9);
        }
    }

    private static void take(Running at, byte[] file, String mode) {
        String source = Running.json(at.upload("/api/home/incoming", file))
                .get("source")
                .asString();
        at.sendJson("POST", "/api/home/restore", "{\"source\": \"" + source + "\", \"mode\": \"" + mode + "\"}");
    }

    private static int position(Running at, String pair) {
        return at.json("/api/laps/" + pair).at("/socks/0/position").asInt(-1);
    }
}
