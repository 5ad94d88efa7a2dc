package roundpocket.app.basket;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.basket.BasketViews.BasketPairView;
import roundpocket.app.basket.BasketViews.BasketView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.Laps;
import roundpocket.app.pairs.PairView;
import roundpocket.app.pairs.PairsShelf;

/** Reads so much of the shelf as is shown, so that a basket of a thousand pairs opens as quickly as one of ten. */
@Service
@Transactional(readOnly = true)
public class Basket {
    private final PairsShelf pairs;
    private final Laps laps;

    Basket(PairsShelf pairs, Laps laps) {
        this.pairs = pairs;
        this.laps = laps;
    }

    /** The first {@code most} pairs that are finished, or are not. */
    public BasketView view(boolean finished, int most) {
        Map<UUID, Boolean> begun = laps.finishedOrNot();
        List<UUID> here = pairs.ids().stream()
                .filter(id -> finished == begun.getOrDefault(id, false))
                .toList();
        return new BasketView(
                pairs.list(here.subList(0, Math.min(most, here.size()))).stream()
                        .map(pair -> shown(pair, begun.containsKey(pair.id())))
                        .toList(),
                here.size(),
                (int) begun.values().stream().filter(done -> done).count());
    }

    private BasketPairView shown(PairView pair, boolean begun) {
        Optional<LapGistView> gist = begun ? laps.gist(pair.id()) : Optional.empty();
        return BasketPairView.of(pair, gist.orElse(null), begun && gist.isEmpty());
    }
}
