package roundpocket.core.cut;

/**
 * When two rounds of a tube lie in the same place of its stripes.
 *
 * @param repeat rounds of one repeat; endless where there are no stripes
 * @param tolerance rounds by which they may differ, all around the repeat
 */
record Phase(double repeat, double tolerance) {
    static final Phase ANY = new Phase(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

    /** Whole rounds that miss a bound by less than this are on it: it is the arithmetic and not the tube. */
    private static final double HAIR = 1e-9;

    static Phase of(double repeat, double tolerance) {
        return 2 * tolerance + 1 >= repeat ? ANY : new Phase(repeat, tolerance);
    }

    boolean any() {
        return Double.isInfinite(repeat);
    }

    /** The least distance that is within tolerance of {@code times} repeats, in whole rounds. */
    int least(int times) {
        return (int) Math.ceil(times * repeat - tolerance - HAIR);
    }

    /** The greatest such distance. */
    int most(int times) {
        return (int) Math.floor(times * repeat + tolerance + HAIR);
    }

    /** How far a distance is beyond the nearest whole number of repeats, −repeat/2 to repeat/2. */
    double beyond(int distance) {
        return distance - Math.round(distance / repeat) * repeat;
    }

    boolean fits(int distance) {
        return any() || Math.abs(beyond(distance)) <= tolerance + HAIR;
    }

    /** The fewest rounds to add to a distance until it fits. */
    int lacking(int distance) {
        int added = 0;
        while (!fits(distance + added)) {
            added++;
        }
        return added;
    }

    /**
     * Rounds that must at least be given up so that {@code pairs} pairs are all in phase, in whatever order they lie,
     * where one sock of each and what lies between them take {@code once} rounds.
     *
     * <p>Seen on a circle of one repeat, each piece is an arc that is walked along twice. Without tolerance and without
     * rounds given up, every place is left as often as it is come to, so the arcs of one sock of each close to a circle
     * on their own; rounds given up can only fill what is lacking to that. Each pair's tolerance can save its own amount
     * of it once.
     */
    int leastGivenUp(int once, int pairs) {
        if (any()) {
            return 0;
        }
        double over = once % repeat;
        double saved = pairs * tolerance;
        return over <= saved + HAIR ? 0 : (int) Math.max(0, Math.ceil(repeat - over - saved - HAIR));
    }

    /**
     * The most rounds by which legs can grow in all, two socks each, and still leave what has to be given up where
     * {@code left} rounds are left: a round of growth takes two and saves one.
     */
    int mostGrown(int once, int pairs, int left) {
        double over = once % repeat;
        double saved = pairs * tolerance;
        int half = left / 2;
        if (half >= repeat - over) {
            return half;
        }
        double most = Math.max(saved - over, left - (repeat - over - saved));
        return (int) Math.max(0, Math.min(half, Math.floor(most + HAIR)));
    }
}
