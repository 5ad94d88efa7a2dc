package roundpocket.app.pairs;

import java.time.Instant;
import roundpocket.app.plans.SpecPart;

/**
 * What a pair was before a change.
 *
 * @param at when it was changed
 * @param name what it was called
 * @param spec what its plan was made from
 */
public record PairChangeView(Instant at, String name, SpecPart spec) {}
