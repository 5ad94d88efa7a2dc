package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.plan.Recipe.Option;
import roundpocket.core.plan.Recipe.Options;
import roundpocket.core.plan.Recipe.Whose;
import roundpocket.core.plan.Recipe.YesNo;

/** Collects what a recipe offers. */
final class Offers {
    private final List<Options> options = new ArrayList<>();
    private final List<Recipe.Number> numbers = new ArrayList<>();
    private final List<YesNo> switches = new ArrayList<>();

    Recipe recipe() {
        return new Recipe(options, numbers, switches);
    }

    void yesNo(YesNo one) {
        switches.add(one);
    }

    <N extends Named> void options(String path, String title, Optional<N> chosen, N taken, N usual, N[] all) {
        options(path, title, chosen, taken, usual, all, any -> "");
    }

    /** {@code notNow} says why one of them cannot be taken; nothing where it can. */
    <N extends Named> void options(
            String path, String title, Optional<N> chosen, N taken, N usual, N[] all, Function<N, String> notNow) {
        options.add(new Options(
                path,
                title,
                Whose.of(chosen.isPresent()),
                taken.name(),
                usual.name(),
                taken.phrase(),
                Arrays.stream(all).map(one -> Option.of(one, notNow.apply(one))).toList()));
    }

    void number(
            String path,
            String title,
            String why,
            Whose whose,
            double taken,
            double usual,
            Limit limit,
            double... tries) {
        numbers.add(new Recipe.Number(
                path,
                title,
                why,
                whose,
                taken,
                usual,
                limit.unit(),
                limit.min(),
                limit.max(),
                Arrays.stream(tries).boxed().toList()));
    }
}
