package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds the best way to cut: most pairs; among those the earliest wishes; most pairs in phase; legs as long as wished,
 * the earliest first; the longest single remnant.
 */
final class Solver {
    /** Steps after which a search gives up: a part of a second. Eight pairs in a tight tube may come to that. */
    private static final long EFFORT = 800_000;

    private static final long FIRST_STEPS = 25_000;
    private static final int MORE_STEPS = 8;
    private static final long MOST_STEPS = 200_000;

    private final Rims rims;
    private final List<Integer> chosen;
    private final int ravelled;
    private final List<Job> jobs;
    private final OrderSearch.Effort effort;

    private Solver(CutTube tube, List<CutWish> wishes, List<Integer> chosen, long steps) {
        this.effort = new OrderSearch.Effort(steps);
        Choosing choosing = new Choosing(tube, wishes);
        this.rims = choosing.rims();
        this.chosen = chosen;
        this.ravelled = choosing.ravelled(chosen);
        this.jobs = choosing.jobs(chosen);
    }

    /** With {@code remnant}, the order that leaves the longest one; else any of those that are as good, the rest at an end. */
    static Solution best(CutTube tube, List<CutWish> wishes, List<Integer> chosen, boolean remnant) {
        return best(tube, wishes, chosen, remnant, EFFORT);
    }

    /** The same within so many steps; with too few, one that is not proven to be the best. */
    static Solution best(CutTube tube, List<CutWish> wishes, List<Integer> chosen, boolean remnant, long steps) {
        return new Solver(tube, wishes, chosen, steps).best(remnant);
    }

    private Solution best(boolean remnant) {
        LegSearch.Found found = LegSearch.longest(jobs, effort);
        int[] legs = found.legs();
        List<Remnants> each = jobs.stream()
                .filter(job -> job.left(legs) >= 0)
                .map(job -> new Remnants(job, legs, found.misses()))
                .toList();
        Placed best = remnant ? longestRemnant(each) : any(each);
        List<Piece> pieces = pieces(best, legs);
        return new Solution(
                chosen,
                Arrays.stream(legs).boxed().toList(),
                pieces,
                ravelled,
                Layout.longestRemnant(rims, pieces, ravelled),
                !effort.spent());
    }

    /** Pieces in their order, and the job that they are the answer to. */
    private record Placed(Job job, Arrangement arrangement) {}

    private Placed longestRemnant(List<Remnants> each) {
        int most = each.stream().mapToInt(remnants -> remnants.left).max().orElseThrow();
        for (int remnant = most; remnant > 0 && !effort.spent(); remnant--) {
            for (Remnants remnants : each) {
                effort.took(Blocks.STEPS);
                Arrangement found = remnants.leaving(remnant);
                if (found != null) {
                    return new Placed(remnants.job, found);
                }
            }
        }
        return any(each);
    }

    /**
     * One of them has an order, and the search that found it may find it again; where it gave up before, it may be that
     * none has, and a pair more is let off matching.
     */
    private static Placed any(List<Remnants> each) {
        for (int more = 0; ; more++) {
            for (long steps = FIRST_STEPS; steps <= MOST_STEPS; steps *= MORE_STEPS) {
                for (Remnants remnants : each) {
                    Arrangement found = remnants.any(more, new OrderSearch.Effort(steps));
                    if (found != null) {
                        return new Placed(remnants.job, found);
                    }
                }
            }
        }
    }

    /** Looks for the order that leaves the longest remnant, between two pieces or at an end. */
    private final class Remnants {
        private final Job job;
        private final int[] legs;
        private final int misses;
        private final int left;
        private final Blocks blocks;

        Remnants(Job job, int[] legs, int misses) {
            this.job = job;
            this.legs = legs;
            this.misses = misses;
            this.left = job.left(legs);
            this.blocks = new Blocks(job, legs);
        }

        /** Any order, {@code more} pairs let off besides; with every pair let off there is one. */
        Arrangement any(int more, OrderSearch.Effort effort) {
            int off = Math.min(job.matchedPairs(), misses + more);
            Arrangement inBlocks = fitting(blocks.within(off, Math.min(left, blocks.fewest(off))));
            return inBlocks != null ? inBlocks : OrderSearch.find(job, legs, off, left, 0, effort);
        }

        /** An order that leaves a remnant of so many rounds: one more is cut where it lies between two pieces. */
        Arrangement leaving(int remnant) {
            int between = remnant + 1;
            int givenUp = left - between;
            int atEnd = left - remnant - rimAtEnd(job);
            Arrangement found = atEnd < 0 ? null : fitting(blocks.within(misses, atEnd));
            if (found == null && givenUp >= 0 && job.pieces() > 1) {
                found = fitting(blocks.around(between, misses, givenUp));
            }
            if (found == null && atEnd >= blocks.least(misses, 0)) {
                found = OrderSearch.find(job, legs, misses, atEnd, 0, effort);
            }
            boolean possible = givenUp >= 0 && job.pieces() > 1 && givenUp >= blocks.least(misses, between);
            return found == null && possible ? OrderSearch.find(job, legs, misses, left, between, effort) : found;
        }

        private Arrangement fitting(Arrangement found) {
            return found != null && job.keepsToEnds(found) ? found : null;
        }
    }

    /** Rounds that a remnant at an end costs: a piece that is no longer at an end has a cut rim. */
    private int rimAtEnd(Job job) {
        return remnantAtToe() || remnantAtCuff() ? 0 : 1 + job.lastSpare();
    }

    private boolean remnantAtToe() {
        return !rims.toeEndLive(ravelled);
    }

    private boolean remnantAtCuff() {
        return !rims.cuffEndLive(ravelled);
    }

    private List<Piece> pieces(Placed placed, int[] legs) {
        int[] order = placed.arrangement.order();
        int leftAtEnd = placed.job.left(legs) - placed.arrangement.givenUpInAll();
        int at = rims.before(chosen.get(order[0]), ravelled) + (remnantAtToe() && !remnantAtCuff() ? leftAtEnd : 0);
        int[] socks = new int[legs.length];
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < order.length; i++) {
            int pair = order[i];
            int wish = chosen.get(pair);
            at += placed.arrangement.givenUp()[i] + (i == 0 ? 0 : rims.gap(chosen.get(order[i - 1]), wish));
            Piece piece = new Piece(
                    wish, socks[pair]++, at, placed.job.wishes().get(pair).footRounds(), legs[pair]);
            pieces.add(piece);
            at = piece.to();
        }
        return pieces;
    }
}
