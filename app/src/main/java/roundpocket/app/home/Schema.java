package roundpocket.app.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/**
 * The schema of a database. It is made or moved on in a database beside the one in use, which takes its place once it is
 * complete: whenever the process ends, there is the one or the other, whole.
 */
final class Schema {
    /** In which the steps that were taken are written down. */
    private static final String HISTORY = "flyway_schema_history";

    /** What the file of a database with nothing in it was, by its version: each backup that is read needs one. */
    private static final Map<Integer, byte[]> EMPTY = new ConcurrentHashMap<>();

    private Schema() {}

    /** The version that this program works with. */
    static int ofThisProgram() {
        return Holder.NEWEST;
    }

    /** Read off the names of the steps that ship, once, when first asked for. */
    private static final class Holder {
        private static final String STEPS = "classpath:db/migration/V*__*.sql";

        static final int NEWEST = newest();

        private static int newest() {
            try {
                return Arrays.stream(new PathMatchingResourcePatternResolver().getResources(STEPS))
                        .mapToInt(step -> number(String.valueOf(step.getFilename())))
                        .max()
                        .orElseThrow();
            } catch (IOException cannot) {
                throw new UncheckedIOException(cannot);
            }
        }

        private static int number(String step) {
            return Integer.parseInt(step.substring(1, step.indexOf("__")));
        }
    }

    private static Flyway flyway(Database database, MigrationVersion target) {
        return Flyway.configure()
                .dataSource(database.urlWhileMade(), database.user(), "")
                .target(target)
                .load();
    }

    /** The version of a store; 0 where it has none. Asked by itself: this is done at every start. */
    static int of(Connection store) throws SQLException {
        try (Statement statement = store.createStatement()) {
            try (ResultSet row = statement.executeQuery("select count(*) from information_schema.tables"
                    + " where table_schema = 'PUBLIC' and table_name = '" + HISTORY + "'")) {
                row.next();
                if (row.getInt(1) == 0) {
                    return 0;
                }
            }
            try (ResultSet row =
                    statement.executeQuery("select max(cast(\"version\" as integer)) from \"" + HISTORY + "\"")) {
                row.next();
                return row.getInt(1);
            }
        }
    }

    /**
     * Makes the schema of a version in a database that is empty, or moves it on to that version. The database is one beside
     * the home's, and on the disk only once this is done.
     */
    static void moveOn(Database database, int version) throws IOException {
        boolean isNew = !database.exists();
        byte[] before = isNew ? EMPTY.get(version) : null;
        if (before != null) {
            Files.write(database.file(), before);
            return;
        }
        flyway(database, MigrationVersion.fromVersion(String.valueOf(version))).migrate();
        if (isNew) {
            EMPTY.put(version, Files.readAllBytes(database.file()));
        }
    }

    /** Makes the home's database. */
    static void make(HomeFolder home) throws IOException {
        Database next = home.next();
        next.delete();
        moveOn(next, ofThisProgram());
        next.replace(home.database());
    }

    /** Moves the home's database on to this program's version, in a copy of it. */
    static void moveOn(HomeFolder home) throws IOException, SQLException {
        Database next = home.next();
        next.delete();
        Files.copy(home.database().file(), next.file(), StandardCopyOption.REPLACE_EXISTING);
        moveOn(next, ofThisProgram());
        next.replace(home.database());
    }
}
