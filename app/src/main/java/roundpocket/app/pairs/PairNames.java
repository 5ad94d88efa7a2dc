package roundpocket.app.pairs;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What a pair, its foot and its yarn are called, where these are on their shelves. */
public record PairNames(
        UUID pairId,
        String name,
        @Nullable UUID footId,
        @Nullable String foot,
        @Nullable UUID yarnId,
        @Nullable String yarn) {}
