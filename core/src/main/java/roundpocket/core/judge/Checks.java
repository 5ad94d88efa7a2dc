package roundpocket.core.judge;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;

/** Collects doubts about one plan. */
final class Checks {
    private final SockSpec spec;
    private final SockPlan plan;
    private final List<Doubt> doubts = new ArrayList<>();

    Checks(SockSpec spec, SockPlan plan) {
        this.spec = spec;
        this.plan = plan;
    }

    SockSpec spec() {
        return spec;
    }

    SockPlan plan() {
        return plan;
    }

    /** What was found so far; grows. */
    List<Doubt> doubts() {
        return doubts;
    }

    /** A doubt in the making: what is said, and what helps. */
    static final class Draft {
        private final Weight weight;
        private final String code;
        private final String field;
        private final Step figure;
        private final String template;
        private final Map<String, Amount> amounts = new HashMap<>();
        private String remedy = "";
        private Optional<UnaryOperator<SockSpec>> cure = Optional.empty();

        private Draft(Weight weight, String code, String field, Step figure, String template) {
            this.weight = weight;
            this.code = code;
            this.field = field;
            this.figure = figure;
            this.template = template;
            amounts.put("found", new Amount(figure.value(), figure.unit()));
            amounts.put("less", new Amount(-figure.value(), figure.unit()));
        }

        Draft with(String name, Amount amount) {
            amounts.put(name, amount);
            return this;
        }

        /** What would help, where no choice of the plan can make it so. */
        Draft helps(String words) {
            remedy = words;
            return this;
        }

        /** What would help, and what it makes of the specification. */
        Draft helps(String words, UnaryOperator<SockSpec> made) {
            remedy = words;
            cure = Optional.of(made);
            return this;
        }

        /** Only what is told goes along. */
        private Doubt done() {
            amounts.keySet().removeIf(name -> !(template + remedy).contains("{" + name + "}"));
            return new Doubt(weight, new Problem(code, field, template, remedy, amounts), Optional.of(figure), cure);
        }
    }

    static Draft draft(Weight weight, String code, String field, Step figure, String template) {
        return new Draft(weight, code, field, figure, template);
    }

    void add(Draft draft) {
        doubts.add(draft.done());
    }

    /** What lies beyond a limit matters; what lies within its own ± of it is only good to know. */
    static Weight beyond(Constant limit, Step figure) {
        return Math.abs(figure.value() - limit.value()) > figure.plusMinus95() ? Weight.MATTERS : Weight.WORTH_KNOWING;
    }

    /** The plan of a specification; empty where its parts do not go together or have no room. */
    static Optional<SockPlan> planned(Supplier<SockSpec> spec) {
        return Problems.tried(() -> spec.get().plan());
    }
}
