package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.foot.Foot;
import roundpocket.core.foot.ShoeSize;
import roundpocket.core.foot.ToeForm;
import roundpocket.core.foot.Tracing;

/**
 * A foot.
 *
 * @param lengthMm longest toe to heel, 100 to 360 mm; may be left out where a shoe size is given
 * @param shoe shoe size, from which the length is estimated where it is not given
 * @param ballGirthMm around the ball, 80 to 450 mm, half to twice the length; guessed from the length where it is left out
 * @param heelDiagonalMm under the heel and over the front of the ankle
 * @param legGirthMm round the leg at the cuff's top edge
 * @param toeForm how the toes end
 * @param tracing what its pencil outline says
 */
public record FootPart(
        @Nullable Double lengthMm,
        @Nullable ShoePart shoe,
        @Nullable Double ballGirthMm,
        @Nullable Double heelDiagonalMm,
        @Nullable Double legGirthMm,
        @Nullable ToeForm toeForm,
        @Nullable TracingPart tracing) {
    /** A foot of which length and ball are known. */
    public FootPart(double lengthMm, double ballGirthMm) {
        this(lengthMm, null, ballGirthMm, null, null, null, null);
    }

    /** A foot that was not traced. */
    public FootPart(
            @Nullable Double lengthMm,
            @Nullable ShoePart shoe,
            @Nullable Double ballGirthMm,
            @Nullable Double heelDiagonalMm,
            @Nullable Double legGirthMm,
            @Nullable ToeForm toeForm) {
        this(lengthMm, shoe, ballGirthMm, heelDiagonalMm, legGirthMm, toeForm, null);
    }

    /** The same with what its pencil outline says. */
    public FootPart traced(TracingPart outline) {
        return new FootPart(lengthMm, shoe, ballGirthMm, heelDiagonalMm, legGirthMm, toeForm, outline);
    }

    public Foot toCore() {
        Problems problems = new Problems();
        Optional<ShoeSize> size = Optional.ofNullable(shoe).flatMap(part -> problems.collect("shoe", part::toCore));
        Optional<Tracing> outline =
                Optional.ofNullable(tracing).flatMap(part -> problems.collect("tracing", part::toCore));
        problems.throwIfAny();
        return new Foot(
                Present.number(lengthMm),
                size,
                Present.number(ballGirthMm),
                Present.number(heelDiagonalMm),
                Present.number(legGirthMm),
                Optional.ofNullable(toeForm),
                outline);
    }
}
