package roundpocket.app.plans;

import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.opening.OpeningChoice;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.plan.Choices;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.SizeChoice;
import roundpocket.core.plan.TechniqueChoice;
import roundpocket.core.shaping.ShapingChoice;
import roundpocket.core.tube.PlacingChoice;
import roundpocket.core.tube.TubeChoice;

/**
 * What the knitter decides, part by part. What is left out is as usual.
 *
 * @param size how large the sock is to be
 * @param tube how one comes by the tube, and its leg
 * @param heel how the heel is shaped
 * @param toe how the toe is shaped
 * @param placing where the heel opens
 * @param opening how the opening is made
 * @param finish cuff and graft
 * @param colour what is done about the bands of a striping yarn
 * @param order in which order the two socks are knitted
 * @param pattern what is patterned
 * @param technique how the hands do what can be done in several ways
 */
public record ChoicesPart(
        @Nullable SizePart size,
        @Nullable TubePart tube,
        @Nullable ShapingPart heel,
        @Nullable ShapingPart toe,
        @Nullable PlacingPart placing,
        @Nullable OpeningPart opening,
        @Nullable FinishPart finish,
        @Nullable ColourPart colour,
        @Nullable KnitOrder order,
        @Nullable PatternPart pattern,
        @Nullable TechniquePart technique) {

    /** Everything as usual. */
    public static final ChoicesPart USUAL =
            new ChoicesPart(null, null, null, null, null, null, null, null, null, null, null);

    ChoicesPart with(OpeningPart other) {
        return new ChoicesPart(size, tube, heel, toe, placing, other, finish, colour, order, pattern, technique);
    }

    ChoicesPart with(TubePart other) {
        return new ChoicesPart(size, other, heel, toe, placing, opening, finish, colour, order, pattern, technique);
    }

    ChoicesPart with(ShapingPart otherHeel) {
        return new ChoicesPart(size, tube, otherHeel, toe, placing, opening, finish, colour, order, pattern, technique);
    }

    ChoicesPart with(FinishPart other) {
        return new ChoicesPart(size, tube, heel, toe, placing, opening, other, colour, order, pattern, technique);
    }

    public Choices toCore() {
        Problems problems = new Problems();
        Optional<SizeChoice> coreSize = of(problems, "size", size == null ? SizeChoice::usual : size::toCore);
        Optional<TubeChoice> coreTube = of(problems, "tube", tube == null ? TubeChoice::usual : tube::toCore);
        Optional<ShapingChoice> coreHeel = of(problems, "heel", heel == null ? ShapingChoice::usual : heel::toCore);
        Optional<ShapingChoice> coreToe = of(problems, "toe", toe == null ? ShapingChoice::usual : toe::toCore);
        Optional<PlacingChoice> corePlacing =
                of(problems, "placing", placing == null ? PlacingChoice::usual : placing::toCore);
        Optional<OpeningChoice> coreOpening =
                of(problems, "opening", opening == null ? OpeningChoice::usual : opening::toCore);
        Optional<FinishChoice> coreFinish =
                of(problems, "finish", finish == null ? FinishChoice::usual : finish::toCore);
        Optional<ColourChoice> coreColour =
                of(problems, "colour", colour == null ? ColourChoice::usual : colour::toCore);
        Optional<PatternChoice> corePattern =
                of(problems, "pattern", pattern == null ? PatternChoice::usual : pattern::toCore);
        problems.throwIfAny();
        return new Choices(
                coreSize.orElseThrow(),
                coreTube.orElseThrow(),
                coreHeel.orElseThrow(),
                coreToe.orElseThrow(),
                corePlacing.orElseThrow(),
                coreOpening.orElseThrow(),
                coreFinish.orElseThrow(),
                coreColour.orElseThrow(),
                Optional.ofNullable(order),
                corePattern.orElseThrow(),
                technique == null ? TechniqueChoice.usual() : technique.toCore());
    }

    private static <T> Optional<T> of(Problems problems, String field, Supplier<T> part) {
        return problems.collect(field, part);
    }
}
