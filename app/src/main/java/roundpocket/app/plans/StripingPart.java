package roundpocket.app.plans;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.stripe.Band;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.stripe.Striping;

/**
 * How the main yarn changes colour.
 *
 * @param bands the bands of one repeat, 1 to 40
 * @param startM where in the repeat the cake begins, in metres; at the start of the first band where it is left out
 * @param knots knots, at most 24
 * @param ravelled the yarn of heel, toe and cuff, where it was unravelled from the tube that the sock is a piece of
 */
public record StripingPart(
        List<BandPart> bands,
        @Nullable Double startM,
        @Nullable List<KnotPart> knots,
        @Nullable RavelledPart ravelled) {
    /** The core's striping. Refuses with everything that is wrong in any band or knot. */
    public Striping toCore() {
        Problems problems = new Problems();
        List<Band> coreBands = SpecPart.each(problems, "bands", bands, BandPart::toCore);
        List<Knot> coreKnots = SpecPart.each(problems, "knots", knots, KnotPart::toCore);
        Optional<Ravelled> yarn = problems.collect(
                        "ravelled", () -> Optional.ofNullable(ravelled).map(RavelledPart::toCore))
                .flatMap(one -> one);
        problems.throwIfAny();
        return new Striping(coreBands, startM == null ? 0 : startM, coreKnots, yarn);
    }
}
