package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Finds the best way to cut: most pairs; among those the earliest wishes; most pairs in phase; legs as long as wished,
 * the earliest first; the longest single remnant.
 */
final class Solver {
    /** Steps after which a search gives up: a second or two. Eight pairs in a tight tube may come to that. */
    private static final long EFFORT = 4_000_000;

    private final CutTube tube;
    private final Choosing choosing;
    private final List<Integer> chosen;
    private final int ravelled;
    private final Job job;
    private final OrderSearch.Effort effort = new OrderSearch.Effort(EFFORT);

    private Solver(CutTube tube, List<CutWish> wishes, List<Integer> chosen) {
        this.tube = tube;
        this.choosing = new Choosing(tube, wishes);
        this.chosen = chosen;
        this.ravelled = choosing.ravelled(chosen);
        this.job = new Job(
                chosen.stream().map(wishes::get).toList(),
                tube.socks(),
                choosing.room(chosen),
                tube.gap(),
                tube.phase());
    }

    /** With {@code remnant}, the order that leaves the longest one; else any of those that are as good, the rest at an end. */
    static Solution best(CutTube tube, List<CutWish> wishes, List<Integer> chosen, boolean remnant) {
        return new Solver(tube, wishes, chosen).best(remnant);
    }

    private Solution best(boolean remnant) {
        LegSearch.Found found = LegSearch.longest(job, effort);
        int[] legs = found.legs();
        Remnants remnants = new Remnants(legs, found.misses());
        Arrangement best = remnant ? remnants.best() : remnants.any();
        List<Piece> pieces = pieces(best, legs, job.left(legs) - best.givenUpInAll());
        return new Solution(
                chosen,
                Arrays.stream(legs).boxed().toList(),
                pieces,
                ravelled,
                Layout.longestRemnant(tube, pieces, ravelled),
                !effort.spent());
    }

    /** Looks for the order that leaves the longest remnant, between two pieces or at an end. */
    private final class Remnants {
        private final int[] legs;
        private final int misses;
        private final int left;
        private final Blocks blocks;

        Remnants(int[] legs, int misses) {
            this.legs = legs;
            this.misses = misses;
            this.left = job.left(legs);
            this.blocks = new Blocks(job, legs);
        }

        Arrangement best() {
            for (int remnant = left; remnant > 0; remnant--) {
                Arrangement found = leaving(remnant);
                if (found != null) {
                    return found;
                }
            }
            return any();
        }

        Arrangement any() {
            Arrangement inBlocks = blocks.within(misses, Math.min(left, blocks.fewest(misses)));
            // That there is one is known; the search that found it may find it again.
            return inBlocks != null
                    ? inBlocks
                    : OrderSearch.find(job, legs, misses, left, 0, new OrderSearch.Effort(Long.MAX_VALUE));
        }

        /** An order that leaves a remnant of so many rounds: one more is cut where it lies between two pieces. */
        private Arrangement leaving(int remnant) {
            int between = remnant + 1;
            int givenUp = left - between;
            int atEnd = left - remnant - rimAtEnd();
            Arrangement found = atEnd < 0 ? null : blocks.within(misses, atEnd);
            if (found == null && givenUp >= 0 && job.pieces() > 1) {
                found = blocks.around(between, misses, givenUp);
            }
            if (found == null && atEnd >= blocks.least(misses, 0)) {
                found = OrderSearch.find(job, legs, misses, atEnd, 0, effort);
            }
            boolean possible = givenUp >= 0 && job.pieces() > 1 && givenUp >= blocks.least(misses, between);
            return found == null && possible ? OrderSearch.find(job, legs, misses, left, between, effort) : found;
        }
    }

    /** Rounds that a remnant at an end costs: a piece that is no longer at an end has a cut rim. */
    private int rimAtEnd() {
        return remnantAtToe() || remnantAtCuff() ? 0 : 1 + tube.spareRounds();
    }

    private boolean remnantAtToe() {
        return !tube.toeEndHeld() && !(tube.ravelledAtToe() && ravelled > 0);
    }

    private boolean remnantAtCuff() {
        return !tube.cuffEndHeld() && (tube.ravelledAtToe() || ravelled == 0);
    }

    private List<Piece> pieces(Arrangement arrangement, int[] legs, int leftAtEnd) {
        int at = Layout.before(tube, ravelled) + (remnantAtToe() && !remnantAtCuff() ? leftAtEnd : 0);
        int[] socks = new int[job.pairs()];
        List<Piece> pieces = new ArrayList<>();
        for (int i = 0; i < arrangement.order().length; i++) {
            int pair = arrangement.order()[i];
            at += arrangement.givenUp()[i];
            Piece piece = new Piece(
                    chosen.get(pair), socks[pair]++, at, job.wishes().get(pair).footRounds(), legs[pair]);
            pieces.add(piece);
            at = piece.to() + tube.gap();
        }
        return pieces;
    }
}
