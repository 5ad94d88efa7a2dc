package roundpocket.app.pairs;

import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SpecPart;
import roundpocket.app.store.StoredWrite;

/**
 * A pair as it is written.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param spec everything its plan is made from
 * @param footId the foot its measures were taken from
 * @param swatchId the swatch its gauge was taken from
 * @param yarnId the yarn its label was taken from
 * @param footName new pair only: keep the foot under this name, when it is not on the shelf yet
 */
public record PairWrite(
        @Nullable Long version,
        String name,
        SpecPart spec,
        @Nullable UUID footId,
        @Nullable UUID swatchId,
        @Nullable UUID yarnId,
        @Nullable String footName)
        implements StoredWrite {

    PairWrite from(@Nullable UUID newFootId, @Nullable UUID newSwatchId) {
        return new PairWrite(version, name, spec, newFootId, newSwatchId, yarnId, null);
    }
}
