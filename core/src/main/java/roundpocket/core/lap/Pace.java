package roundpocket.core.lap;

import java.util.OptionalDouble;
import roundpocket.core.plan.KnitOrder;

/** How fast somebody knits, from the times at which rounds were pressed, in the order they were pressed. */
public final class Pace {
    /** A longer pause than this is no knitting. */
    private static final long LONGEST_ROUND_MS = 20 * 60_000;

    /** Nobody knits a round in less: such presses only bring the count up to the needles. */
    private static final double SHORTEST_ROUND_MS = 5_000;

    /** Fewer rounds than this say nothing. */
    private static final int FEWEST = 3;

    private long lastMs;
    private int presses;
    private long knittedMs;
    private int rounds;
    private long stitches;

    /**
     * A round was pressed.
     *
     * @param atMs when, in milliseconds of any clock
     * @param stitches its stitches
     */
    void pressed(long atMs, int stitches) {
        long tookMs = atMs - lastMs;
        if (presses > 0 && tookMs > 0 && tookMs <= LONGEST_ROUND_MS) {
            knittedMs += tookMs;
            rounds++;
        }
        presses++;
        lastMs = atMs;
        this.stitches += stitches;
    }

    /** Rounds in an hour of knitting; pauses and clocks that went backwards are left out. Empty while too little is known. */
    public OptionalDouble roundsPerHour() {
        boolean unlikely = rounds < FEWEST || knittedMs < rounds * SHORTEST_ROUND_MS;
        return unlikely ? OptionalDouble.empty() : OptionalDouble.of(rounds * 3_600_000.0 / knittedMs);
    }

    /** Stitches in an hour; empty while too little is known. */
    OptionalDouble stitchesPerHour() {
        OptionalDouble each = roundsPerHour();
        return each.isEmpty() ? each : OptionalDouble.of(each.getAsDouble() * stitches / presses);
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
