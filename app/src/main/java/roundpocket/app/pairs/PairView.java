package roundpocket.app.pairs;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.SpecPart;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan;
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
     * @param toCut whether a ready tube is still to be cut for it
     * @param openingRounds rounds to the heel line, from where this knitter counts
     * @param tubeRounds rounds of the tube
     * @param pairGrams grams in the pair
     * @param outline the sock to scale
     * @param stripes the first sock’s colours along the tape, and those of its heel cup; left out where there is one only
     */
    public record GistView(
            int stitches,
            Way way,
            boolean toCut,
            int openingRounds,
            int tubeRounds,
            double pairGrams,
            Outline outline,
            @Nullable List<GistBand> stripes) {
        static GistView of(SockPlan plan) {
            return new GistView(
                    plan.stitchCount().stitches().count(),
                    plan.tube().way(),
                    plan.tube().cut().filter(cut -> cut.cuts() > 0).isPresent(),
                    plan.tube().heelLine().count().rounds().count(),
                    plan.tube().rounds().tube().count(),
                    plan.yarn().pairGrams().value(),
                    plan.outline(),
                    plan.stripes().map(GistBand::of).orElse(null));
        }
    }

    /**
     * Rounds of one colour.
     *
     * @param colour the colour as #rrggbb; left out where they are of another yarn
     * @param heel whether they are of the heel cup, else of the tube from toe to cuff
     * @param from the first of them, from 0
     * @param to one after the last
     */
    public record GistBand(@Nullable String colour, boolean heel, int from, int to) {
        static List<GistBand> of(StripePlan stripes) {
            List<GistBand> bands = new ArrayList<>();
            add(bands, stripes, stripes.socks().get(0).tube(), false);
            add(bands, stripes, stripes.socks().get(0).heel(), true);
            return bands;
        }

        private static void add(
                List<GistBand> bands, StripePlan stripes, List<StripePlan.ColourRound> rounds, boolean heel) {
            int from = 0;
            for (int i = 1; i <= rounds.size(); i++) {
                if (i == rounds.size()
                        || rounds.get(i).band() != rounds.get(from).band()) {
                    int band = rounds.get(from).band();
                    String colour = band < 0 ? null : stripes.bands().get(band).colour();
                    bands.add(new GistBand(colour, heel, from, i));
                    from = i;
                }
            }
        }
    }
}
