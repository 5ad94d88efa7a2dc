package roundpocket.app.tubes;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A ready tube as it is read.
 *
 * @param tube what there is of it
 * @param usedUp whether nothing of it is left
 * @param goneYarn what its yarn was called, where that has left its shelf since; the tube keeps what it knew of it
 * @param cuttings what was cut off it, the first first
 */
public record TubeView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        @JsonUnwrapped TubeSheet tube,
        boolean usedUp,
        List<CuttingMadeView> cuttings,
        @Nullable String goneYarn) {
    static TubeView of(TubeRow row, @Nullable String goneYarn) {
        return new TubeView(
                row.getId(),
                row.version(),
                row.name(),
                row.updatedAt(),
                row.tube(),
                row.kept().usedUp(),
                row.kept().cuttings().stream()
                        .map(made -> new CuttingMadeView(made.madeAt(), made.stretches()))
                        .toList(),
                goneYarn);
    }

    /**
     * What was cut off at one time.
     *
     * @param madeAt when
     * @param stretches the tube as it was, from its toes' end
     */
    public record CuttingMadeView(Instant madeAt, List<TubeKept.StretchKept> stretches) {}
}
