package roundpocket.app.swatches;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.store.ShelfController;

/** Swatches over HTTP. */
@RestController
@RequestMapping("/api/swatches")
public class SwatchesController extends ShelfController<SwatchWrite, SwatchView> {
    SwatchesController(SwatchesShelf shelf) {
        super(shelf);
    }
}
