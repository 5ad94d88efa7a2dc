package roundpocket.app.pairs;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.kept.ShelfController;

/** Pairs over HTTP. */
@RestController
@RequestMapping("/api/pairs")
public class PairsController extends ShelfController<PairWrite, PairView> {
    PairsController(PairsShelf shelf) {
        super(shelf);
    }
}
