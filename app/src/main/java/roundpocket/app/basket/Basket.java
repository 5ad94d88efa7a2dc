package roundpocket.app.basket;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.basket.BasketViews.BasketPairView;
import roundpocket.app.basket.BasketViews.BasketView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.Laps;
import roundpocket.app.laps.Laps.Begun;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;

/** Reads so much of the shelf as is shown, so that a basket of a thousand pairs opens as quickly as one of ten. */
@Service
@Transactional(readOnly = true)
public class Basket {
    /** Before anything that was done to a pair that is begun. */
    private static final Instant NEVER = Instant.MIN;

    private final PairsShelf pairs;
    private final Laps laps;

    Basket(PairsShelf pairs, Laps laps) {
        this.pairs = pairs;
        this.laps = laps;
    }

    /**
     * The first {@code most} pairs that are finished, or are not, of those whose own, whose foot's or whose yarn's name has
     * the words: what is on the needles first, the latest pressed at its head; then the plans, the latest made first.
     */
    public BasketView view(boolean finished, int most, String words) {
        Map<UUID, Begun> begun = laps.begun();
        Predicate<UUID> done = id -> begun.containsKey(id) && begun.get(id).finished();
        List<UUID> sought = new ArrayList<>(pairs.ids());
        Collections.reverse(sought);
        if (!words.isBlank()) {
            sought.retainAll(pairs.named(words));
        }
        List<UUID> here = sought.stream()
                .filter(id -> finished == done.test(id))
                .sorted(Comparator.comparing(
                        id -> begun.containsKey(id) ? begun.get(id).lastAt() : NEVER, Comparator.reverseOrder()))
                .toList();
        return new BasketView(
                pairs.list(here.subList(0, Math.min(most, here.size()))).stream()
                        .map(pair -> shown(pair, begun.containsKey(pair.id())))
                        .toList(),
                here.size(),
                (int) sought.stream().filter(done).count());
    }

    private BasketPairView shown(PairView pair, boolean begun) {
        Optional<LapGistView> gist = begun ? laps.gist(pair.id()) : Optional.empty();
        return BasketPairView.of(pair, gist.orElse(null), begun && gist.isEmpty());
    }
}
