package roundpocket.core.wear;

import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.OptionalDouble;
import roundpocket.core.lap.Used;

/**
 * What several finished pairs took, all together.
 *
 * @param pairs how many
 * @param timed of how many the hours are known
 * @param hours hours of knitting, the mean of those; 0 where there is none
 * @param weighed how many were weighed on the way
 * @param grams grams a pair, the mean of those; 0 where there is none
 * @param leastG grams of the lightest of them; 0 likewise
 * @param mostG grams of the heaviest of them; 0 likewise
 * @param factor grams by the scale for one gram that was planned, over all that was weighed; 0 likewise
 * @param kept how many of the weighed came out within what their plan allowed for
 */
public record Tally(
        int pairs,
        int timed,
        double hours,
        int weighed,
        double grams,
        double leastG,
        double mostG,
        double factor,
        int kept) {
    /** Counts pairs together. */
    public static Tally of(Collection<PairTook> pairs) {
        double[] hours = known(pairs.stream().map(PairTook::hours).toList());
        double[] grams = known(pairs.stream().map(PairTook::grams).toList());
        List<Used> used = pairs.stream().flatMap(pair -> pair.used().stream()).toList();
        double planned = used.stream().mapToDouble(Used::plannedG).sum();
        double weighed = used.stream().mapToDouble(Used::weighedG).sum();
        return new Tally(
                pairs.size(),
                hours.length,
                mean(hours),
                grams.length,
                mean(grams),
                Arrays.stream(grams).min().orElse(0),
                Arrays.stream(grams).max().orElse(0),
                planned > 0 ? weighed / planned : 0,
                (int) used.stream().filter(Used::kept).count());
    }

    private static double[] known(List<OptionalDouble> values) {
        return values.stream().flatMapToDouble(OptionalDouble::stream).toArray();
    }

    private static double mean(double[] values) {
        return Arrays.stream(values).average().orElse(0);
    }
}
