package roundpocket.app.plans;

import roundpocket.app.store.Required;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ShoeSystem;

/**
 * A shoe size.
 *
 * @param system how it is counted
 * @param size the size; halves count
 */
public record ShoePart(ShoeSystem system, double size) {
    ShoeSize toCore() {
        Required.in("system", system, counted -> {});
        return new ShoeSize(system, size);
    }
}
