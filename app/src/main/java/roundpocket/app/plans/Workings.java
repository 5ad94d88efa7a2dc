package roundpocket.app.plans;

import java.io.OutputStream;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.StepView.ComputedView;
import roundpocket.app.plans.StepView.GivenView;
import roundpocket.app.plans.StepView.InfluenceView;
import roundpocket.app.plans.StepView.RoundedView;
import roundpocket.app.plans.StepView.RuleView;
import roundpocket.app.plans.StepView.SourceView;
import roundpocket.app.plans.StepView.SpreadView;
import roundpocket.app.plans.StepView.UnsureView;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.InShort;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.json.JsonMapper;

/**
 * The figures of an answer by their places in it, and the steps behind them, each once, inputs before what is made from
 * them. A figure is known by its place, whatever else stands in the answer; numbers are of one answer's steps alone.
 */
public final class Workings {
    /** Of an uncertainty two digits are read; six are plenty for what is drawn from it. */
    private static final int SPREAD_DIGITS = 6;

    private final Map<Step, Integer> numbers = new IdentityHashMap<>();
    private final List<Step> steps = new ArrayList<>();
    private final Map<String, Integer> figures = new LinkedHashMap<>();
    private Map<Step, Sentence> inShort = Map.of();

    /** A figure that is being written; only where workings are asked for its place is kept. */
    static FigureView written(Step step, JsonGenerator json, SerializationContext context) {
        if (context.getAttribute(Workings.class) instanceof Workings asked) {
            String place = json.streamWriteContext().pathAsPointer().toString();
            return asked.figure(place, step);
        }
        return figure(step);
    }

    /** Of everything that is written of a result. */
    public static WorkingsView of(Object result, JsonMapper mapper) {
        return of(result, Map.of(), mapper);
    }

    /** The same of a plan, with what is said in short of some of its figures. */
    static WorkingsView of(PlanView plan, JsonMapper mapper) {
        return of(plan, InShort.of(plan.plan()), mapper);
    }

    private static WorkingsView of(Object result, Map<Step, Sentence> inShort, JsonMapper mapper) {
        Workings workings = new Workings();
        workings.inShort = inShort;
        mapper.writer().withAttribute(Workings.class, workings).writeValue(OutputStream.nullOutputStream(), result);
        return workings.view();
    }

    /** What was asked for so far. */
    public WorkingsView view() {
        return new WorkingsView(
                Map.copyOf(figures), steps.stream().map(this::view).toList(), rules());
    }

    /** The rules behind the steps so far, each once. */
    private List<RuleView> rules() {
        Map<String, RuleView> rules = new LinkedHashMap<>();
        for (Step step : steps) {
            if (step instanceof Computed computed) {
                Rule rule = computed.rule();
                rules.computeIfAbsent(
                        rule.id(),
                        id -> new RuleView(id, rule.title(), rule.formula(), rule.symbols(), source(rule.source())));
            }
        }
        return List.copyOf(rules.values());
    }

    /** A figure whose working is not asked for. */
    public static FigureView figure(Step step) {
        return new FigureView(step.value(), step.unit(), brief(step.plusMinus95()));
    }

    /** A figure whose working goes with it, at its place in the answer that holds these workings. */
    public FigureView figure(String place, Step step) {
        figures.put(place, number(step));
        return figure(step);
    }

    private static double brief(double value) {
        return Double.isFinite(value)
                ? new BigDecimal(value).round(new MathContext(SPREAD_DIGITS)).doubleValue()
                : value;
    }

    private int number(Step step) {
        Integer known = numbers.get(step);
        if (known != null) {
            return known;
        }
        step.inputs().forEach(this::number);
        if (step instanceof Computed computed) {
            computed.ownUncertainty().ifPresent(this::number);
        }
        int number = steps.size();
        steps.add(step);
        numbers.put(step, number);
        return number;
    }

    private StepView view(Step step) {
        return new StepView(
                step.label(),
                inShort.get(step),
                step.value(),
                step.unit(),
                step.plusMinus95(),
                step.inputs().stream().map(this::number).toList(),
                step instanceof Given given ? given(given) : null,
                step instanceof Computed computed ? computed(computed) : null,
                step instanceof Rounded rounded
                        ? new RoundedView(rounded.rounding().words(), rounded.reason())
                        : null,
                step instanceof Spread ? new SpreadView(source(Spread.SOURCE)) : null,
                strongest(step),
                unsurest(step));
    }

    private static GivenView given(Given given) {
        return new GivenView(
                given.origin().word(),
                given.field().orElse(null),
                given.source().map(Workings::source).orElse(null));
    }

    private ComputedView computed(Computed computed) {
        return new ComputedView(
                computed.rule().id(),
                computed.ownUncertainty().map(this::number).orElse(null));
    }

    private static SourceView source(Source source) {
        return new SourceView(source.provenance().mark(), source.provenance().meaning(), source.text());
    }

    private @Nullable InfluenceView strongest(Step step) {
        if (step instanceof Given) {
            return null;
        }
        return step.strongestInput()
                .map(influence -> new InfluenceView(number(influence.input()), influence.changePerCent()))
                .orElse(null);
    }

    private @Nullable UnsureView unsurest(Step step) {
        if (step instanceof Given) {
            return null;
        }
        return step.mostDoubtful()
                .filter(doubt -> doubt.by() != step)
                .map(doubt -> new UnsureView(number(doubt.by()), doubt.share()))
                .orElse(null);
    }
}
