package roundpocket.app.laps;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import roundpocket.app.home.RestoreCheck;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import tools.jackson.core.JacksonException;

/** Whether every event in a backup is one that this program reads. */
@Component
class RestoredEvents implements RestoreCheck {
    private final LapEvents events;

    RestoredEvents(LapEvents events) {
        this.events = events;
    }

    @Override
    public void check(Connection backup) throws SQLException {
        try (Statement statement = backup.createStatement();
                ResultSet row = statement.executeQuery("select distinct kind, payload from lap_event")) {
            while (row.next()) {
                readable(row.getString(1), row.getString(2));
            }
        }
    }

    private void readable(String kind, String payload) {
        try {
            events.readable(kind, payload);
        } catch (JacksonException | Refusal | IllegalArgumentException unreadable) {
            throw new Refusal(List.of(new Problem(
                    "backup",
                    "file",
                    "In this backup, the table lap_event holds something that Round Pocket can’t read: " + kind + ".",
                    "Nothing was changed. Choose an earlier backup.",
                    Map.of())));
        }
    }
}
