package roundpocket.app.basket;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.basket.BasketViews.BasketPairView;
import roundpocket.app.basket.BasketViews.BasketView;
import roundpocket.app.laps.LapViews.LapGistView;
import roundpocket.app.laps.Laps;
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
        Map<UUID, LapGistView> begun = laps.gists();
        Set<UUID> unreadable = laps.unreadable();
        List<UUID> here = pairs.ids().stream()
                .filter(id ->
                        finished == (begun.containsKey(id) && begun.get(id).finished()))
                .toList();
        return new BasketView(
                pairs.list(here.subList(0, Math.min(most, here.size()))).stream()
                        .map(pair -> BasketPairView.of(pair, begun.get(pair.id()), unreadable.contains(pair.id())))
                        .toList(),
                here.size(),
                (int) begun.values().stream().filter(LapGistView::finished).count());
    }
}
