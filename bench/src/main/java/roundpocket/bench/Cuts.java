package roundpocket.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import roundpocket.core.cut.CutAim;
import roundpocket.core.cut.CutTube;
import roundpocket.core.cut.CutWish;
import roundpocket.core.cut.Cutter;

/** How long it takes to find the best cut of a long striped tube, over many made-up ones. */
final class Cuts {
    private static final int ROUNDS = 1_000;
    private static final int TUBES = 200;
    private static final int WARM_UP = 100;
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
