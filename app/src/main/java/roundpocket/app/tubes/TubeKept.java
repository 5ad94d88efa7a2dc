package roundpocket.app.tubes;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Document;
import roundpocket.app.tubes.TubeSheet.Ends;
import roundpocket.core.cut.Stretch;

/**
 * A ready tube with what was cut off it.
 *
 * @param tube what there is of it now
 * @param usedUp whether nothing of it is left
 * @param cuttings what was cut off it, the first first
 */
public record TubeKept(TubeSheet tube, boolean usedUp, List<CuttingKept> cuttings) {
    public TubeKept {
        cuttings = cuttings == null ? List.of() : List.copyOf(cuttings);
    }

    /**
     * What was cut off at one time.
     *
     * @param madeAt when
     * @param before what the tube was before
     * @param stretches the tube as it was, from its toes' end
     */
    public record CuttingKept(Instant madeAt, Ends before, List<StretchKept> stretches) {
        int rounds() {
            return stretches.get(stretches.size() - 1).toRound();
        }
    }

    /**
     * A stretch of a tube that was cut.
     *
     * @param kind what became of it
     * @param fromRound rounds of the tube before it
     * @param toRound rounds up to its end
     * @param whose whose piece it is
     * @param pairId the pair that it went to
     */
    public record StretchKept(
            Stretch.Kind kind,
            int fromRound,
            int toRound,
            @Nullable String whose,
            @Nullable UUID pairId) {}

    /**
     * The tube once it was cut: what is left of it is from now on the tube, and its wishes that were met are gone.
     *
     * @param stretches the tube from its toes' end
     * @param whose whose each piece is, by the number of its wish
     * @param pairs the pairs they went to, likewise
     * @param contrastLeft grams of the other cake that the pairs leave, where it is weighed
     * @param rest what is left: the longest remnant; nothing where none is worth keeping
     * @param restStart rounds of the repeat that are missing where it begins
     */
    TubeKept cut(
            Instant now,
            List<Stretch> stretches,
            Map<Integer, String> whose,
            Map<Integer, UUID> pairs,
            @Nullable Double contrastLeft,
            @Nullable Stretch rest,
            double restStart) {
        Ends before = tube.ends();
        int end = stretches.get(stretches.size() - 1).to();
        // The stitches of a cut rim wait on a thread.
        Ends after = rest == null
                ? new Ends(before.startRounds(), before.toeEndHeld(), before.cuffEndHeld(), contrastLeft)
                : new Ends(
                        restStart,
                        before.toeEndHeld() || rest.from() > 0,
                        before.cuffEndHeld() || rest.to() < end,
                        contrastLeft);
        List<TubeWishPart> left = IntStream.range(0, tube.wishes().size())
                .filter(i -> !pairs.containsKey(i))
                .mapToObj(tube.wishes()::get)
                .toList();
        List<CuttingKept> all = new ArrayList<>(cuttings);
        all.add(new CuttingKept(
                now,
                before,
                stretches.stream()
                        .map(one -> new StretchKept(
                                one.kind(), one.from(), one.to(), whose.get(one.wish()), pairs.get(one.wish())))
                        .toList()));
        return new TubeKept(tube.cut(rest == null ? end : rest.rounds(), after, left), rest == null, all);
    }

    /** The tube as it was before its last cutting. */
    TubeKept uncut() {
        CuttingKept last = last();
        return new TubeKept(
                tube.cut(last.rounds(), last.before(), tube.wishes()), false, cuttings.subList(0, cuttings.size() - 1));
    }

    CuttingKept last() {
        return cuttings.get(cuttings.size() - 1);
    }

    /** The pairs that were made of it at its last cutting. */
    List<UUID> lastPairs() {
        return last().stretches().stream()
                .map(StretchKept::pairId)
                .filter(Objects::nonNull)
                .distinct()
                .toList();
    }

    /** How it is stored. */
    static class Stored extends Document<TubeKept> {
        Stored() {
            super(TubeKept.class);
        }
    }
}
