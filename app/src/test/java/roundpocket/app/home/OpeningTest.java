package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.testng.Reporter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** That a home opens, whatever happened to it, and that nothing damaged is taken for sound. */
public class OpeningTest {
    /** {@code -Dkills=200} for a night. */
    private static final int KILLS = Integer.getInteger("kills", 3);

    /** {@code -Dcopies=70} for as many as were once tried. */
    private static final int COPIES = Integer.getInteger("copies", 28);

    private static final String EARLIER = "first-rules.mv.db.gz";

    private static HomeKeeper open(Path home) {
        return new HomeKeeper(home.toString(), Clock.systemUTC());
    }

    private static Content content(Path home) {
        HomeKeeper keeper = open(home);
        try (Connection store = keeper.home().database().connect()) {
            return Content.of(store);
        } catch (SQLException cannot) {
            throw new IllegalStateException(cannot);
        } finally {
            keeper.destroy();
        }
    }

    private static void run(Path home, String... statements) throws SQLException {
        try (Connection store = new HomeFolder(home).database().connect();
                Statement statement = store.createStatement()) {
            for (String each : statements) {
                statement.execute(each);
            }
        }
    }

    private static Optional<Damage> damage(Path home) {
        HomeKeeper keeper = open(home);
        try {
            return keeper.damage();
        } finally {
            keeper.destroy();
        }
    }

    @Test
    public void aNewHomeIsForItsOwnerOnly() throws IOException {
        Path home = Running.newHome().resolve("deep").resolve("home");
        open(home).destroy();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home)))
                .isEqualTo("rwx------");
        try (var files = Files.list(home)) {
            assertThat(files.filter(Files::isRegularFile).map(OpeningTest::permissions))
                    .containsOnly("rw-------");
        }
    }

    private static String permissions(Path file) {
        try {
            return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        }
    }

    @Test
    public void onlyOneHasItOpen() {
        Path home = Running.newHome();
        HomeKeeper first = open(home);
        assertThatThrownBy(() -> open(home))
                .isInstanceOf(HomeTrouble.class)
                .hasMessageContaining("Another Round Pocket");
        first.destroy();
        open(home).destroy();
    }

    @Test
    public void whatIsNoFolderIsSaid() throws IOException {
        Path file = Files.createTempFile("round-pocket", "no-folder");
        assertThatThrownBy(() -> open(file)).isInstanceOf(HomeTrouble.class).hasMessageContaining("can’t be a folder");
    }

    @Test
    public void aFirstStartThatIsKilledIsMadeUpFor() {
        Random random = new Random(1126);
        int killed = 0;
        for (int i = 0; i < KILLS; i++) {
            Path home = Running.newHome();
            killed += Killed.opening(home, random.nextInt(700)) ? 0 : 1;
            assertThat(content(home).empty()).isTrue();
            assertThat(damage(home)).isEmpty();
        }
        Reporter.log("first starts killed: " + killed + " of " + KILLS, true);
    }

    @Test
    public void anUpgradeThatIsKilledIsMadeUpFor() {
        Random random = new Random(1127);
        Content whole = content(Running.earlier(EARLIER));
        assertThat(whole.tables().get("sock_pair").rows()).isEqualTo(10);
        int killed = 0;
        for (int i = 0; i < KILLS; i++) {
            Path home = Running.earlier(EARLIER);
            killed += Killed.opening(home, random.nextInt(1500)) ? 0 : 1;
            assertThat(content(home)).isEqualTo(whole);
            assertThat(damage(home)).isEmpty();
        }
        Reporter.log("upgrades killed: " + killed + " of " + KILLS, true);
    }

    /** From the first schema on, with something in it. */
    @Test
    public void anUpgradeFromAnyVersionThatIsKilledIsMadeUpFor() throws IOException, SQLException {
        Random random = new Random(1133);
        for (int i = 0; i < Math.max(KILLS, Schema.ofThisProgram() - 1); i++) {
            Path home = Running.newHome();
            Schema.moveOn(new HomeFolder(home).database(), 1);
            run(
                    home,
                    "insert into foot (id, version, name, created_at, updated_at, length_mm, ball_girth_mm) values"
                            + " (random_uuid(), 3, 'kept', current_timestamp, current_timestamp, 246, 231)");
            Schema.moveOn(new HomeFolder(home).database(), 1 + i % (Schema.ofThisProgram() - 1));
            Killed.opening(home, random.nextInt(1200));
            assertThat(content(home).tables().get("foot").rows()).isEqualTo(1);
            assertThat(damage(home)).isEmpty();
        }
    }

    @Test
    public void whatWasAcknowledgedOutlivesAKillWhileTheFileIsCompacted() {
        Random random = new Random(1129);
        int stored = 0;
        for (int i = 0; i < KILLS; i++) {
            Path home = Running.newHome();
            int acknowledged = Killed.working(home, Killed.Work.COMPACTS, random.nextInt(1500))
                    .size();
            assertThat(content(home).tables().get("foot").rows()).isBetween((long) acknowledged, acknowledged + 1L);
            assertThat(damage(home)).isEmpty();
            stored += acknowledged;
        }
        assertThat(stored).isPositive();
        Reporter.log("acknowledged and found: " + stored + " over " + KILLS + " kills", true);
    }

    /** Those that were said to be made are there and whole, and none of those that are there is half made. */
    @Test
    public void aBackupThatIsKilledLeavesTheOthersWhole() throws IOException, SQLException {
        Random random = new Random(1130);
        Content whole = content(Running.earlier(EARLIER));
        int made = 0;
        for (int i = 0; i < KILLS; i++) {
            Path home = Running.earlier(EARLIER);
            List<String> said = Killed.working(home, Killed.Work.BACKS_UP, random.nextInt(1500));
            assertThat(content(home)).isEqualTo(whole);
            assertThat(damage(home)).isEmpty();
            List<String> kept = wholeBackups(home, whole);
            assertThat(kept)
                    .containsAll(said.stream()
                            .skip(Math.max(0, said.size() - Backups.KEPT + 1))
                            .map(line -> line.split(" ")[1])
                            .toList());
            made += said.size();
        }
        assertThat(made).isPositive();
        Reporter.log("backups said to be made: " + made + " over " + KILLS + " kills", true);
    }

    /** The names of the backups that were asked for; each is read to its last row. */
    private static List<String> wholeBackups(Path home, Content whole) throws IOException, SQLException {
        HomeKeeper keeper = open(home);
        List<String> names = new ArrayList<>();
        try (Stream<Path> files = Files.list(keeper.home().backups())) {
            assertThat(files.filter(file -> file.toString().endsWith(HomeFolder.PART)))
                    .as("what was half made is swept up")
                    .isEmpty();
        }
        for (Backups.Kept kept : keeper.backups().list()) {
            Database read = keeper.home().reading();
            try (BackupFile backup = BackupFile.open(kept.file())) {
                backup.readInto(read);
            }
            try (Connection store = read.connect()) {
                assertThat(Content.of(store)).isEqualTo(whole);
            }
            read.delete();
            names.add(kept.name());
        }
        keeper.destroy();
        return names;
    }

    /** Whatever moment it is killed at, there is either all of the one backup or all of the other. */
    @Test
    public void aRestoreThatIsKilledIsDoneOrNot() throws IOException, SQLException {
        Random random = new Random(1131);
        int done = 0;
        for (int i = 0; i < KILLS; i++) {
            Path home = Running.earlier(EARLIER);
            HomeKeeper keeper = open(home);
            Map<String, Content> contents = new HashMap<>();
            for (String change : List.of("1 = 1", "1 = 0")) {
                run(home, "update yarn set name = 'more' where " + change, "delete from swatch where " + change);
                String name = Killed.backups(keeper).make(Backups.Reason.ASKED).name();
                try (Connection store = keeper.home().database().connect()) {
                    contents.put(name, Content.of(store));
                }
                run(home, "delete from lap_event");
            }
            keeper.destroy();
            List<String> said = Killed.working(home, Killed.Work.RESTORES, random.nextInt(2500));
            assertThat(contents.values()).hasSize(2).contains(content(home));
            assertThat(damage(home)).isEmpty();
            done += said.size();
        }
        assertThat(done).isPositive();
        Reporter.log("backups put back: " + done + " over " + KILLS + " kills", true);
    }

    /** With the options of the script: it ends at once instead of going on half alive, and says so. */
    @Test
    public void whoeverRunsOutOfMemoryEndsAndTheNextStartIsClean() throws IOException, InterruptedException {
        String script = Files.readString(Path.of("..", "pocket"));
        String options = script.replaceAll("(?s).*\njvm=\\(\n(.*?)\n\\)\n.*", "$1");
        Path home = Running.newHome();
        Killed.Ended ended = Killed.hoarding(
                home,
                options.lines()
                        .map(line -> line.strip().replaceAll("^\"|\"$", ""))
                        .toList());
        assertThat(ended.code()).isEqualTo(3);
        assertThat(ended.error()).contains("ran out of memory").doesNotContain("\tat ");
        long stored =
                ended.said().stream().filter(line -> line.startsWith("did ")).count();
        assertThat(stored).isPositive();
        assertThat(content(home).tables().get("foot").rows()).isBetween(stored, stored + 1);
        assertThat(damage(home)).isEmpty();
    }

    /** As the Round Pocket before this one left homes when it was killed while it changed the tables. */
    @Test
    public void aHomeThatAnEarlierOneLeftHalfChangedIsWholeAgain() throws SQLException {
        Content whole = content(Running.earlier(EARLIER));
        Path home = Running.earlier(EARLIER);
        run(home, "alter table lap_event add column role varchar(10)", "alter table lap_event add column sure boolean");
        assertThat(content(home)).isEqualTo(whole);
        assertThat(damage(home)).isEmpty();
        Path empty = Running.newHome();
        run(empty, "create table foot (id uuid primary key)");
        assertThat(content(empty).empty()).isTrue();
    }

    @Test
    public void aBackupIsMadeBeforeTheTablesChange() throws IOException {
        Path home = Running.earlier(EARLIER);
        HomeKeeper keeper = open(home);
        assertThat(keeper.backups().list()).hasSize(1).first().satisfies(kept -> {
            assertThat(kept.reason()).isEqualTo(Backups.Reason.UPGRADE);
            assertThat(kept.manifest().schema()).isLessThan(Schema.ofThisProgram());
            assertThat(kept.manifest().rows()).containsEntry("sock_pair", 10L);
        });
        keeper.destroy();
    }

    @Test
    public void whatANewerOneWroteIsRefusedInWords() throws SQLException {
        Path home = Running.newHome();
        open(home).destroy();
        run(
                home,
                "insert into \"flyway_schema_history\" select 99, '99', 'later', \"type\", \"script\", \"checksum\","
                        + " \"installed_by\", \"installed_on\", \"execution_time\", \"success\" from \"flyway_schema_history\" where \"version\" = '1'");
        assertThatThrownBy(() -> open(home)).isInstanceOf(HomeTrouble.class).hasMessageContaining("newer Round Pocket");
    }

    @DataProvider
    public Object[][] heads() {
        return new Object[][] {{4_096}, {8_192}, {12_288}, {16_384}, {20_480}};
    }

    /** Of some of these the database makes an empty store, and says nothing. */
    @Test(dataProvider = "heads")
    public void aFileOfWhichOnlyTheHeadIsLeftIsDamaged(int length) throws IOException {
        Path home = Running.newHome();
        byte[] whole = Files.readAllBytes(
                new HomeFolder(Running.earlier(EARLIER)).database().file());
        Files.write(new HomeFolder(home).database().file(), Arrays.copyOf(whole, length));
        assertThat(damage(home)).isPresent();
    }

    /** Damaged copies, some of a home that was closed and some of one that was killed. */
    @Test
    public void nothingDamagedIsTakenForSound() throws IOException {
        Path good = Running.earlier(EARLIER);
        Content whole = content(good);
        int found = 0;
        int harmless = 0;
        Random random = new Random(1128);
        for (int i = 0; i < COPIES; i++) {
            Path home = Running.newHome();
            Path file = new HomeFolder(home).database().file();
            Files.write(
                    file,
                    damaged(Files.readAllBytes(new HomeFolder(good).database().file()), i % 7, random));
            if (i % 2 == 0) {
                Files.copy(new HomeFolder(good).closed(), new HomeFolder(home).closed());
            }
            HomeKeeper keeper = open(home);
            Optional<Damage> damage = keeper.damage();
            keeper.destroy();
            if (damage.isPresent()) {
                found++;
                assertThat(home.resolve(String.valueOf(damage.get().file()))).exists();
                assertThat(damage.get().faults()).isNotEmpty();
            } else {
                harmless++;
                assertThat(content(home)).as("copy " + i).isEqualTo(whole);
            }
        }
        Reporter.log(found + " damaged copies said so, " + harmless + " were harmless", true);
        assertThat(found).isGreaterThan(COPIES / 4);
    }

    static byte[] damaged(byte[] bytes, int how, Random random) {
        switch (how) {
            case 0 -> bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            case 1 -> {
                for (int i = 0; i < 50; i++) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
                }
            }
            case 2 -> {
                return Arrays.copyOf(bytes, random.nextInt(bytes.length));
            }
            case 3 -> {
                return new byte[0];
            }
            case 4 -> Arrays.fill(bytes, 4096 * random.nextInt(bytes.length / 4096), bytes.length, (byte) 0);
            case 5 -> {
                int from = random.nextInt(bytes.length - 4096);
                Arrays.fill(bytes, from, from + 4096, (byte) 0);
            }
            default -> {
                String text = new String(bytes, StandardCharsets.ISO_8859_1);
                int at = text.indexOf("tenor", random.nextInt(bytes.length / 2));
                bytes[Math.max(at, 9000)] = 'T';
            }
        }
        return bytes;
    }

    @Test
    public void aFileThatWentBackOrIsGoneIsSaid() throws IOException, SQLException {
        Path home = Running.earlier(EARLIER);
        open(home).destroy();
        HomeFolder folder = new HomeFolder(home);
        byte[] before = Files.readAllBytes(folder.database().file());
        run(home, "update yarn set name = 'more' where rownum() = 1");
        HomeKeeper keeper = open(home);
        assertThat(keeper.damage()).as("changed by hand").isPresent();
        HomeFolder.delete(folder.damage());
        keeper.destroy();
        Files.write(folder.database().file(), before);
        keeper = open(home);
        assertThat(keeper.damage()).as("an earlier file in its place").isPresent();
        HomeFolder.delete(folder.damage());
        keeper.destroy();
        Files.delete(folder.database().file());
        keeper = open(home);
        assertThat(keeper.damage()).get().satisfies(damage -> {
            assertThat(damage.file()).isNull();
            assertThat(damage.backup()).startsWith("before-upgrade");
        });
        keeper.destroy();
    }
}
