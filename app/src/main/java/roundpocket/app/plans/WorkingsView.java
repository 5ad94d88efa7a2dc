package roundpocket.app.plans;

import java.util.List;
import roundpocket.app.plans.StepView.RuleView;

/**
 * How the figures of a plan came about.
 *
 * @param steps the steps at the numbers that the figures name; inputs before what is made from them
 * @param rules the rules behind them, each once
 */
public record WorkingsView(List<StepView> steps, List<RuleView> rules) {}
