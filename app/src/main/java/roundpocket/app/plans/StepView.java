package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;

/**
 * One step of a working: given, computed, rounded or an uncertainty, as the part that is present says.
 *
 * @param label what the value is
 * @param inShort why it is what it is, in a sentence or two; of the figures that matter while knitting
 * @param value the value, in {@code unit}
 * @param unit its unit
 * @param plusMinus half the width of the 95 % interval
 * @param inputs numbers of the steps it was made from
 * @param given present when it was put in
 * @param computed present when a rule gave it
 * @param rounded present when it was made whole
 * @param spread present when it is the uncertainty of another step
 * @param strongest the input that moves it most
 * @param unsurest the uncertain value behind most of its uncertainty
 */
public record StepView(
        String label,
        @Nullable Sentence inShort,
        double value,
        Unit unit,
        double plusMinus,
        List<Integer> inputs,
        @Nullable GivenView given,
        @Nullable ComputedView computed,
        @Nullable RoundedView rounded,
        @Nullable SpreadView spread,
        @Nullable InfluenceView strongest,
        @Nullable UnsureView unsurest) {

    /**
     * A source.
     *
     * @param mark provenance mark: P, C, M or D
     * @param meaning the mark in words
     * @param text the source in words
     */
    public record SourceView(String mark, String meaning, String text) {}

    /**
     * A value that was put in.
     *
     * @param origin measured, chosen, default, constant or tried out
     * @param field path of the value in the specification; none for a constant or what is tried out
     * @param source source of a constant
     */
    public record GivenView(
            String origin, @Nullable String field, @Nullable SourceView source) {}

    /**
     * A value that a rule gave.
     *
     * @param rule id of the rule, which stands in the plan's {@code rules}
     * @param uncertainty number of the step that works out the value's own uncertainty
     */
    public record ComputedView(String rule, @Nullable Integer uncertainty) {}

    /**
     * A rule.
     *
     * @param id its stable name; the almanac has it too
     * @param title what it gives
     * @param formula the formula in words
     * @param symbols the names of the inputs, in their order
     * @param source where it comes from
     */
    public record RuleView(String id, String title, String formula, List<String> symbols, SourceView source) {}

    /**
     * The standard uncertainty of the one step it was made from.
     *
     * @param source how it is worked out
     */
    public record SpreadView(SourceView source) {}

    /**
     * The uncertain value behind most of a figure's uncertainty.
     *
     * @param step number of its step
     * @param share its share of the variance, from 0 to 1
     */
    public record UnsureView(int step, double share) {}

    /**
     * A count made whole.
     *
     * @param how in which way
     * @param reason why
     */
    public record RoundedView(String how, String reason) {}

    /**
     * What one per cent more of an input does.
     *
     * @param step number of the input's step
     * @param changePerCent change of the value, in its own unit
     */
    public record InfluenceView(int step, double changePerCent) {}
}
