package roundpocket.core.explain;

import java.util.List;
import java.util.Optional;
import roundpocket.core.measure.Unit;

/** A value that a rule gave. The value is the rule applied to the inputs and is never passed in. */
public final class Computed extends Step {
    private final Rule rule;
    private final List<Step> inputs;
    private final Own own;
    /** Worked out when it is first asked for: most steps of a plan never are. Who comes to it at once finds the same. */
    private Slopes slopes;

    /**
     * What is unsure of a value by itself.
     *
     * @param u its standard uncertainty, in the unit of the value
     * @param kind how the errors lie
     * @param besides whether what is unsure of the inputs counts as well
     */
    record Own(Step u, Distribution kind, boolean besides) {}

    private Computed(String label, Unit unit, Rule rule, List<Step> inputs, Own own) {
        super(label, apply(rule, inputs), unit);
        this.rule = rule;
        this.inputs = List.copyOf(inputs);
        this.own = own;
    }

    public static Computed of(String label, Unit unit, Rule.Applied applied) {
        return new Computed(label, unit, applied.rule(), applied.inputs(), null);
    }

    /** The same value, known to within the standard uncertainty that {@code standardUncertainty} works out. */
    public Computed within(Step standardUncertainty) {
        return within(standardUncertainty, Distribution.NORMAL);
    }

    /** The same value, known to within that standard uncertainty, its errors lying so. */
    public Computed within(Step standardUncertainty, Distribution kind) {
        return new Computed(label(), unit(), rule, inputs, new Own(standardUncertainty, kind, false));
    }

    /**
     * The same value, unsure by itself. What is unsure of its inputs moves it as well, but is no error of the value: it
     * counts only further on, where it may cancel. A factor that was fitted to a model is too large by as much as the
     * model is too small, and their product is right.
     */
    public Computed fittedWithin(Step standardUncertainty) {
        return new Computed(label(), unit(), rule, inputs, new Own(standardUncertainty, Distribution.NORMAL, true));
    }

    private static double[] values(List<Step> inputs) {
        double[] in = new double[inputs.size()];
        for (int i = 0; i < in.length; i++) {
            in[i] = inputs.get(i).value();
        }
        return in;
    }

    private static double apply(Rule rule, List<Step> inputs) {
        double result = rule.apply(values(inputs));
        if (!Double.isFinite(result)) {
            throw new IllegalStateException(rule.id() + " gives no number for " + inputs);
        }
        return result + 0.0; // + 0.0 turns a negative zero into zero
    }

    public Rule rule() {
        return rule;
    }

    /** How the uncertainty of this very value was worked out, where it is not carried over from the inputs. */
    public Optional<Step> ownUncertainty() {
        return Optional.ofNullable(own).map(Own::u);
    }

    @Override
    public double standardUncertainty() {
        return own == null ? super.standardUncertainty() : own.u().value();
    }

    @Override
    public List<Step> inputs() {
        return inputs;
    }

    @Override
    Slopes slopes() {
        Slopes known = slopes;
        if (known == null) {
            known = Slopes.ofComputed(this, values(inputs), own);
            slopes = known;
        }
        return known;
    }
}
