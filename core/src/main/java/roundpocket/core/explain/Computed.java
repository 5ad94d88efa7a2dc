package roundpocket.core.explain;

import java.util.List;
import java.util.Optional;
import roundpocket.core.measure.Unit;

/** A value that a rule gave. The value is the rule applied to the inputs and is never passed in. */
public final class Computed extends Step {
    private final Rule rule;
    private final List<Step> inputs;
    private final Step ownUncertainty;
    private final Slopes slopes;

    private Computed(String label, Unit unit, Rule rule, List<Step> inputs, Step ownUncertainty) {
        super(label, apply(rule, inputs), unit);
        this.rule = rule;
        this.inputs = List.copyOf(inputs);
        this.ownUncertainty = ownUncertainty;
        this.slopes = Slopes.ofComputed(this, values(inputs), ownUncertainty);
    }

    public static Computed of(String label, Unit unit, Rule rule, Step... inputs) {
        return new Computed(label, unit, rule, List.of(inputs), null);
    }

    public static Computed of(String label, Unit unit, Rule rule, List<? extends Step> inputs) {
        return new Computed(label, unit, rule, List.copyOf(inputs), null);
    }

    /** The same value, known to within the standard uncertainty that {@code standardUncertainty} works out. */
    public Computed within(Step standardUncertainty) {
        return new Computed(label(), unit(), rule, inputs, standardUncertainty);
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
        return Optional.ofNullable(ownUncertainty);
    }

    @Override
    public List<Step> inputs() {
        return inputs;
    }

    @Override
    Slopes slopes() {
        return slopes;
    }
}
