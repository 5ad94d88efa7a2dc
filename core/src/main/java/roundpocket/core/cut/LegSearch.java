package roundpocket.core.cut;

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

    static Found longest(Job job, OrderSearch.Effort effort) {
        for (int misses = 0; ; misses++) {
            LegSearch search = new LegSearch(job, misses, effort);
            if (misses == job.matchedPairs() || search.possible(job.shortest(), 0)) {
                return new Found(search.legs(), misses);
            }
        }
    }

    private int[] legs() {
        int[] legs = job.shortest();
        for (int pair = 0; pair < legs.length; pair++) {
            int shortest = legs[pair];
            int leg = Math.min(job.wishes().get(pair).legTo(), shortest + job.left(legs) / job.socks());
            legs[pair] = leg;
            while (leg > shortest && !possible(legs, pair + 1)) {
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
            Blocks blocks = new Blocks(job, tried);
            return blocks.least(misses, 0) <= job.left(tried) && blocks.fewest(misses) <= job.left(tried);
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
        if (at == legs.length) {
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
