package roundpocket.app.home;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;

/**
 * A database file, opened beside the application's own connections.
 *
 * @param name its path without the ending
 */
record Database(Path name) {
    private static final String USER = "sa";

    Path file() {
        return name.resolveSibling(name.getFileName() + ".mv.db");
    }

    /** Without WRITE_DELAY=0 a killed process loses what it had acknowledged. */
    String url() {
        return url(0);
    }

    /** For one that nobody relies on before it is closed: written as it comes, each of a hundred steps would wait for the disk. */
    String urlWhileMade() {
        return url(10_000);
    }

    private String url(int writeDelayMs) {
        return "jdbc:h2:file:" + name.toAbsolutePath() + ";WRITE_DELAY=" + writeDelayMs
                + ";DB_CLOSE_ON_EXIT=FALSE;TRACE_LEVEL_FILE=0";
    }

    String user() {
        return USER;
    }

    boolean exists() {
        return Files.exists(file());
    }

    /** The connection; the database is closed with it. */
    Connection connect() throws SQLException {
        return DriverManager.getConnection(url(), USER, "");
    }

    void delete() {
        HomeFolder.delete(file());
        HomeFolder.delete(name.resolveSibling(name.getFileName() + ".trace.db"));
        // What the store leaves while it compacts.
        HomeFolder.delete(name.resolveSibling(name.getFileName() + ".mv.db.tempFile"));
        HomeFolder.delete(name.resolveSibling(name.getFileName() + ".mv.db.newFile"));
    }

    /** Lets this one, which is complete and closed, take the place of another. */
    void replace(Database other) throws IOException {
        HomeFolder.moveIntoPlace(file(), other.file());
    }
}
