package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.Required;
import roundpocket.core.explain.Problems;
import roundpocket.core.foot.Foot;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;

/**
 * A full specification: everything that a plan is made from.
 *
 * @param foot the foot
 * @param swatch the swatch
 * @param yarn the yarn; without one the usual sock yarn stands in
 * @param choices what the knitter decides; without them everything is as usual
 */
public record SpecPart(
        FootPart foot,
        SwatchPart swatch,
        @Nullable YarnPart yarn,
        @Nullable ChoicesPart choices) {

    /** The core's specification. Refuses with everything that is wrong in any part. */
    public SockSpec toCore() {
        Problems problems = new Problems();
        Optional<Foot> coreFoot =
                problems.collect("foot", () -> Required.part(foot).toCore());
        Optional<Swatch> coreSwatch =
                problems.collect("swatch", () -> Required.part(swatch).toCore());
        Optional<Yarn> coreYarn = problems.collect("yarn", () -> yarn == null ? Yarn.usual() : yarn.toCore());
        Optional<Choices> coreChoices =
                problems.collect("choices", () -> choices == null ? Choices.usual() : choices.toCore());
        problems.throwIfAny();
        return new SockSpec(
                coreFoot.orElseThrow(), coreSwatch.orElseThrow(), coreYarn.orElseThrow(), coreChoices.orElseThrow());
    }

    /** The plan. Refuses as {@link #toCore} does, and where the parts do not go together. */
    public SockPlan plan() {
        return toCore().plan();
    }
}
