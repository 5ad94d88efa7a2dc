package roundpocket.app.pairs;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.store.ShelfController;

/** Pairs over HTTP. */
@RestController
@RequestMapping("/api/pairs")
public class PairsController extends ShelfController<PairWrite, PairView> {
    private final PairsShelf pairs;

    PairsController(PairsShelf shelf) {
        super(shelf);
        this.pairs = shelf;
    }

    /** What the pair was before its changes, the latest first; changes in quick succession are one. */
    @GetMapping("/{id}/history")
    public List<PairChangeView> history(@PathVariable UUID id) {
        return pairs.history(id);
    }
}
