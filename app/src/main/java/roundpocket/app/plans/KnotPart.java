package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.stripe.Knot;

/**
 * A knot in the yarn.
 *
 * @param atM metres from the outer end
 * @param goesOnM the place of the repeat at which the yarn goes on behind it, in metres, where that is known
 */
public record KnotPart(double atM, @Nullable Double goesOnM) {
    /** The core's knot. */
    public Knot toCore() {
        return new Knot(atM, Present.number(goesOnM));
    }
}
