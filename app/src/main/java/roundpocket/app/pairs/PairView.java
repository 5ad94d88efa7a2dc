package roundpocket.app.pairs;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.Way;

/**
 * A pair as it is read.
 *
 * @param spec everything its plan is made from
 * @param moved what was changed of it when it was read, in words, where it asked for what cannot be knitted
 * @param foot the foot its measures were taken from, where it is still on the shelf
 * @param swatch likewise
 * @param yarn likewise
 * @param gist the little that a basket shows of its plan
 */
public record PairView(
        UUID id,
        long version,
        String name,
        Instant updatedAt,
        SpecPart spec,
        @Nullable String moved,
        @Nullable LinkView foot,
        @Nullable LinkView swatch,
        @Nullable YarnLinkView yarn,
        @Nullable GistView gist) {

    /** Something on a shelf. */
    public record LinkView(UUID id, String name) {}

    /** A yarn on its shelf. */
    public record YarnLinkView(UUID id, String name, String colour) {}

    /**
     * The little that a basket shows.
     *
     * @param stitches stitches in the tube
     * @param way how one comes by the tube
     * @param openingRounds rounds to the heel line, from where this knitter counts
     * @param tubeRounds rounds of the tube
     * @param pairGrams grams in the pair
     * @param outline the sock to scale
     */
    public record GistView(
            int stitches, Way way, int openingRounds, int tubeRounds, double pairGrams, Outline outline) {
        static GistView of(SockPlan plan) {
            return new GistView(
                    plan.stitchCount().stitches().count(),
                    plan.tube().way(),
                    plan.tube().count().rounds().count(),
                    plan.tube().tubeRounds().count(),
                    plan.yarn().pairGrams().value(),
                    plan.outline());
        }
    }
}
