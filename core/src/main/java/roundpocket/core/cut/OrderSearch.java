package roundpocket.core.cut;

import java.util.Arrays;
import java.util.stream.IntStream;

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
    /** Of every number of repeats, the least and the greatest distance that matches. */
    private final int[] leastApart;

    private final int[] mostApart;
    private final boolean[] matched;
    /** For every pair an earlier one of the same length that matches as it does; −1 where there is none. */
    private final int[] twin;
    /** A pair that no other is the same as; −1 where there is none. */
    private final int anchor;
    /** What is given up before each piece, for every number of pieces that are placed. */
    private final int[][] given;

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

        /** Takes what something else than a step took, in steps. */
        void took(long steps) {
            left -= steps;
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
        this.matched = new boolean[job.pairs()];
        this.twin = new int[job.pairs()];
        boolean any = false;
        for (int pair = 0; pair < job.pairs(); pair++) {
            matched[pair] = job.matched(pair);
            twin[pair] = twinOf(pair);
            any |= matched[pair];
        }
        this.anchor = IntStream.range(0, twin.length)
                .filter(pair -> twin[pair] < 0 && IntStream.of(twin).noneMatch(other -> other == pair))
                .filter(pair -> job.ends().mirrored())
                .findFirst()
                .orElse(-1);
        int times = any ? repeatsWithin(Arrays.stream(length).sum() * job.socks() + most) : 0;
        this.leastApart = IntStream.range(0, times).map(job.phase()::least).toArray();
        this.mostApart = IntStream.range(0, times).map(job.phase()::most).toArray();
        this.given = new int[pieces + 1][pieces];
    }

    private int twinOf(int pair) {
        for (int other = pair - 1; other >= 0; other--) {
            boolean same = length[pair] == length[other] && matched[pair] == matched[other];
            if (same && job.spares().get(pair).equals(job.spares().get(other))) {
                return other;
            }
        }
        return -1;
    }

    private int repeatsWithin(int rounds) {
        int times = 0;
        while (job.phase().least(times) <= rounds) {
            times++;
        }
        return times;
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
        return search.place(0, 0);
    }

    private Arrangement place(int at, int missed) {
        if (at == order.length) {
            return remnant > 0 && remnantAt < 0 ? null : done(given[at]);
        }
        if (at > 0 && remnant > 0 && remnantAt < 0) {
            remnantAt = at;
            Arrangement found = placeAny(at, missed);
            if (found != null) {
                return found;
            }
            remnantAt = -1;
        }
        return placeAny(at, missed);
    }

    private Arrangement placeAny(int at, int missed) {
        for (int pair = 0; pair < job.pairs(); pair++) {
            if (placed[pair] == job.socks()
                    || sameAsEarlier(pair)
                    || pair == anchor && mirrored(at)
                    || !allowed(pair, at)) {
                continue;
            }
            if (--effort.left < 0) {
                return null;
            }
            order[at] = pair;
            base[at] = at == 0 ? 0 : base[at - 1] + length[order[at - 1]];
            Arrangement found = placed[pair] == 1 && matched[pair] ? match(pair, at, missed) : put(pair, at, missed);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** Pairs of the same length that have not begun are told apart by nothing: the earliest comes first. */
    private boolean sameAsEarlier(int pair) {
        // Where the one before it has begun, so have all that are before that one.
        return placed[pair] == 0 && twin[pair] >= 0 && placed[twin[pair]] == 0;
    }

    private boolean allowed(int pair, int at) {
        int spare = job.spares().get(pair);
        return (at > 0 || job.ends().mayBeFirst(spare))
                && (at < order.length - 1 || job.ends().mayBeLast(spare));
    }

    /** Whether the anchor’s pieces would lie rather in the second half: an order is as good from its other end. */
    private boolean mirrored(int at) {
        int other = placed[anchor] == 1 ? first[anchor] : at + job.socks() - 1;
        return other + at > order.length - 1;
    }

    private Arrangement put(int pair, int at, int missed) {
        System.arraycopy(given[at], 0, given[at + 1], 0, order.length);
        if (!settle(at, given[at + 1])) {
            return null;
        }
        int earlier = first[pair];
        first[pair] = placed[pair] == 0 ? at : earlier;
        placed[pair]++;
        Arrangement found = place(at + 1, missed);
        placed[pair]--;
        first[pair] = earlier;
        return found;
    }

    /** Puts the second sock of a pair where it matches, one repeat further on each time, or where it does not. */
    private Arrangement match(int pair, int at, int missed) {
        int apart = base[at] - base[first[pair]];
        int times = (int) Math.max(
                0, Math.floor((apart - job.phase().tolerance()) / job.phase().repeat()));
        while (times < mostApart.length && mostApart[times] < apart) {
            times++;
        }
        for (; times < leastApart.length && leastApart[times] <= apart + most; times++) {
            from[matches] = first[pair];
            to[matches] = at;
            least[matches] = leastApart[times] - apart;
            greatest[matches] = mostApart[times] - apart;
            matches++;
            Arrangement found = put(pair, at, missed);
            matches--;
            if (found != null) {
                return found;
            }
        }
        return missed < misses ? put(pair, at, missed + 1) : null;
    }

    /** Moves pieces on until every match holds; false where more would be given up than may be. */
    private boolean settle(int at, int[] given) {
        boolean moved = true;
        while (moved) {
            if (--effort.left < 0) {
                return false;
            }
            moved = false;
            for (int i = 1; i <= at; i++) {
                int wanted = given[i - 1] + (i == remnantAt ? remnant : 0);
                if (given[i] < wanted) {
                    given[i] = wanted;
                }
            }
            for (int i = 0; i < matches; i++) {
                int least = given[from[i]] + this.least[i];
                if (given[to[i]] < least) {
                    given[to[i]] = least;
                    moved = true;
                }
                int pushed = given[to[i]] - greatest[i];
                if (given[from[i]] < pushed) {
                    given[from[i]] = pushed;
                    moved = true;
                }
            }
            if (given[at] > most) {
                return false;
            }
        }
        return true;
    }

    private Arrangement done(int[] given) {
        int[] before = new int[given.length];
        for (int i = 1; i < given.length; i++) {
            before[i] = given[i] - given[i - 1];
        }
        return new Arrangement(order.clone(), before);
    }
}
