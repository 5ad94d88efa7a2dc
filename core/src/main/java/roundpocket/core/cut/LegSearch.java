package roundpocket.core.cut;

import java.util.List;

/**
 * Finds the longest legs, the earliest wish first, that still let as many pairs match as can.
 *
 * <p>A leg that grows by a round takes two rounds of the tube and moves what lies behind it, so that a longer leg further
 * down can serve where rounds would be given up. How far such legs need to be tried is bounded by
 * {@link Phase#leastGivenUp}.
 */
final class LegSearch {
    private final Job job;
    private final OrderSearch.Effort effort;
    private final int misses;

    private LegSearch(Job job, int misses, OrderSearch.Effort effort) {
        this.job = job;
        this.misses = misses;
        this.effort = effort;
    }

    /**
     * What was found.
     *
     * @param legs the legs
     * @param misses pairs that should match and do not
     */
    record Found(int[] legs, int misses) {}

    /** The same job may come with several kinds of pieces at its ends: what any of them allows, can be. */
    static Found longest(List<Job> jobs, OrderSearch.Effort effort) {
        Job any = jobs.get(0);
        for (int misses = 0; ; misses++) {
            int missed = misses;
            List<LegSearch> searches = jobs.stream()
                    .filter(job -> !mirrorOfOther(job))
                    .map(job -> new LegSearch(job, missed, effort))
                    .toList();
            if (misses == any.matchedPairs() || possible(searches, any.shortest(), 0)) {
                return new Found(legs(searches, any), misses);
            }
        }
    }

    /** An order seen from its other end takes as many rounds, and its pairs match as they did. */
    private static boolean mirrorOfOther(Job job) {
        return job.ends().last() != Ends.ANY && job.ends().first() > job.ends().last();
    }

    private static boolean possible(List<LegSearch> searches, int[] legs, int settled) {
        return searches.stream().anyMatch(search -> search.possible(legs, settled));
    }

    private static int[] legs(List<LegSearch> searches, Job any) {
        int[] legs = any.shortest();
        for (int pair = 0; pair < legs.length; pair++) {
            int shortest = legs[pair];
            int left = searches.stream()
                    .mapToInt(search -> search.job.left(legs))
                    .max()
                    .orElseThrow();
            int leg = Math.min(any.wishes().get(pair).legTo(), shortest + left / any.socks());
            legs[pair] = leg;
            while (leg > shortest && !possible(searches, legs, pair + 1)) {
                legs[pair] = --leg;
            }
        }
        return legs;
    }

    /** Whether the legs of the first {@code settled} pairs can be so, whatever those of the others. */
    private boolean possible(int[] legs, int settled) {
        if (misses == job.matchedPairs()) {
            return job.left(legs) >= 0;
        }
        if (job.left(legs) < 0 || tooFew(legs)) {
            return false;
        }
        return inBlocks(legs, settled) || inOrder(legs, settled);
    }

    private boolean inBlocks(int[] legs, int settled) {
        return someLegs(legs, settled, tried -> {
            effort.took(Blocks.STEPS);
            Blocks blocks = new Blocks(job, tried);
            int left = job.left(tried);
            if (blocks.least(misses, 0) > left || blocks.fewest(misses) > left) {
                return false;
            }
            return job.ends().free() || job.keepsToEnds(blocks.within(misses, left));
        });
    }

    private boolean inOrder(int[] legs, int settled) {
        return someLegs(
                legs,
                settled,
                tried -> !tooFew(tried) && OrderSearch.find(job, tried, misses, job.left(tried), 0, effort) != null);
    }

    /** Whether less is left than every order would give up. */
    private boolean tooFew(int[] legs) {
        effort.took(Blocks.STEPS);
        return new Blocks(job, legs).least(misses, 0) > job.left(legs);
    }

    private int mostGrown(int[] legs) {
        return job.allMatch(misses)
                ? job.phase().mostGrown(job.once(legs), job.pairs(), job.left(legs))
                : job.left(legs) / job.socks();
    }

    private interface Try {
        boolean works(int[] legs);
    }

    /** Tries the legs as they are, then with a round more in all, then with two, as far as the tube reaches. */
    private boolean someLegs(int[] legs, int settled, Try trial) {
        int most = settled == legs.length ? 0 : mostGrown(legs);
        for (int more = 0; more <= most && !effort.spent(); more++) {
            if (grown(legs.clone(), settled, more, trial)) {
                return true;
            }
        }
        return false;
    }

    private boolean grown(int[] legs, int at, int more, Try trial) {
        if (more == 0) {
            return trial.works(legs);
        }
        if (at == legs.length || effort.spent()) {
            return false;
        }
        int shortest = legs[at];
        int most = Math.min(more, job.wishes().get(at).legTo() - shortest);
        for (int grown = most; grown >= 0; grown--) {
            legs[at] = shortest + grown;
            if (grown(legs, at + 1, more - grown, trial)) {
                return true;
            }
        }
        legs[at] = shortest;
        return false;
    }
}
