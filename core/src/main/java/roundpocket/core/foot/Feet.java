package roundpocket.core.foot;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * The feet that a pair is for.
 *
 * @param first the foot that was measured first, or the only one
 * @param other the other foot, where it was measured too
 * @param planOn which of the two both socks are planned on, or that each sock is planned on its own
 */
public record Feet(Foot first, Optional<Foot> other, PlanOn planOn) {
    private static final String FIRST = "foot";
    private static final String OTHER = "otherFoot";

    public Feet {
        if ((planOn == PlanOn.OTHER || planOn == PlanOn.EACH) && other.isEmpty()) {
            throw new Refusal(List.of(new Problem(
                    "foot.other.missing",
                    "planOn",
                    planOn == PlanOn.EACH
                            ? "Each sock is to be planned on its own foot, and only one foot was measured."
                            : "The pair is to be planned on the other foot, and that was not measured.",
                    "Measure it, or plan on the foot that is there.",
                    Map.of())));
        }
    }

    /** One foot that stands for both. */
    public static Feet both(Foot foot) {
        return new Feet(foot, Optional.empty(), PlanOn.LONGER_AND_WIDER);
    }

    /** Whether each sock is planned on a foot of its own. */
    public boolean each() {
        return planOn == PlanOn.EACH;
    }

    /** The feet as one sock is planned on them: the first sock on the first foot where each has its own. */
    public Feet forSock(int sock) {
        return each() ? new Feet(first, other, sock == 1 ? PlanOn.FIRST : PlanOn.OTHER) : this;
    }

    /** The measures that the pair is planned on; where each sock has its own foot, those of the first. */
    public Measures measures() {
        return new Measures(
                chosen("foot length", Foot::length),
                chosen("around the ball", Foot::ballGirth),
                chosen("heel diagonal", Foot::heelDiagonal),
                legGirth(),
                shoeLength(),
                planned().toeForm(),
                planned().tracing().or(() -> other.flatMap(Foot::tracing)),
                estimated(Foot::lengthEstimated),
                estimated(Foot::ballGuessed),
                estimated(Foot::diagonalEstimated),
                !legKnown());
    }

    /** What a sock can be too large at. */
    public enum At {
        LENGTH(Foot::length),
        BALL(Foot::ballGirth),
        HEEL(Foot::heelDiagonal),
        LEG(Foot::legGirth);

        private final BiFunction<Foot, String, Step> measure;

        At(BiFunction<Foot, String, Step> measure) {
            this.measure = measure;
        }
    }

    /**
     * Whether one of two feet is not the one that the socks are planned on there: on it they are larger than planned.
     *
     * @param foot 1 for the first, 2 for the other
     */
    public boolean lesser(int foot, At at) {
        if (other.isEmpty()) {
            return false;
        }
        double one = at.measure.apply(first, FIRST).value();
        double two = at.measure.apply(other.get(), OTHER).value();
        return switch (planOn) {
            case FIRST -> foot == 2;
            case OTHER -> foot == 1;
            case EACH -> false;
            case LONGER_AND_WIDER -> foot == 1 ? one < two : two < one;
        };
    }

    /** How much longer the first foot is than the other, in millimetres, where both were measured. */
    public Optional<Step> difference() {
        return other.map(second -> Computed.of(
                "first foot longer by",
                Unit.MILLIMETRES,
                FootRules.DIFFERENCE.of(first.length(FIRST), second.length(OTHER))));
    }

    /** The foot that is looked at first where only one can be. */
    private Foot planned() {
        return planOn == PlanOn.OTHER ? other.orElseThrow() : first;
    }

    private boolean onFirst() {
        return planOn == PlanOn.FIRST || each();
    }

    private Step chosen(String label, BiFunction<Foot, String, Step> measure) {
        if (other.isEmpty() || onFirst()) {
            return measure.apply(first, FIRST);
        }
        Step second = measure.apply(other.get(), OTHER);
        return planOn == PlanOn.OTHER
                ? second
                : Computed.of(label, Unit.MILLIMETRES, FootRules.LARGER.of(measure.apply(first, FIRST), second));
    }

    /** The larger leg where both were measured or neither; else the one that was. */
    private Step legGirth() {
        if (other.isEmpty()
                || planOn != PlanOn.LONGER_AND_WIDER
                || first.legMeasured() == other.get().legMeasured()) {
            return chosen("around the leg", Foot::legGirth);
        }
        return first.legMeasured() ? first.legGirth(FIRST) : other.get().legGirth(OTHER);
    }

    private boolean legKnown() {
        return switch (planOn) {
            case FIRST, EACH -> first.legMeasured();
            case OTHER -> planned().legMeasured();
            case LONGER_AND_WIDER ->
                first.legMeasured() || other.filter(Foot::legMeasured).isPresent();
        };
    }

    private Optional<Step> shoeLength() {
        String at = (planOn == PlanOn.OTHER ? OTHER : FIRST) + ".shoe";
        return planned().shoe().map(shoe -> shoe.length(at));
    }

    private boolean estimated(Predicate<Foot> estimated) {
        return switch (planOn) {
            case FIRST, EACH -> estimated.test(first);
            case OTHER -> estimated.test(planned());
            case LONGER_AND_WIDER ->
                estimated.test(first) || other.filter(estimated).isPresent();
        };
    }
}
