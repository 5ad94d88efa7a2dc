package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.Connection;
import java.sql.SQLException;
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
    public void everyVersionIsReadAsItWasMade() throws SQLException {
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
}
