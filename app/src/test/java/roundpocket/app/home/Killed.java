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

/** A process of its own that opens a home and closes it again, to be killed on the way. */
final class Killed {
    private static final String STORED = "stored ";

    private Killed() {}

    /** Says when it begins, so that the time a JVM takes to start is not counted. */
    public static void main(String... home) throws SQLException, IOException {
        System.out.println("begins");
        HomeKeeper keeper = new HomeKeeper(home[0], Clock.systemUTC());
        if (home.length > 1) {
            write(keeper.home());
        }
        keeper.destroy();
    }

    /** Stores feet and says of each that it is stored, and compacts the file ever again. */
    private static void write(HomeFolder home) throws SQLException, IOException {
        for (int i = 1; i < 10_000; i += 5) {
            write(home.database(), i, i + 5);
            Compaction.compact(home);
        }
    }

    private static void write(Database database, int from, int to) throws SQLException {
        try (Connection store = database.connect();
                PreparedStatement foot = store.prepareStatement("insert into foot (id, version, name, created_at,"
                        + " updated_at, length_mm, ball_girth_mm, measured_on) values (random_uuid(), 0, 'a', current_timestamp,"
                        + " current_timestamp, 246, 231, current_date)")) {
            for (int i = from; i < to; i++) {
                foot.execute();
                System.out.println(STORED + i);
            }
        }
    }

    /** Has feet stored and compacted, kills whoever does so, and gives how many were said to be stored. */
    static int writing(Path home, long afterMs) {
        try {
            Path said = Files.createTempFile("round-pocket", "said");
            Process process =
                    command(home, "writes").redirectOutput(said.toFile()).start();
            for (int waited = 0; !Files.readString(said).contains(STORED) && waited < 600; waited++) {
                Thread.sleep(50);
            }
            Thread.sleep(afterMs);
            process.destroyForcibly().waitFor();
            return Files.readString(said)
                    .lines()
                    .filter(line -> line.startsWith(STORED))
                    .mapToInt(line -> Integer.parseInt(line.substring(STORED.length())))
                    .max()
                    .orElse(0);
        } catch (IOException cannot) {
            throw new IllegalStateException(cannot);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private static ProcessBuilder command(Path home, String... more) {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                Killed.class.getName(),
                home.toString()));
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
