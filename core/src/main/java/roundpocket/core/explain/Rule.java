package roundpocket.core.explain;

import java.util.List;

/**
 * A rule of the job: the formula as a reader sees it and the function that is applied, held together with the source and
 * one worked example that pins text and function to each other. A rule of so many inputs takes just so many steps; the
 * compiler counts them.
 */
public abstract sealed class Rule {
    private final About about;
    private final FunctionMany function;

    private Rule(About about, FunctionMany function) {
        this.about = about;
        this.function = function;
    }

    /**
     * All of a rule but its computation.
     *
     * @param id stable name for programs, such as {@code sock.ideal-stitches}
     * @param title what the rule gives, in a few words
     * @param formula the formula in words; the words are those of {@code symbols}
     * @param symbols the names of the inputs in order; a last name ending in … stands for any number of inputs
     * @param source where the rule comes from
     * @param example one example by hand
     */
    private record About(
            String id, String title, String formula, List<String> symbols, Source source, Example example) {
        About {
            symbols = List.copyOf(symbols);
        }

        About counted(int inputs) {
            if (symbols.size() != inputs) {
                throw new IllegalArgumentException(id + " has " + inputs + " inputs and names " + symbols);
            }
            return this;
        }
    }

    /** Inputs in the order of the symbols, and the result worked out by hand, good to {@code tolerance}. */
    public record Example(List<Double> in, double result, double tolerance) {}

    /** A rule with the steps it is applied to, in the order of its symbols. */
    public record Applied(Rule rule, List<Step> inputs) {
        public Applied {
            inputs = List.copyOf(inputs);
        }
    }

    public static Example example(double result, double tolerance, Double... in) {
        return new Example(List.of(in), result, tolerance);
    }

    /** The result for inputs in the order of the symbols; no more is made of it than a number. */
    public double apply(double... in) {
        return function.of(in);
    }

    public String id() {
        return about.id();
    }

    public String title() {
        return about.title();
    }

    public String formula() {
        return about.formula();
    }

    public List<String> symbols() {
        return about.symbols();
    }

    public Source source() {
        return about.source();
    }

    public Example example() {
        return about.example();
    }

    /** Whether the rule takes any number of inputs. */
    public boolean takesMany() {
        return this instanceof OfMany;
    }

    /** The computation of a rule of one input. */
    @FunctionalInterface
    public interface Function1 {
        double of(double a);
    }

    /** A rule of one input. */
    public static final class Of1 extends Rule {
        private Of1(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a) {
            return new Applied(this, List.of(a));
        }
    }

    public static Of1 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function1 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(1);
        return new Of1(about, in -> function.of(in[0]));
    }

    /** The computation of a rule of two inputs. */
    @FunctionalInterface
    public interface Function2 {
        double of(double a, double b);
    }

    /** A rule of two inputs. */
    public static final class Of2 extends Rule {
        private Of2(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b) {
            return new Applied(this, List.of(a, b));
        }
    }

    public static Of2 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function2 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(2);
        return new Of2(about, in -> function.of(in[0], in[1]));
    }

    /** The computation of a rule of three inputs. */
    @FunctionalInterface
    public interface Function3 {
        double of(double a, double b, double c);
    }

    /** A rule of three inputs. */
    public static final class Of3 extends Rule {
        private Of3(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b, Step c) {
            return new Applied(this, List.of(a, b, c));
        }
    }

    public static Of3 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function3 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(3);
        return new Of3(about, in -> function.of(in[0], in[1], in[2]));
    }

    /** The computation of a rule of four inputs. */
    @FunctionalInterface
    public interface Function4 {
        double of(double a, double b, double c, double d);
    }

    /** A rule of four inputs. */
    public static final class Of4 extends Rule {
        private Of4(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b, Step c, Step d) {
            return new Applied(this, List.of(a, b, c, d));
        }
    }

    public static Of4 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function4 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(4);
        return new Of4(about, in -> function.of(in[0], in[1], in[2], in[3]));
    }

    /** The computation of a rule of five inputs. */
    @FunctionalInterface
    public interface Function5 {
        double of(double a, double b, double c, double d, double e);
    }

    /** A rule of five inputs. */
    public static final class Of5 extends Rule {
        private Of5(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b, Step c, Step d, Step e) {
            return new Applied(this, List.of(a, b, c, d, e));
        }
    }

    public static Of5 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function5 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(5);
        return new Of5(about, in -> function.of(in[0], in[1], in[2], in[3], in[4]));
    }

    /** The computation of a rule of six inputs. */
    @FunctionalInterface
    public interface Function6 {
        double of(double a, double b, double c, double d, double e, double f);
    }

    /** A rule of six inputs. */
    public static final class Of6 extends Rule {
        private Of6(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b, Step c, Step d, Step e, Step f) {
            return new Applied(this, List.of(a, b, c, d, e, f));
        }
    }

    public static Of6 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function6 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(6);
        return new Of6(about, in -> function.of(in[0], in[1], in[2], in[3], in[4], in[5]));
    }

    /** The computation of a rule of seven inputs. */
    @FunctionalInterface
    public interface Function7 {
        double of(double a, double b, double c, double d, double e, double f, double g);
    }

    /** A rule of seven inputs. */
    public static final class Of7 extends Rule {
        private Of7(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(Step a, Step b, Step c, Step d, Step e, Step f, Step g) {
            return new Applied(this, List.of(a, b, c, d, e, f, g));
        }
    }

    public static Of7 of(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            Function7 function,
            Example example) {
        About about = new About(id, title, formula, symbols, source, example).counted(7);
        return new Of7(about, in -> function.of(in[0], in[1], in[2], in[3], in[4], in[5], in[6]));
    }

    /** The computation of a rule of any number of inputs. */
    @FunctionalInterface
    public interface FunctionMany {
        double of(double[] in);
    }

    /** A rule of any number of inputs; its one symbol ends in …. */
    public static final class OfMany extends Rule {
        private OfMany(About about, FunctionMany function) {
            super(about, function);
        }

        public Applied of(List<? extends Step> inputs) {
            return new Applied(this, List.copyOf(inputs));
        }
    }

    public static OfMany ofMany(
            String id,
            String title,
            String formula,
            List<String> symbols,
            Source source,
            FunctionMany function,
            Example example) {
        return new OfMany(new About(id, title, formula, symbols, source, example).counted(1), function);
    }
}
