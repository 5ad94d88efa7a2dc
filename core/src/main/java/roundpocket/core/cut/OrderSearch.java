package roundpocket.core.cut;

import java.util.Arrays;

/**
 * Looks through every order of the pieces for one that gives up few enough rounds. Where a piece lies at the earliest
 * follows from those before it: a sock that is to match its twin pushes pieces on until it does, whichever of them.
 */
final class OrderSearch {
    private final Job job;
    private final int[] length;
    private final int most;
    private final int misses;
    private final int remnant;
    private final Effort effort;

    private final int[] order;
    private final int[] base;
    private final int[] first;
    private final int[] placed;
    /** Matches so far: the two pieces, and what may be given up between them. */
    private final int[] from;

    private final int[] to;
    private final int[] least;
    private final int[] greatest;
    private int matches;
    private int remnantAt = -1;

    /** How many steps a search may still take; beyond them the answer is no longer sure to be the best. */
    static final class Effort {
        private long left;

        Effort(long steps) {
            this.left = steps;
        }

        boolean spent() {
            return left <= 0;
        }
    }

    private OrderSearch(Job job, int[] legs, int misses, int most, int remnant, Effort effort) {
        this.job = job;
        this.length =
                Arrays.stream(job.indices()).map(pair -> job.length(pair, legs)).toArray();
        this.misses = misses;
        this.most = most;
        this.remnant = remnant;
        this.effort = effort;
        int pieces = job.pieces();
        this.order = new int[pieces];
        this.base = new int[pieces];
        this.first = new int[job.pairs()];
        this.placed = new int[job.pairs()];
        this.from = new int[job.pairs()];
        this.to = new int[job.pairs()];
        this.least = new int[job.pairs()];
        this.greatest = new int[job.pairs()];
    }

    /**
     * An arrangement, or none.
     *
     * @param misses pairs that should match and need not
     * @param most rounds that may be given up between the pieces in all
     * @param remnant rounds that must be given up in one place, so that they are a remnant; 0 for none
     */
    static Arrangement find(Job job, int[] legs, int misses, int most, int remnant, Effort effort) {
        OrderSearch search = new OrderSearch(job, legs, misses, most, remnant, effort);
        return search.place(0, new int[job.pieces()], 0);
    }

    private Arrangement place(int at, int[] given, int missed) {
        if (at == order.length) {
            return remnant > 0 && remnantAt < 0 ? null : done(given);
        }
        if (at > 0 && remnant > 0 && remnantAt < 0) {
            remnantAt = at;
            Arrangement found = placeAny(at, given, missed);
            if (found != null) {
                return found;
            }
            remnantAt = -1;
        }
        return placeAny(at, given, missed);
    }

    private Arrangement placeAny(int at, int[] given, int missed) {
        for (int pair = 0; pair < job.pairs(); pair++) {
            if (placed[pair] == job.socks() || sameAsEarlier(pair)) {
                continue;
            }
            if (--effort.left < 0) {
                return null;
            }
            order[at] = pair;
            base[at] = at == 0 ? 0 : base[at - 1] + length[order[at - 1]];
            Arrangement found = placed[pair] == 1 && job.matched(pair)
                    ? match(pair, at, given, missed)
                    : put(pair, at, given, missed);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** Pairs of the same length that have not begun are told apart by nothing: the earliest comes first. */
    private boolean sameAsEarlier(int pair) {
        for (int other = 0; other < pair; other++) {
            if (placed[pair] == 0
                    && placed[other] == 0
                    && length[pair] == length[other]
                    && job.matched(pair) == job.matched(other)) {
                return true;
            }
        }
        return false;
    }

    private Arrangement put(int pair, int at, int[] before, int missed) {
        int[] given = before.clone();
        if (!settle(at, given)) {
            return null;
        }
        int earlier = first[pair];
        first[pair] = placed[pair] == 0 ? at : earlier;
        placed[pair]++;
        Arrangement found = place(at + 1, given, missed);
        placed[pair]--;
        first[pair] = earlier;
        return found;
    }

    /** Puts the second sock of a pair where it matches, one repeat further on each time, or where it does not. */
    private Arrangement match(int pair, int at, int[] given, int missed) {
        int apart = base[at] - base[first[pair]];
        int times = (int) Math.max(
                0, Math.floor((apart - job.phase().tolerance()) / job.phase().repeat()));
        while (job.phase().most(times) < apart) {
            times++;
        }
        for (; job.phase().least(times) <= apart + most; times++) {
            from[matches] = first[pair];
            to[matches] = at;
            least[matches] = job.phase().least(times) - apart;
            greatest[matches] = job.phase().most(times) - apart;
            matches++;
            Arrangement found = put(pair, at, given, missed);
            matches--;
            if (found != null) {
                return found;
            }
        }
        return missed < misses ? put(pair, at, given, missed + 1) : null;
    }

    /** Moves pieces on until every match holds; false where more would be given up than may be. */
    private boolean settle(int at, int[] given) {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (int i = 1; i <= at; i++) {
                moved |= atLeast(given, i, given[i - 1] + (i == remnantAt ? remnant : 0));
            }
            for (int i = 0; i < matches; i++) {
                moved |= atLeast(given, to[i], given[from[i]] + least[i]);
                moved |= atLeast(given, from[i], given[to[i]] - greatest[i]);
            }
            if (given[at] > most) {
                return false;
            }
        }
        return true;
    }

    private static boolean atLeast(int[] given, int at, int wanted) {
        boolean moves = given[at] < wanted;
        given[at] = Math.max(given[at], wanted);
        return moves;
    }

    private Arrangement done(int[] given) {
        int[] before = new int[given.length];
        for (int i = 1; i < given.length; i++) {
            before[i] = given[i] - given[i - 1];
        }
        return new Arrangement(order.clone(), before);
    }
}
