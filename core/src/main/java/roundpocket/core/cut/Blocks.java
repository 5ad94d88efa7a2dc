package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * A good arrangement that is found at once, and how good any can be at most.
 *
 * <p>Pairs that match are put into blocks. A block is one sock of each of its pairs, then pieces that need not match,
 * then the other socks in the same order; rounds are given up in its middle until the second half begins where the first
 * did. Seen on a circle of one repeat every piece is an arc. A pair in phase is an arc that is walked along twice, so
 * without tolerance the ends of the walk are joined by the arcs that are walked once, each taken forwards or backwards;
 * one sock of each pair and the backward ones together then come round to where they began. So some of the pieces that
 * need not match, put in the middle of one block, do as well as any order, and each pair's tolerance can save its own
 * amount once, which more blocks than one make use of; another order may save a round or two more, and that is what
 * {@link OrderSearch} looks for.
 */
final class Blocks {
    private static final int COPIES = 3;

    /** What looking through the blocks of some legs takes, in steps of a search through orders. */
    static final int STEPS = 400;

    private final Job job;
    private final int[] length;
    private final int matched;
    private final Map<Integer, Split> splits = new HashMap<>();

    Blocks(Job job, int[] legs) {
        this.job = job;
        this.length = new int[job.pairs()];
        int all = 0;
        for (int pair = 0; pair < length.length; pair++) {
            length[pair] = job.length(pair, legs);
            all |= job.matched(pair) ? 1 << pair : 0;
        }
        this.matched = all;
    }

    /**
     * Rounds that any order gives up between its pieces at least.
     *
     * @param misses pairs that should match and need not
     * @param remnant rounds given up in one place, not counted here; 0 for none
     */
    int least(int misses, int remnant) {
        int least = Integer.MAX_VALUE;
        for (int set : candidates(misses)) {
            int pairs = Integer.bitCount(set);
            for (int filling : split(set).filling) {
                int once = once(set) + filling;
                least = Math.min(least, job.phase().leastGivenUp(once, pairs));
                least = Math.min(least, job.phase().leastGivenUp(once + remnant, pairs));
            }
        }
        return least;
    }

    /** The fewest rounds that blocks give up. */
    int fewest(int misses) {
        int best = Integer.MAX_VALUE;
        for (int set : candidates(misses)) {
            best = Math.min(best, split(set).fewest());
        }
        return best;
    }

    /** An arrangement in blocks that gives up no more than {@code most} rounds, or none. */
    Arrangement within(int misses, int most) {
        for (int set : candidates(misses)) {
            Split split = split(set);
            if (split.fewest() <= most) {
                return split.lay(split.blocks(set, split.all()), 0);
            }
        }
        return null;
    }

    /** The same with so many rounds of remnant between two pieces besides. */
    Arrangement around(int remnant, int misses, int most) {
        for (int set : candidates(misses)) {
            Arrangement found = split(set).around(remnant, most);
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    /** Sets of pairs that match, as many as are not let off. */
    private List<Integer> candidates(int misses) {
        List<Integer> sets = new ArrayList<>();
        for (int set = matched; ; set = (set - 1) & matched) {
            if (Integer.bitCount(matched & ~set) == misses) {
                sets.add(set);
            }
            if (set == 0) {
                return sets;
            }
        }
    }

    private Split split(int set) {
        return splits.computeIfAbsent(set, Split::new);
    }

    private static int power(int digit) {
        int power = 1;
        for (int i = 0; i < digit; i++) {
            power *= COPIES;
        }
        return power;
    }

    private int once(int set) {
        int sum = 0;
        for (int pair = 0; pair < length.length; pair++) {
            sum += (set >> pair & 1) * length[pair];
        }
        return sum;
    }

    /**
     * One block.
     *
     * @param pairs its pairs
     * @param fillers the pieces in its middle that need not match, as {@link Split} numbers them
     * @param givenUp rounds given up in its middle
     */
    private record Block(int pairs, int fillers, int givenUp) {}

    /** A set of pairs that match, split into blocks. Pieces that need not match are a number in threes, a digit a pair. */
    private final class Split {
        private final int set;
        private final List<Integer> loose = new ArrayList<>();
        /** Rounds of each choice of pieces that need not match. */
        private final int[] filling;
        /** What the best split of a part of the set gives up, by the part and the pieces that it may use. */
        private final Map<Integer, Integer> best = new HashMap<>();

        Split(int set) {
            this.set = set;
            for (int pair = 0; pair < length.length; pair++) {
                if ((set >> pair & 1) == 0) {
                    loose.add(pair);
                }
            }
            this.filling = new int[set == 0 ? 1 : power(loose.size())];
            for (int digit = 0; power(digit) < filling.length; digit++) {
                for (int fillers = power(digit); fillers < power(digit + 1); fillers++) {
                    filling[fillers] = filling[fillers - power(digit)] + length[loose.get(digit)];
                }
            }
        }

        int all() {
            return filling.length - 1;
        }

        private int digit(int fillers, int digit) {
            return fillers / power(digit) % COPIES;
        }

        private boolean within(int fillers, int available) {
            for (int a = fillers, b = available; a > 0; a /= COPIES, b /= COPIES) {
                if (a % COPIES > b % COPIES) {
                    return false;
                }
            }
            return true;
        }

        int fewest() {
            // Pieces that need not match are only looked at where it takes them.
            int plain = fewest(set, 0);
            return plain == 0 ? 0 : fewest(set, all());
        }

        private int fewest(int part, int available) {
            if (part == 0) {
                return 0;
            }
            // Few of the many choices are ever asked for.
            int key = part * filling.length + available;
            Integer known = best.get(key);
            if (known == null) {
                known = block(part, available, 0, true).cost;
                best.put(key, known);
            }
            return known;
        }

        /**
         * The best block for the first pair of a part, and what it and the others give up; any of the best where only the
         * cost is asked for.
         */
        private Costed block(int part, int available, int remnant, boolean any) {
            Costed found = new Costed(null, Integer.MAX_VALUE);
            int lowest = part & -part;
            for (int pairs = part; pairs > 0; pairs = (pairs - 1) & part) {
                boolean first = (pairs & lowest) != 0 || remnant > 0;
                for (int fillers = 0; first && fillers <= available; fillers++) {
                    if (!within(fillers, available)) {
                        continue;
                    }
                    int lacking = job.phase().lacking(once(pairs) + filling[fillers] + remnant);
                    if (lacking > found.cost) {
                        continue;
                    }
                    int cost = lacking + fewest(part & ~pairs, available - fillers);
                    // The smallest block of equal ones: twins that lie beside each other are easier to follow.
                    if (cost < found.cost || cost == found.cost && smaller(pairs, fillers, found.block)) {
                        found = new Costed(new Block(pairs, fillers, lacking + remnant), cost);
                        if (any && cost == 0) {
                            return found;
                        }
                    }
                }
            }
            return found;
        }

        private boolean smaller(int pairs, int fillers, Block than) {
            int more = Integer.bitCount(pairs) - Integer.bitCount(than.pairs);
            return more < 0 || more == 0 && fillers < than.fillers;
        }

        private record Costed(Block block, int cost) {}

        List<Block> blocks(int part, int available) {
            List<Block> blocks = new ArrayList<>();
            int left = part;
            int fillers = fewest(part, 0) <= fewest(part, available) ? 0 : available;
            while (left > 0) {
                Block next = block(left, fillers, 0, false).block;
                blocks.add(next);
                left &= ~next.pairs;
                fillers -= next.fillers;
            }
            return blocks;
        }

        Arrangement around(int remnant, int most) {
            boolean betweenBlocks = fewest() <= most;
            List<Block> blocks = betweenBlocks ? blocks(set, all()) : List.of();
            int units = blocks.size() + job.socks() * loose.size();
            if (betweenBlocks && units - looseIn(blocks) > 1) {
                return lay(blocks, remnant);
            }
            Costed middle = set == 0 ? new Costed(null, Integer.MAX_VALUE) : block(set, all(), remnant, false);
            if (middle.cost > most) {
                return null;
            }
            List<Block> around = new ArrayList<>(List.of(middle.block));
            around.addAll(blocks(set & ~middle.block.pairs, all() - middle.block.fillers));
            return lay(around, 0);
        }

        private int looseIn(List<Block> blocks) {
            int sum = 0;
            for (Block block : blocks) {
                for (int digit = 0; digit < loose.size(); digit++) {
                    sum += digit(block.fillers, digit);
                }
            }
            return sum;
        }

        /** Lays blocks out, then the other pieces; a remnant lies behind the first of all these. */
        Arrangement lay(List<Block> blocks, int remnant) {
            List<Integer> order = new ArrayList<>();
            int[] givenUp = new int[job.pieces()];
            int[] copies = new int[loose.size()];
            int first = 0;
            for (Block block : blocks) {
                put(block, order, givenUp, copies);
                first = first == 0 ? order.size() : first;
            }
            for (int digit = 0; digit < copies.length; digit++) {
                for (int copy = copies[digit]; copy < job.socks(); copy++) {
                    order.add(loose.get(digit));
                }
            }
            if (remnant > 0) {
                givenUp[Math.max(1, first)] = remnant;
            }
            return new Arrangement(order.stream().mapToInt(i -> i).toArray(), givenUp);
        }

        private void put(Block block, List<Integer> order, int[] givenUp, int[] copies) {
            add(order, block.pairs);
            for (int digit = 0; digit < copies.length; digit++) {
                for (int copy = digit(block.fillers, digit); copy > 0; copy--) {
                    order.add(loose.get(digit));
                    copies[digit]++;
                }
            }
            givenUp[order.size()] = block.givenUp;
            add(order, block.pairs);
        }

        private void add(List<Integer> order, int pairs) {
            for (int pair = 0; pair < length.length; pair++) {
                if ((pairs >> pair & 1) == 1) {
                    order.add(pair);
                }
            }
        }
    }
}
