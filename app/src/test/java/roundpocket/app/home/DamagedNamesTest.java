package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DamagedNamesTest {
    private static final String EARLIER = "first-rules.mv.db.gz";

    private static HomeKeeper open(Path home) {
        return new HomeKeeper(home.toString(), Clock.systemUTC());
    }

    @DataProvider
    public Object[][] names() {
        return new Object[][] {
            {"alter table yarn alter column seal rename to qeal", "the table yarn has lost its seals"},
            {"alter table yarn_settled rename to yarn_sdttled", "1 table is gone"},
        };
    }

    /** A name that is damaged hides what is behind it: its rows would be in nobody's check. */
    @Test(dataProvider = "names")
    public void aNameThatIsDamagedIsSeen(String statement, String fault) throws SQLException {
        Path home = Running.earlier(EARLIER);
        HomeKeeper first = open(home);
        first.destroy();
        try (Connection store = new HomeFolder(home).database().connect();
                Statement change = store.createStatement()) {
            change.execute(statement);
        }
        HomeKeeper keeper = open(home);
        Optional<Damage> seen = keeper.damage();
        keeper.destroy();
        assertThat(seen).hasValueSatisfying(damage -> assertThat(damage.faults())
                .anySatisfy(each -> assertThat(each).contains(fault)));
    }
}
