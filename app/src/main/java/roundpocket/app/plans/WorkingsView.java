package roundpocket.app.plans;

import java.util.List;
import java.util.Map;
import roundpocket.app.plans.StepView.RuleView;

/**
 * How the figures of an answer came about.
 *
 * @param figures the number of each figure's step, by the figure's place in the answer: a JSON pointer (RFC 6901)
 * @param steps the steps; inputs before what is made from them
 * @param rules the rules behind them, each once
 */
public record WorkingsView(Map<String, Integer> figures, List<StepView> steps, List<RuleView> rules) {}
