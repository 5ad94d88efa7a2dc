package roundpocket.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import roundpocket.core.cut.ConstraintCutter;
import roundpocket.core.cut.CutAim;
import roundpocket.core.cut.CutFound;
import roundpocket.core.cut.CutTube;
import roundpocket.core.cut.CutWish;
import roundpocket.core.cut.Cutter;

/** How long it takes to find the best cut of a long striped tube, over many made-up ones. */
final class Cuts {
    private static final int ROUNDS = 1_000;
    private static final int TUBES = 200;
    private static final int WARM_UP = 100;
    private static final int SMALL = 60;
    private static final double MS = 1e6;
    private static final double HIGH = 0.95;

    private Cuts() {}

    /**
     * What was measured, in milliseconds.
     *
     * @param median the middle one
     * @param high 95 of 100 were quicker
     */
    record Times(double median, double high) {}

    /**
     * Small tubes cut by us and by a general constraint solver, with the same result.
     *
     * @param tubes how many
     * @param oursMs all of them by us, in milliseconds
     * @param theirsMs all of them by the solver
     */
    record AgainstSolver(int tubes, double oursMs, double theirsMs) {}

    /** Tubes of 30 to 90 rounds for up to three pairs, which a general solver still gets through. */
    static AgainstSolver againstSolver() {
        Random random = new Random(SMALL);
        long ours = 0;
        long theirs = 0;
        int done = 0;
        for (int i = -WARM_UP; i < SMALL; i++) {
            CutTube tube = CutTube.striped(30 + random.nextInt(60), random.nextInt(3), 4 + random.nextInt(16));
            List<CutWish> wishes = new ArrayList<>();
            for (int wish = 1 + random.nextInt(3); wish > 0; wish--) {
                int least = 1 + random.nextInt(6);
                wishes.add(CutWish.of(3 + random.nextInt(12), least, least + random.nextInt(7), random.nextInt(5) > 0));
            }
            long from = System.nanoTime();
            Optional<CutFound> found = new Cutter(tube, wishes).best(CutAim.BEST);
            long between = System.nanoTime();
            if (i < 0 || found.isEmpty()) {
                continue;
            }
            CutFound best = found.get();
            ConstraintCutter.Best other = new ConstraintCutter(
                            tube, best.chosen().stream().map(wishes::get).toList(), 0)
                    .best();
            theirs += System.nanoTime() - between;
            ours += between - from;
            done++;
            if (!other.legs().equals(best.legs())) {
                throw new IllegalStateException("not the same legs: " + tube + " " + wishes);
            }
        }
        return new AgainstSolver(done, ours / MS, theirs / MS);
    }

    /** Tubes of 1000 rounds with so many wishes of grown people, both socks alike, one of six not asked to be. */
    static Times of(int wishes) {
        Random random = new Random(wishes);
        double[] times = new double[TUBES];
        for (int i = -WARM_UP; i < TUBES; i++) {
            List<CutWish> wanted = new ArrayList<>();
            for (int wish = 0; wish < wishes; wish++) {
                int least = 25 + random.nextInt(20);
                wanted.add(
                        CutWish.of(45 + random.nextInt(30), least, least + random.nextInt(40), random.nextInt(6) > 0));
            }
            CutTube tube = CutTube.striped(ROUNDS, 2, 10 + random.nextInt(90));
            long from = System.nanoTime();
            new Cutter(tube, wanted).best(CutAim.BEST);
            if (i >= 0) {
                times[i] = (System.nanoTime() - from) / MS;
            }
        }
        Arrays.sort(times);
        return new Times(times[TUBES / 2], times[(int) (TUBES * HIGH)]);
    }
}
