package roundpocket.core.wear;

import java.util.List;
import java.util.Optional;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.WeighIn;

/**
 * What the pairs knitted in a yarn say of it, so that the next pair in it needs no swatch.
 *
 * <p>The stitches are those of the swatch the latest pair was planned on, the rounds what the tape said on the tubes: of
 * all pairs whose stitch gauge was within 2 % of the latest one's, since another needle makes another fabric. Where no
 * tube was measured the swatch's own rounds stay. A ready tube says nothing of the hand that knits.
 *
 * @param swatch the gauge as it was knitted; empty where all pairs came from ready tubes
 * @param measured tubes the rounds were measured on; 0 where they are the swatch's own
 * @param weighIns what was weighed on the way, the latest pair's first, at most 12 stretches
 */
public record KnownYarn(Optional<Swatch> swatch, int measured, List<WeighIn> weighIns) {
    /** More weighings hardly make the yarn surer. */
    private static final int MOST_WEIGHED = 12;

    private static final int MOST_READINGS = 20;
    private static final double SAME_HAND = 0.02;

    public KnownYarn {
        weighIns = List.copyOf(weighIns);
    }

    /** From what pairs in the yarn took, the latest first. */
    public static KnownYarn of(List<PairTook> pairs) {
        List<Swatch> swatches =
                pairs.stream().flatMap(pair -> pair.knitted().stream()).toList();
        List<WeighIn> weighed = pairs.stream()
                .flatMap(pair -> pair.weighIns().stream())
                .limit(MOST_WEIGHED)
                .toList();
        if (swatches.isEmpty()) {
            return new KnownYarn(Optional.empty(), 0, weighed);
        }
        Swatch latest = swatches.get(0);
        List<Reading> tapes = swatches.stream()
                .filter(each -> sameHand(each, latest))
                .flatMap(each -> each.onTheTube().stream())
                .map(tape -> new Reading(tape.rounds(), tape.spanMm()))
                .limit(MOST_READINGS)
                .toList();
        return new KnownYarn(
                Optional.of(new Swatch(
                        latest.stitches(),
                        tapes.isEmpty() ? latest.rounds() : tapes,
                        latest.fabric(),
                        Optional.empty())),
                tapes.size(),
                weighed);
    }

    private static boolean sameHand(Swatch one, Swatch other) {
        double stitches = other.ownGauge().stitches().value();
        return Math.abs(one.ownGauge().stitches().value() / stitches - 1) <= SAME_HAND;
    }
}
