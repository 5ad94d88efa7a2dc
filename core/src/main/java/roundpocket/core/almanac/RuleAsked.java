package roundpocket.core.almanac;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Rule;
import roundpocket.core.measure.Amount;

/**
 * A rule asked directly, with numbers of one's own. Lengths are in millimetres, weights in grams, gauges to 10 cm, as in every
 * working.
 *
 * @param names what the numbers are, in the words of the formula
 * @param in the numbers
 * @param result what the rule makes of them
 */
public record RuleAsked(List<String> names, List<Double> in, double result) {
    /** More numbers than that nobody types. */
    private static final int MOST = 60;

    public RuleAsked {
        names = List.copyOf(names);
        in = List.copyOf(in);
    }

    /** The example that the rule was checked with. */
    public static RuleAsked example(Rule rule) {
        return of(rule, rule.example().in());
    }

    /** Refuses too few or too many numbers, and those that the rule has no result for. */
    public static RuleAsked of(Rule rule, List<Double> in) {
        Problems problems = new Problems();
        int least = rule.symbols().size();
        boolean many = rule.takesMany();
        if (in.size() < least || in.size() > (many ? MOST : least)) {
            problems.add(new Problem(
                    "almanac.inputs",
                    "in",
                    many
                            ? "This rule takes {least} to {most} numbers (you gave {found})."
                            : "This rule takes {least} numbers (you gave {found}).",
                    "Give one for each name: " + String.join(", ", rule.symbols()) + ".",
                    Map.of(
                            "least", Amount.number(least),
                            "most", Amount.number(MOST),
                            "found", Amount.number(in.size()))));
            problems.throwIfAny();
        }
        double result = rule.apply(in.stream().mapToDouble(Double::doubleValue).toArray());
        if (!Double.isFinite(result)) {
            problems.add(new Problem(
                    "almanac.no-result",
                    "in",
                    "There is no result for these numbers.",
                    "Nothing can be divided by 0, and nothing below 0 has a root.",
                    Map.of()));
            problems.throwIfAny();
        }
        return new RuleAsked(named(rule, in.size()), in, result == 0 ? 0 : result);
    }

    private static List<String> named(Rule rule, int inputs) {
        List<String> symbols = rule.symbols();
        int last = symbols.size() - 1;
        return IntStream.range(0, inputs)
                .mapToObj(i -> i < last || !rule.takesMany()
                        ? symbols.get(i)
                        : symbols.get(last).replace("…", "") + " " + (i - last + 1))
                .map(name -> name.replace('_', ' '))
                .toList();
    }
}
