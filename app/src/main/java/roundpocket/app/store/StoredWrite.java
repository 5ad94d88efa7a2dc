package roundpocket.app.store;

import org.jspecify.annotations.Nullable;

/** What a person writes: a name, and the version it was read at when something is changed. */
public interface StoredWrite {
    String name();

    @Nullable
    Long version();
}
