package roundpocket.app.home;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What bringing a backup back would do, thing by thing, before anything is done. */
public final class Findings {
    private Findings() {}

    /** What would become of a thing. */
    public enum Fate {
        /** It is not here, and would be added. */
        ADD,
        /** It is the same here. */
        SAME,
        /** The backup’s is as late or later, and would take the place of the one here. */
        RENEW,
        /** What is here was changed later; it stays unless the backup's is wanted. */
        CLASH
    }

    /**
     * A thing in a backup.
     *
     * @param shelf where it stands
     * @param id its id
     * @param name what the backup calls it
     * @param fate what would become of it
     * @param here when the one here was changed last; nothing where there is none
     * @param backup when the backup's was
     */
    public record Found(
            Thing.Shelf shelf,
            UUID id,
            String name,
            Fate fate,
            @Nullable Instant here,
            Instant backup) {}

    /** Holds everything in one store against another. */
    static List<Found> between(Connection backup, Connection here) throws SQLException {
        List<Found> found = new ArrayList<>();
        for (Thing.Shelf shelf : Thing.Shelf.values()) {
            Map<UUID, Thing> there = shelf.of(here);
            for (Thing thing : shelf.of(backup).values()) {
                Thing other = there.get(thing.id());
                found.add(new Found(
                        shelf,
                        thing.id(),
                        thing.name(),
                        fate(thing, other),
                        other == null ? null : other.changed(),
                        thing.changed()));
            }
        }
        return found;
    }

    private static Fate fate(Thing backup, @Nullable Thing here) {
        if (here == null) {
            return Fate.ADD;
        }
        if (backup.same(here)) {
            return Fate.SAME;
        }
        // Changed at the same time and yet another: here it lost the link to something that was thrown away since.
        return backup.changed().isBefore(here.changed()) ? Fate.CLASH : Fate.RENEW;
    }
}
