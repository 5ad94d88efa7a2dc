package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Named;
import roundpocket.core.measure.Unit;

/**
 * What a plan lets its knitter decide: each choice with what is taken, whose that is, what is usual, and what else could be
 * taken.
 *
 * @param options choices among a few
 * @param numbers choices of a number
 * @param switches choices of yes or no
 */
public record Recipe(List<Options> options, List<Number> numbers, List<YesNo> switches) {
    public Recipe {
        options = List.copyOf(options);
        numbers = List.copyOf(numbers);
        switches = List.copyOf(switches);
    }

    /** The recipe of a plan, in the order in which it is read. */
    public static Recipe of(SockSpec spec, SockPlan plan) {
        return new RecipeWriter(spec.choices(), plan).recipe();
    }

    /** The choice among a few at a path, such as {@code tube.way}; empty where it is none of this plan's. */
    public Optional<Options> options(String path) {
        return options.stream().filter(choice -> choice.path().equals(path)).findFirst();
    }

    /** Whose a choice is. */
    public enum Whose {
        /** The knitter chose it. */
        YOURS,
        /** What is usually done. */
        USUAL,
        /** What this foot or this fabric asks for. */
        ADVISED;

        static Whose of(boolean chosen) {
            return chosen ? YOURS : USUAL;
        }
    }

    /**
     * A choice among a few.
     *
     * @param path where it stands in a specification's choices, such as {@code tube.way}
     * @param title what is decided
     * @param taken id of what is taken
     * @param usual id of what is usual
     * @param phrase what is taken, as the recipe says it
     * @param options what could be taken, in the order in which it is offered
     */
    public record Options(
            String path, String title, Whose whose, String taken, String usual, String phrase, List<Option> options) {
        public Options {
            options = List.copyOf(options);
        }
    }

    /**
     * One of a few.
     *
     * @param id what it is called in a specification
     * @param notNow why it cannot be taken as things are
     */
    public record Option(
            String id, String title, Optional<String> description, Optional<String> goodFor, Optional<String> notNow) {
        static Option of(Named one, String notNow) {
            return new Option(
                    one.name(),
                    one.title(),
                    unlessEmpty(one.description()),
                    unlessEmpty(one.goodFor()),
                    unlessEmpty(notNow));
        }

        private static Optional<String> unlessEmpty(String words) {
            return Optional.of(words).filter(some -> !some.isEmpty());
        }
    }

    /**
     * A choice of a number.
     *
     * @param path where it stands in a specification's choices, such as {@code heel.plainRounds}
     * @param title what is decided
     * @param why what it does, and what speaks for more or less of it
     * @param taken the number, in {@code unit}
     * @param usual what is taken where nobody chose
     * @param min the least that is taken
     * @param max the most
     * @param tries numbers worth trying
     */
    public record Number(
            String path,
            String title,
            String why,
            Whose whose,
            double taken,
            double usual,
            Unit unit,
            double min,
            double max,
            List<Double> tries) {
        public Number {
            tries = List.copyOf(tries);
        }
    }

    /**
     * A choice of yes or no.
     *
     * @param path where it stands in a specification's choices
     * @param title what is decided
     * @param why what it does
     * @param yes what it is where it is chosen, as the recipe says it
     * @param no what it is where it is not
     */
    public record YesNo(
            String path, String title, String why, Whose whose, boolean taken, boolean usual, String yes, String no) {}
}
