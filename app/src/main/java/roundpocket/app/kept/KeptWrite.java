package roundpocket.app.kept;

import org.jspecify.annotations.Nullable;

/** What a person writes: a name, and the version it was read at when something is changed. */
public interface KeptWrite {
    String name();

    @Nullable
    Long version();
}
