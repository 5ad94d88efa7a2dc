package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.YarnRole;

/**
 * Yarn that is used for something that is no round or row: an edge, an end that is woven in, the tail that closes a heel or a
 * toe.
 *
 * @param role which yarn
 * @param stitches stitches of an edge
 * @param ends ends to weave in
 * @param tail what closes
 */
public record Taken(YarnRole role, int stitches, int ends, Optional<Amount> tail) {
    static Optional<Taken> end(YarnRole role) {
        return edge(role, 0);
    }

    /** An edge, and the end beside it. */
    static Optional<Taken> edge(YarnRole role, int stitches) {
        return Optional.of(new Taken(role, stitches, 1, Optional.empty()));
    }

    static Optional<Taken> tail(YarnRole role, int ends, Amount tail) {
        return Optional.of(new Taken(role, 0, ends, Optional.of(tail)));
    }
}
