package roundpocket.app.feet;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.store.ShelfController;

/** Feet over HTTP. */
@RestController
@RequestMapping("/api/feet")
public class FeetController extends ShelfController<FootWrite, FootView> {
    FeetController(FeetShelf shelf) {
        super(shelf);
    }
}
