package roundpocket.app.home;

import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.h2.jdbcx.JdbcDataSource;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;

/** A process of its own that opens a home, does something with it and closes it again, to be killed on the way. */
final class Killed {
    private static final String DID = "did ";

    private Killed() {}

    /** What the process does over and over, saying each time that it is done. */
    enum Work {
        /** Stores feet, and compacts the file after every fifth. */
        COMPACTS(Killed::write),
        /** Makes backups. */
        BACKS_UP(Killed::backUp),
        /** Puts the backups that are in the home back in turn, each in the place of everything. */
        RESTORES(Killed::restore),
        /** Stores feet, and fills the memory with them. */
        HOARDS(Killed::hoard);

        private final Task task;

        Work(Task task) {
            this.task = task;
        }
    }

    private interface Task {
        void does(HomeKeeper keeper) throws SQLException, IOException;
    }

    /** Says when it begins, so that the time a JVM takes to start is not counted. */
    public static void main(String... home) throws SQLException, IOException {
        System.out.println("begins");
        HomeKeeper keeper = new HomeKeeper(home[0], Clock.systemUTC());
        if (home.length > 1) {
            Work.valueOf(home[1]).task.does(keeper);
        }
        keeper.destroy();
    }

    private static void write(HomeKeeper keeper) throws SQLException, IOException {
        for (int i = 1; i < 10_000; i += 5) {
            write(keeper.home().database(), i, i + 5);
            Compaction.compact(keeper.home());
        }
    }

    private static void hoard(HomeKeeper keeper) throws SQLException, IOException {
        List<byte[]> hoard = new ArrayList<>();
        for (int i = 1; i < 100_000; i++) {
            write(keeper.home().database(), i, i + 1);
            hoard.add(new byte[1 << 20]);
        }
        throw new IllegalStateException("still room after " + hoard.size() + " MB");
    }

    private static void backUp(HomeKeeper keeper) throws SQLException, IOException {
        HomeBackups backups = backups(keeper);
        for (int i = 1; i < 10_000; i++) {
            System.out.println(
                    DID + i + " " + backups.make(Backups.Reason.ASKED).name());
        }
    }

    private static void restore(HomeKeeper keeper) throws SQLException, IOException {
        HomeBackups backups = backups(keeper);
        List<String> asked = keeper.backups().list().stream()
                .filter(kept -> kept.reason() == Backups.Reason.ASKED)
                .map(Backups.Kept::name)
                .toList();
        for (int i = 1; i < 10_000; i++) {
            String source = asked.get(i % asked.size());
            backups.restore(new HomeViews.RestoreWrite(source, HomeViews.Mode.REPLACE));
            System.out.println(DID + i + " " + source);
        }
    }

    /** The backups of a home that no server has open. */
    static HomeBackups backups(HomeKeeper keeper) {
        Database database = keeper.home().database();
        JdbcDataSource store = new JdbcDataSource();
        store.setURL(database.url());
        store.setUser(database.user());
        return new HomeBackups(
                keeper,
                store,
                new StoreLock(),
                List.of(),
                List.of(),
                new DataSourceTransactionManager(store),
                event -> {},
                Clock.systemUTC());
    }

    /** Puts a foot into a store of this program's schema. */
    static final String A_FOOT = "insert into foot (id, version, name, created_at, updated_at, document) values"
            + " (random_uuid(), 0, 'a', current_timestamp, current_timestamp,"
            + " '{\"foot\": {\"lengthMm\": 246, \"ballGirthMm\": 231}, \"measuredOn\": \"2026-11-20\"}')";

    private static void write(Database database, int from, int to) throws SQLException {
        try (Connection store = database.connect();
                PreparedStatement foot = store.prepareStatement(A_FOOT)) {
            for (int i = from; i < to; i++) {
                foot.execute();
                System.out.println(DID + i);
            }
        }
    }

    /** Has something done over and over, kills whoever does so, and gives the lines in which it was said to be done. */
    static List<String> working(Path home, Work work, long afterMs) {
        try {
            Path said = Files.createTempFile("round-pocket", "said");
            Process process =
                    command(home, work.name()).redirectOutput(said.toFile()).start();
            for (int waited = 0; !Files.readString(said).contains(DID) && waited < 600; waited++) {
                Thread.sleep(50);
            }
            Thread.sleep(afterMs);
            process.destroyForcibly().waitFor();
            String all = Files.readString(said);
            // A line that was cut short says nothing.
            return all.substring(0, all.lastIndexOf('\n') + 1)
                    .lines()
                    .filter(line -> line.startsWith(DID))
                    .map(line -> line.substring(DID.length()))
                    .toList();
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    /** What was said by one whose memory ran out, and how it ended. */
    record Ended(int code, List<String> said, String error) {}

    /** Has the memory filled, under the same options as {@code ./pocket start} but for less of it. */
    static Ended hoarding(Path home, List<String> options) throws IOException, InterruptedException {
        List<String> all = new ArrayList<>(options);
        all.add("-Xmx64m");
        Path error = Files.createTempFile("round-pocket", "error");
        Process process = command(home, all, Work.HOARDS.name())
                .redirectError(error.toFile())
                .start();
        List<String> said;
        try (var lines = process.inputReader()) {
            said = lines.lines().toList();
        }
        return new Ended(process.waitFor(), said, Files.readString(error));
    }

    private static ProcessBuilder command(Path home, String... more) {
        return command(home, List.of("-XX:TieredStopAtLevel=1"), more);
    }

    private static ProcessBuilder command(Path home, List<String> options, String... more) {
        List<String> command = new ArrayList<>();
        command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
        command.addAll(options);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), Killed.class.getName(), home.toString()));
        command.addAll(List.of(more));
        return new ProcessBuilder(command).redirectError(new File("/dev/null"));
    }

    /** Opens a home and kills whoever does so after so many milliseconds; true where it was done before. */
    static boolean opening(Path home, long afterMs) {
        try {
            Process process = command(home).start();
            try (var said = process.inputReader()) {
                said.readLine();
            }
            boolean ended = process.waitFor(afterMs, TimeUnit.MILLISECONDS);
            process.destroyForcibly().waitFor();
            return ended;
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }
}
