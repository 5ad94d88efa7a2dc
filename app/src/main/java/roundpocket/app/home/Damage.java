package roundpocket.app.home;

import java.io.IOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * That a database was found damaged, or gone. Stays until somebody has put a backup back or goes on with an empty home.
 *
 * @param found when it was found
 * @param file where the damaged file is kept, within the home; nothing where it is gone
 * @param faults what is amiss with it
 * @param backup the name of the last backup that can be read; nothing where there is none
 * @param presses what was counted, weighed or noted after that backup, as far as the damaged file can tell
 * @param pairs how many plans were changed after it, likewise
 * @param kept how many of the presses after it are in the journal, and come back with it
 */
public record Damage(
        Instant found,
        @Nullable String file,
        List<String> faults,
        @Nullable String backup,
        @Nullable Long presses,
        @Nullable Long pairs,
        @Nullable Long kept) {
    private static final JsonMapper JSON = new JsonMapper();

    static Optional<Damage> noted(HomeFolder home) {
        try {
            return Files.exists(home.damage())
                    ? Optional.of(JSON.readValue(Files.readString(home.damage()), Damage.class))
                    : Optional.empty();
        } catch (IOException | JacksonException unreadable) {
            return Optional.of(new Damage(Instant.EPOCH, null, List.of(), null, null, null, null));
        }
    }

    void note(HomeFolder home) {
        HomeFolder.write(home.damage(), JSON.writeValueAsString(this));
    }

    /** The same with what the damaged file still tells of the time after a moment. */
    Damage since(Database damaged, Instant backup) {
        return new Damage(
                found,
                file,
                faults,
                this.backup,
                count(damaged, "lap_event", "heard_at", backup),
                count(damaged, "sock_pair", "updated_at", backup),
                kept);
    }

    private static @Nullable Long count(Database damaged, String table, String time, Instant after) {
        try (Connection store = damaged.connect();
                PreparedStatement asked =
                        store.prepareStatement("select count(*) from " + table + " where " + time + " > ?")) {
            asked.setObject(1, after.atOffset(ZoneOffset.UTC));
            try (ResultSet row = asked.executeQuery()) {
                row.next();
                return row.getLong(1);
            }
        } catch (SQLException | RuntimeException unreadable) {
            return null;
        }
    }
}
