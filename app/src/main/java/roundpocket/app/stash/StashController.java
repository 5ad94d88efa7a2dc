package roundpocket.app.stash;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.stash.Stash.StashView;

/** The stash over HTTP. */
@RestController
class StashController {
    private final Stash stash;

    StashController(Stash stash) {
        this.stash = stash;
    }

    /** What can be knitted from the yarn that is there, for the feet that are known. */
    @GetMapping("/api/stash")
    StashView stash() {
        return stash.view();
    }
}
