package roundpocket.app.tubes;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.ReadingPart;
import roundpocket.app.store.Names;
import roundpocket.app.store.StoredWrite;

/**
 * A ready tube as it is written. How long it is is given once: in rounds, as a length or as a mass.
 *
 * @param version the version it was read at; left out for a new one
 * @param name what it is called
 * @param stitches its stitches, an even number from 16 to 400
 * @param rounds its rounds, 20 to 5000
 * @param lengthMm its length, 50 to 20 000 mm
 * @param massG its mass, 5 to 2000 g
 * @param stitchReading stitches counted on it
 * @param roundReading rounds counted on it
 * @param yarnId the yarn it is of, by the shelf of yarns; the usual sock yarn where it is left out
 * @param bands its bands, counted on it, at most 40; those of its yarn where there are none
 * @param startRounds how many rounds of the repeat are missing where its toes' end begins; none where it is left out
 * @param toeEndHeld whether the stitches of that end are on a thread; usually they are
 * @param cuffEndHeld the same of the other end
 * @param two whether there are two of it, alike
 * @param spareRounds rounds more than needed at each cut rim, 1 to 3; usually 2
 * @param contrastG grams of another cake for heels, toes and cuffs
 * @param notes what else is to be known
 * @param wishes what is wished for from it, the first first, at most 8
 */
public record TubeWrite(
        @Nullable Long version,
        String name,
        int stitches,
        @Nullable Integer rounds,
        @Nullable Double lengthMm,
        @Nullable Double massG,
        ReadingPart stitchReading,
        ReadingPart roundReading,
        @Nullable UUID yarnId,
        @Nullable List<TubeBandPart> bands,
        @Nullable Double startRounds,
        @Nullable Boolean toeEndHeld,
        @Nullable Boolean cuffEndHeld,
        @Nullable Boolean two,
        @Nullable Integer spareRounds,
        @Nullable Double contrastG,
        @Nullable String notes,
        @Nullable List<TubeWishPart> wishes)
        implements StoredWrite {
    /** A remnant of a tube, under another name and of other rounds; the other cake stays with that one. */
    static TubeWrite remnant(TubeSheet of, String name, int rounds, double startRounds) {
        return new TubeWrite(
                null,
                name,
                of.stitches(),
                rounds,
                null,
                null,
                of.stitchReading(),
                of.roundReading(),
                of.yarnId(),
                of.bands(),
                startRounds,
                true,
                true,
                of.two(),
                of.spareRounds(),
                null,
                null,
                List.of());
    }

    /** What was left out as it usually is, and the wishes with their names. */
    TubeSheet sheet(List<TubeWishPart> named) {
        return new TubeSheet(
                stitches,
                rounds,
                lengthMm,
                massG,
                stitchReading,
                roundReading,
                yarnId,
                Objects.requireNonNullElse(bands, List.of()),
                Objects.requireNonNullElse(startRounds, 0.0),
                !Boolean.FALSE.equals(toeEndHeld),
                !Boolean.FALSE.equals(cuffEndHeld),
                Boolean.TRUE.equals(two),
                spareRounds,
                contrastG,
                Names.notes(notes, "notes"),
                named);
    }
}
