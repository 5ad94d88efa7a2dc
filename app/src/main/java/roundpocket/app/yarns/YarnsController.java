package roundpocket.app.yarns;

import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.store.ShelfController;

/** Yarns over HTTP. */
@RestController
@RequestMapping("/api/yarns")
public class YarnsController extends ShelfController<YarnWrite, YarnView> {
    YarnsController(YarnsShelf shelf) {
        super(shelf);
    }
}
