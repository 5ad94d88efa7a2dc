package roundpocket.core.lap;

import java.util.List;
import java.util.OptionalDouble;
import roundpocket.core.plan.KnitOrder;

/** How fast somebody knits, from the times at which rounds were pressed. */
public final class Pace {
    /** A longer pause than this is no knitting. */
    private static final long LONGEST_ROUND_MS = 20 * 60_000;

    /** Nobody knits a round in less: such presses only bring the count up to the needles. */
    private static final double SHORTEST_ROUND_MS = 5_000;

    /** Fewer rounds than this say nothing. */
    private static final int FEWEST = 3;

    private Pace() {}

    /**
     * Rounds in an hour of knitting; pauses and clocks that went backwards are left out. Empty while too little is known.
     *
     * @param doneMs when rounds were pressed, in milliseconds of any clock, in the order they were pressed
     */
    public static OptionalDouble roundsPerHour(List<Long> doneMs) {
        long knittedMs = 0;
        int rounds = 0;
        for (int i = 1; i < doneMs.size(); i++) {
            long tookMs = doneMs.get(i) - doneMs.get(i - 1);
            if (tookMs > 0 && tookMs <= LONGEST_ROUND_MS) {
                knittedMs += tookMs;
                rounds++;
            }
        }
        boolean unlikely = rounds < FEWEST || knittedMs < rounds * SHORTEST_ROUND_MS;
        return unlikely ? OptionalDouble.empty() : OptionalDouble.of(rounds * 3_600_000.0 / knittedMs);
    }

    /** Hours in both socks of a pair, each at its own pace, or else the other's. Two at a time a press is a round on both. */
    static OptionalDouble hours(PairWork pair) {
        double hours = 0;
        for (int number = 1; number <= (pair.order() == KnitOrder.TWO_AT_A_TIME ? 1 : 2); number++) {
            OptionalDouble own = pair.sock(number).roundsPerHour();
            OptionalDouble pace = own.isPresent() ? own : pair.sock(3 - number).roundsPerHour();
            if (pace.isEmpty()) {
                return OptionalDouble.empty();
            }
            hours += pair.sock(number).rounds() / pace.getAsDouble();
        }
        return OptionalDouble.of(hours);
    }
}
