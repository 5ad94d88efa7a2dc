package roundpocket.app.basket;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.basket.BasketViews.BasketView;
import roundpocket.app.store.Shown;

/** The basket over HTTP. */
@RestController
class BasketController {
    private final Basket basket;

    BasketController(Basket basket) {
        this.basket = basket;
    }

    /**
     * The pairs that are to be knitted, or those that are finished: so many of them as are to be shown, of those whose name,
     * foot or yarn has the words.
     */
    @GetMapping("/api/basket")
    BasketView view(
            @RequestParam(defaultValue = "false") boolean finished,
            @RequestParam(defaultValue = Shown.USUAL) int most,
            @RequestParam(defaultValue = "") String words) {
        return basket.view(finished, Shown.checked(most), words);
    }
}
