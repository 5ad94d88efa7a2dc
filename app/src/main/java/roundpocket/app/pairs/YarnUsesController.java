package roundpocket.app.pairs;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of a yarn, over HTTP. */
@RestController
@RequestMapping("/api/yarns/{id}/uses")
public class YarnUsesController {
    private final YarnUses uses;

    YarnUsesController(YarnUses uses) {
        this.uses = uses;
    }

    /** What each pair takes of it, those planned from it first, and what is left then. */
    @GetMapping
    public List<YarnUseView> uses(@PathVariable UUID id) {
        return uses.of(id);
    }
}
