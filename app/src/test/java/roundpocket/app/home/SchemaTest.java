package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.testng.annotations.Test;

/** That the version of a store is read as Flyway, which makes it, would read it. */
public class SchemaTest {
    private static int version(Database database) throws SQLException {
        try (Connection store = database.connect()) {
            return Schema.of(store);
        }
    }

    private static Flyway flyway(Database database) {
        return Flyway.configure()
                .dataSource(database.url(), database.user(), "")
                .load();
    }

    @Test
    public void everyVersionIsReadAsItWasMade() throws IOException, SQLException {
        Database database = new HomeFolder(Running.newHome()).database();
        assertThat(version(database)).isZero();
        for (int made = 1; made <= Schema.ofThisProgram(); made++) {
            Schema.moveOn(database, made);
            assertThat(version(database)).isEqualTo(made);
            assertThat(flyway(database).info().current().getVersion().getVersion())
                    .isEqualTo(String.valueOf(made));
        }
        assertThat(flyway(database).info().pending()).isEmpty();
    }

    /** Of any version but the newest, so that no other test has made one before. */
    @Test
    public void aSchemaThatIsMadeAgainIsTheSame() throws IOException, SQLException {
        int version = Schema.ofThisProgram() - 1;
        List<String> first = made(version);
        assertThat(first).anyMatch(statement -> statement.contains("SEAL"));
        assertThat(made(version)).isEqualTo(first);
    }

    private static List<String> made(int version) throws IOException, SQLException {
        Database database = new HomeFolder(Running.newHome()).database();
        Schema.moveOn(database, version);
        assertThat(version(database)).isEqualTo(version);
        List<String> statements = new ArrayList<>();
        try (Connection store = database.connect();
                Statement statement = store.createStatement();
                ResultSet script = statement.executeQuery("script nodata nosettings")) {
            while (script.next()) {
                statements.add(script.getString(1));
            }
        }
        return statements;
    }
}
