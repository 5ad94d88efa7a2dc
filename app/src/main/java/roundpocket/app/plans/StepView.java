package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.measure.Unit;

/**
 * One step of a working: given, computed or rounded, as the part that is present says.
 *
 * @param label what the value is
 * @param value the value, in {@code unit}
 * @param unit its unit
 * @param plusMinus half the width of the 95 % interval
 * @param inputs numbers of the steps it was made from
 * @param given present when it was put in
 * @param computed present when a rule gave it
 * @param rounded present when it was made whole
 * @param strongest the input that moves it most
 */
public record StepView(
        String label,
        double value,
        Unit unit,
        double plusMinus,
        List<Integer> inputs,
        @Nullable GivenView given,
        @Nullable ComputedView computed,
        @Nullable RoundedView rounded,
        @Nullable InfluenceView strongest) {

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
     * @param origin measured, chosen, default or constant
     * @param field path of the value in the specification; none for a constant
     * @param source source of a constant
     */
    public record GivenView(
            String origin, @Nullable String field, @Nullable SourceView source) {}

    /**
     * A value that a rule gave.
     *
     * @param rule id of the rule
     * @param title what the rule gives
     * @param formula the formula in words
     * @param symbols the names of the inputs, in their order
     * @param source where the rule comes from
     * @param uncertainty number of the step that works out the value's own uncertainty
     */
    public record ComputedView(
            String rule,
            String title,
            String formula,
            List<String> symbols,
            SourceView source,
            @Nullable Integer uncertainty) {}

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
