package roundpocket.app.basket;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairView.GistView;
import roundpocket.app.pairs.PairView.YarnLinkView;

/** What the basket shows. A whole specification is not among it. */
public final class BasketViews {
    private BasketViews() {}

    /**
     * Some of the pairs on one side of the basket.
     *
     * @param pairs the first of them, in the order in which they were planned
     * @param inAll how many there are on this side
     * @param finishedInAll how many pairs are finished
     */
    public record BasketView(List<BasketPairView> pairs, int inAll, int finishedInAll) {}

    /**
     * A pair in short.
     *
     * @param foot the name of the foot, where it is on the shelf
     * @param footMm its length
     * @param yarn the yarn, where it is on the shelf
     * @param gist the little that is shown of its plan; nothing where it cannot be knitted as it is
     * @param lap how far it is, where it is begun
     * @param unreadable whether it is begun, and what was knitted cannot be read
     */
    public record BasketPairView(
            UUID id,
            long version,
            String name,
            @Nullable String foot,
            @Nullable Double footMm,
            @Nullable YarnLinkView yarn,
            @Nullable GistView gist,
            @Nullable LapGistView lap,
            boolean unreadable) {
        static BasketPairView of(PairView pair, @Nullable LapGistView lap, boolean unreadable) {
            return new BasketPairView(
                    pair.id(),
                    pair.version(),
                    pair.name(),
                    pair.foot() == null ? null : pair.foot().name(),
                    pair.spec().foot().lengthMm(),
                    pair.yarn(),
                    pair.gist(),
                    lap,
                    unreadable);
        }
    }
}
