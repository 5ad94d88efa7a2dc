package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A home that was killed, and whose file is then damaged, gone or an earlier one: what was acknowledged is there or is told. */
public class JournalTest {
    /** {@code -Dcopies=1000} for a long run. */
    private static final int COPIES = Integer.getInteger("copies", 21);

    private static final String SPEC =
            "{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"swatch\": {\"stitches\":"
                    + " [{\"count\": 31, \"spanMm\": 100}], \"rounds\": [{\"count\": 43, \"spanMm\": 100}]}}";

    private Path killed;
    private String before;
    private String after;
    private byte[] fiveEarlier;
    private byte[] beforeTheNote;
    private Content whole;

    /** A pair from before the backup and one from after it, ten presses on each, and a note between two of them. */
    @BeforeClass
    public void knit() throws IOException, SQLException {
        Path home = Running.newHome();
        try (Running app = Running.on(home)) {
            before = begun(app);
            press(app, before, 5);
            app.sendJson("POST", "/api/home/backups", "");
            after = begun(app);
            press(app, before, 5);
            press(app, after, 5);
            beforeTheNote = file(home);
            app.sendJson("POST", "/api/log/" + before + "/notes", "{\"kind\": \"OTHER\", \"words\": \"kept\"}");
            fiveEarlier = file(home);
            press(app, after, 5);
            killed = copy(home);
        }
        whole = content(copy(killed));
        assertThat(whole.tables().get("lap_event").rows()).isEqualTo(20);
    }

    @AfterClass(alwaysRun = true)
    public void tellNothing() {
        fiveEarlier = new byte[0];
        beforeTheNote = new byte[0];
    }

    static String begun(Running app) {
        JsonNode pair = app.sendJson(
                "POST", "/api/pairs", "{\"name\": \"n" + UUID.randomUUID() + "\", \"spec\": " + SPEC + "}");
        app.sendJson("POST", "/api/laps/" + pair.get("id").asString(), "{}");
        return pair.get("id").asString();
    }

    static void press(Running app, String pair, int times) {
        for (int i = 0; i < times; i++) {
            app.sendJson(
                    "POST",
                    "/api/laps/" + pair + "/events",
                    "[{\"id\": \"" + UUID.randomUUID() + "\", \"sock\": 1, \"kind\": \"DONE\", \"device\": \"d\","
                            + " \"at\": \"2026-11-23T19:00:00Z\"}]");
        }
    }

    private static byte[] file(Path home) throws IOException {
        return Files.readAllBytes(new HomeFolder(home).database().file());
    }

    /** A home as it is found after a kill at this moment. */
    private static Path copy(Path home) {
        Path copied = Running.newHome();
        try (Stream<Path> all = Files.walk(home)) {
            for (Path each : all.toList()) {
                Path to = copied.resolve(home.relativize(each).toString());
                if (!Files.isDirectory(each)) {
                    Files.createDirectories(to.getParent());
                    Files.copy(each, to, StandardCopyOption.REPLACE_EXISTING);
                }
            }
            return copied;
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private Path killedWith(byte[] file) throws IOException {
        Path home = copy(killed);
        Files.write(new HomeFolder(home).database().file(), file);
        return home;
    }

    private static HomeKeeper open(Path home) {
        return new HomeKeeper(home.toString(), Clock.systemUTC());
    }

    private static Content content(Path home) throws SQLException {
        HomeKeeper keeper = open(home);
        try (Connection store = keeper.home().database().connect()) {
            return Content.of(store);
        } finally {
            keeper.destroy();
        }
    }

    private static long presses(Connection store) throws SQLException {
        return Content.of(store).tables().get("lap_event").rows();
    }

    @Test
    public void aKilledHomeIsWhole() throws SQLException {
        Path home = copy(killed);
        assertThat(content(home)).isEqualTo(whole);
        assertThat(Damage.noted(new HomeFolder(home))).isEmpty();
    }

    /** Of all that is missing the journal knows what it was: the home is what it was, and the file is kept as it was found. */
    @Test
    public void aFileThatFellBackByPressesIsCaughtUp() throws IOException, SQLException {
        Path home = killedWith(fiveEarlier);
        assertThat(content(home).tables().get("lap_event").rows()).isEqualTo(20);
        assertThat(Damage.noted(new HomeFolder(home))).isEmpty();
        try (Stream<Path> kept = Files.list(new HomeFolder(home).damaged())) {
            assertThat(kept).hasSize(1);
        }
        HomeKeeper again = open(home); // and it is not put in twice
        try (Connection store = again.home().database().connect()) {
            assertThat(presses(store)).isEqualTo(20);
        }
        again.destroy();
    }

    @Test
    public void aFileThatFellBackByMoreSaysSo() throws IOException {
        Path home = killedWith(beforeTheNote);
        HomeKeeper keeper = open(home);
        assertThat(keeper.damage()).get().satisfies(damage -> {
            assertThat(damage.faults()).singleElement().asString().contains("fallen back", "6 changes");
            assertThat(damage.backup()).startsWith("asked");
            assertThat(damage.kept()).isEqualTo(15);
        });
        keeper.destroy();
    }

    /** Both pairs, also the one that was begun after the backup, and all their presses. */
    @Test
    public void pressesOutliveTheLossOfTheFile() throws IOException {
        Path home = killedWith(new byte[0]);
        Files.delete(new HomeFolder(home).database().file());
        try (Running app = Running.on(home)) {
            JsonNode damage = app.json("/api/home").get("damage");
            assertThat(damage.get("kept").asLong()).isEqualTo(15);
            JsonNode restored = app.sendJson(
                    "POST",
                    "/api/home/restore",
                    "{\"source\": \"" + damage.get("backup").asString() + "\", \"mode\": \"REPLACE\"}");
            assertThat(restored.get("presses").asLong()).isEqualTo(15);
            for (String pair : List.of(before, after)) {
                assertThat(app.json("/api/laps/" + pair).at("/socks/0/position").asInt(-1))
                        .isEqualTo(10);
            }
        }
        Path once = copy(home);
        HomeKeeper keeper = open(once);
        assertThat(keeper.damage()).isEmpty();
        keeper.destroy();
    }

    /** Whatever becomes of the file: it is whole, or caught up, or it says so. Then the backup and the journal have all presses. */
    @Test
    public void nothingDamagedIsOpenedAsAnEarlierOne() throws IOException, SQLException {
        Random random = new Random(1201);
        int told = 0;
        for (int i = 0; i < COPIES; i++) {
            Path home = killedWith(OpeningTest.damaged(file(killed), i % 7, random));
            HomeKeeper keeper = open(home);
            Optional<Damage> damage = keeper.damage();
            if (damage.isPresent()) {
                told++;
                Killed.backups(keeper)
                        .restore(new HomeViews.RestoreWrite(
                                String.valueOf(damage.get().backup()), HomeViews.Mode.REPLACE));
                try (Connection store = keeper.home().database().connect()) {
                    assertThat(presses(store)).as("put back, copy " + i).isEqualTo(20);
                }
            } else {
                try (Connection store = keeper.home().database().connect()) {
                    assertThat(presses(store)).as("copy " + i).isEqualTo(20);
                    assertThat(Content.of(store).tables().get("log_note"))
                            .isEqualTo(whole.tables().get("log_note"));
                }
            }
            keeper.destroy();
        }
        Reporter.log(told + " of " + COPIES + " damaged copies said so, the others are whole", true);
        assertThat(told).isGreaterThan(COPIES / 4);
    }

    /** A damaged or cut journal says less; it never breaks a home that is sound. */
    @Test
    public void aJournalThatIsDamagedBreaksNothing() throws IOException, SQLException {
        Path home = copy(killed);
        try (Stream<Path> files = Files.list(new HomeFolder(home).journal())) {
            for (Path file : files.toList()) {
                byte[] bytes = Files.readAllBytes(file);
                if (bytes.length > 10) {
                    bytes[bytes.length / 2] ^= 1;
                    Files.write(file, bytes);
                    Files.writeString(file, "0000", StandardCharsets.US_ASCII, StandardOpenOption.APPEND);
                }
            }
        }
        assertThat(content(home)).isEqualTo(whole);
    }

    /** Whoever only looks changes nothing, and nothing is written down of it. */
    @Test
    public void whoeverReadsIsNotWrittenDown() {
        Path home = copy(killed);
        try (Running app = Running.on(home)) {
            app.json("/api/basket"); // what a start still does is done
            long mark = JournalFile.read(new HomeFolder(home)).last();
            for (String path :
                    List.of("pairs", "basket", "laps", "laps/" + before, "feet", "yarns", "log", "stash", "home")) {
                app.json("/api/" + path);
            }
            assertThat(JournalFile.read(new HomeFolder(home)).last()).isEqualTo(mark);
        }
    }
}
