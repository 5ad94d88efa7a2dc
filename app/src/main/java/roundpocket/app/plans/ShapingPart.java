package roundpocket.app.plans;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.Parity;
import roundpocket.core.shaping.Phase;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.shaping.ShapingSchool;

/**
 * How a heel or a toe is shaped. What is left out is as usual.
 *
 * @param school the school
 * @param plainRounds plain rounds before the first decrease, 0 to 30
 * @param leaning which way the decreases lean
 * @param edgeStitch whether a stitch is knitted outside each decrease
 * @param phases a shaping of one's own: its phases
 * @param plainBeforeClose a shaping of one's own: whether the plain rounds after the last decrease are worked
 * @param close graft or draw-through
 * @param parity what to do where a side count is not reached by twos
 */
public record ShapingPart(
        @Nullable ShapingSchool school,
        @Nullable Integer plainRounds,
        @Nullable Leaning leaning,
        @Nullable Boolean edgeStitch,
        @Nullable List<PhasePart> phases,
        @Nullable Boolean plainBeforeClose,
        @Nullable Close close,
        @Nullable Parity parity) {
    /** Everything as usual. */
    static final ShapingPart USUAL = new ShapingPart(null, null, null, null, null, null, null, null);

    ShapingPart withPlainRounds(int rounds) {
        return new ShapingPart(school, rounds, leaning, edgeStitch, phases, plainBeforeClose, close, parity);
    }

    /** The usual school with so many plain rounds. */
    public static ShapingPart plain(int rounds) {
        return new ShapingPart(null, rounds, null, null, null, null, null, null);
    }

    ShapingChoice toCore() {
        Problems problems = new Problems();
        List<Phase> corePhases = SpecPart.each(problems, "phases", phases, PhasePart::toCore);
        problems.throwIfAny();
        return new ShapingChoice(
                Optional.ofNullable(school),
                Present.count(plainRounds),
                Optional.ofNullable(leaning),
                Optional.ofNullable(edgeStitch),
                corePhases,
                Optional.ofNullable(plainBeforeClose),
                Optional.ofNullable(close),
                Optional.ofNullable(parity));
    }
}
