package roundpocket.app.tubes;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.ReadingPart;

/**
 * A ready tube as it lies there.
 *
 * @param rounds its rounds, where they were counted
 * @param lengthMm its length, where it was measured instead
 * @param massG its mass, where it was weighed instead
 * @param yarnId the yarn it is of, by the shelf of yarns
 * @param bands its bands, counted on it; empty where its yarn says them, or there are none
 * @param startRounds how many rounds of the repeat are missing where its toes' end begins
 */
public record TubeSheet(
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
        List<TubeWishPart> wishes) {
    public TubeSheet {
        bands = bands == null ? List.of() : List.copyOf(bands);
        wishes = wishes == null ? List.of() : List.copyOf(wishes);
    }

    /** The same of so many rounds, with the ends that it has then. */
    TubeSheet cut(int otherRounds, Ends ends, List<TubeWishPart> left) {
        return new TubeSheet(
                stitches,
                otherRounds,
                null,
                null,
                stitchReading,
                roundReading,
                yarnId,
                bands,
                ends.startRounds(),
                ends.toeEndHeld(),
                ends.cuffEndHeld(),
                two,
                spareRounds,
                ends.contrastG(),
                notes,
                left);
    }

    Ends ends() {
        return new Ends(startRounds, toeEndHeld, cuffEndHeld, contrastG);
    }

    /** What a cut changes besides the rounds. */
    public record Ends(
            double startRounds,
            boolean toeEndHeld,
            boolean cuffEndHeld,
            @Nullable Double contrastG) {}
}
