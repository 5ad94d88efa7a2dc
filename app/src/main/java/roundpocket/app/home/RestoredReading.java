package roundpocket.app.home;

import java.util.Set;
import java.util.UUID;

/**
 * Reads what was put into the store from a backup as the program will read it, before it counts: what cannot be read is
 * refused by name, and nothing of the backup is used then.
 */
public interface RestoredReading {
    /** Reads it in the transaction in which it was put in; {@code pairs} are those that came. */
    void read(Set<UUID> pairs);
}
