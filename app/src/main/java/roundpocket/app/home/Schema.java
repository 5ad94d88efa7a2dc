package roundpocket.app.home;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationVersion;

/**
 * The schema of a database. It is made or moved on in a database beside the one in use, which takes its place once it is
 * complete: whenever the process ends, there is the one or the other, whole.
 */
final class Schema {
    private Schema() {}

    /** The version that this program works with. */
    static int ofThisProgram() {
        return Holder.NEWEST;
    }

    /** Read from the program once, when first asked for. */
    private static final class Holder {
        static final int NEWEST = Arrays.stream(Flyway.configure()
                        .dataSource("jdbc:h2:mem:", "sa", "")
                        .load()
                        .info()
                        .pending())
                .mapToInt(Schema::number)
                .max()
                .orElseThrow();
    }

    private static int number(MigrationInfo migration) {
        return Integer.parseInt(migration.getVersion().getVersion());
    }

    private static Flyway flyway(Database database, MigrationVersion target) {
        return Flyway.configure()
                .dataSource(database.url(), database.user(), "")
                .target(target)
                .load();
    }

    /** The version of a database; 0 where it has none. */
    static int of(Database database) {
        MigrationInfo current = flyway(database, MigrationVersion.LATEST).info().current();
        return current == null ? 0 : number(current);
    }

    /** Makes the schema of a version in a database that is empty, or moves it on to that version. */
    static void moveOn(Database database, int version) {
        flyway(database, MigrationVersion.fromVersion(String.valueOf(version))).migrate();
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
