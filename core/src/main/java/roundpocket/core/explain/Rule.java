package roundpocket.core.explain;

import java.util.List;

/**
 * A rule of the job: the formula as a reader sees it and the function that is applied, held together with the source and
 * one worked example that pins text and function to each other.
 *
 * @param id stable name for programs, such as {@code sock.ideal-stitches}
 * @param title what the rule gives, in a few words
 * @param formula the formula in words; the words are those of {@code symbols}
 * @param symbols the names of the inputs in order; a last name ending in … stands for any number of inputs
 * @param source where the rule comes from
 * @param function the computation
 * @param example one example by hand
 */
public record Rule(
        String id,
        String title,
        String formula,
        List<String> symbols,
        Source source,
        Function function,
        Example example) {

    /** The computation of a rule, from its inputs in the order of the symbols. */
    @FunctionalInterface
    public interface Function {
        double of(double[] in);
    }

    /** Inputs in the order of the symbols, and the result worked out by hand, good to {@code tolerance}. */
    public record Example(List<Double> in, double result, double tolerance) {}

    public Rule {
        symbols = List.copyOf(symbols);
    }

    public static Example example(double result, double tolerance, Double... in) {
        return new Example(List.of(in), result, tolerance);
    }

    double apply(double[] in) {
        return function.of(in);
    }

    /** Whether the rule takes any number of inputs. */
    public boolean takesMany() {
        return symbols.get(symbols.size() - 1).endsWith("…");
    }
}
