package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.FabricState;

/**
 * What else is known of a swatch.
 *
 * @param state what it had been through
 * @param inTheRound whether it was worked in the round
 * @param needleMm the needle, 1 to 8 mm
 * @param wantedStitches the stitch gauge that was hoped for, in 10 cm
 */
public record FabricPart(
        @Nullable FabricState state,
        @Nullable Boolean inTheRound,
        @Nullable Double needleMm,
        @Nullable Double wantedStitches) {
    static FabricPart of(Fabric fabric) {
        return new FabricPart(
                fabric.state().orElse(null),
                fabric.inTheRound().orElse(null),
                fabric.needleMm().isPresent() ? fabric.needleMm().getAsDouble() : null,
                fabric.wantedStitches().isPresent() ? fabric.wantedStitches().getAsDouble() : null);
    }

    Fabric toCore() {
        return new Fabric(
                Optional.ofNullable(state),
                Optional.ofNullable(inTheRound),
                Present.number(needleMm),
                Present.number(wantedStitches));
    }
}
