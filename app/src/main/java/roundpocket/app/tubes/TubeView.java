package roundpocket.app.tubes;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.ReadingPart;

/**
 * A ready tube as it is read.
 *
 * @param rounds its rounds, where they were counted
 * @param lengthMm its length, where it was measured instead
 * @param massG its mass, where it was weighed instead
 * @param bands its bands, counted on it; empty where its yarn says them, or there are none
 * @param startRounds how many rounds of the repeat are missing where its toes' end begins
 * @param usedUp whether nothing of it is left
 * @param goneYarn what its yarn was called, where that has left its shelf since; the tube keeps what it knew of it
 * @param cuttings what was cut off it, the first first
 */
public record TubeView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        int stitches,
        @Nullable Integer rounds,
        @Nullable Double lengthMm,
        @Nullable Double massG,
        ReadingPart stitchReading,
        ReadingPart roundReading,
        @Nullable UUID yarnId,
        List<TubeBandPart> bands,
        double startRounds,
        boolean toeEndHeld,
        boolean cuffEndHeld,
        boolean two,
        @Nullable Integer spareRounds,
        @Nullable Double contrastG,
        @Nullable String notes,
        List<TubeWishPart> wishes,
        boolean usedUp,
        List<CuttingMadeView> cuttings,
        @Nullable String goneYarn) {
    TubeView withGoneYarn(String yarnName) {
        return new TubeView(
                id,
                version,
                name,
                updatedAt,
                stitches,
                rounds,
                lengthMm,
                massG,
                stitchReading,
                roundReading,
                yarnId,
                bands,
                startRounds,
                toeEndHeld,
                cuffEndHeld,
                two,
                spareRounds,
                contrastG,
                notes,
                wishes,
                usedUp,
                cuttings,
                yarnName);
    }

    /**
     * What was cut off at one time.
     *
     * @param madeAt when
     * @param stretches the tube as it was, from its toes' end
     */
    public record CuttingMadeView(Instant madeAt, List<StretchMadeView> stretches) {}

    /**
     * A stretch of a tube that was cut.
     *
     * @param kind what became of it
     * @param fromRound rounds of the tube before it
     * @param toRound rounds up to its end
     * @param whose whose piece it is
     * @param pairId the pair that it went to
     */
    public record StretchMadeView(
            String kind,
            int fromRound,
            int toRound,
            @Nullable String whose,
            @Nullable UUID pairId) {}
}
