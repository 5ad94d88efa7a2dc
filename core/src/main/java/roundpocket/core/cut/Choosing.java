package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.List;

/** Chooses which pairs a tube gives: as many as it can, and of as many the earliest wishes. */
final class Choosing {
    private final CutTube tube;
    private final List<CutWish> wishes;
    private final Rims rims;

    Choosing(CutTube tube, List<CutWish> wishes) {
        this.tube = tube;
        this.wishes = wishes;
        this.rims = new Rims(tube, wishes);
    }

    Rims rims() {
        return rims;
    }

    /** The numbers of the wishes that are met; none where not one is. */
    List<Integer> best() {
        int best = 0;
        for (int set = 1; set < 1 << wishes.size(); set++) {
            int more = Integer.bitCount(set) - Integer.bitCount(best);
            boolean earlier = Integer.reverse(set) > 0 == Integer.reverse(best) > 0
                    ? Integer.reverse(set) > Integer.reverse(best)
                    : Integer.reverse(set) < 0;
            if (missing(numbers(set)) <= 0 && (more > 0 || more == 0 && earlier)) {
                best = set;
            }
        }
        return numbers(best);
    }

    /** Rounds that are lacking for these wishes with their shortest legs; 0 or less where they fit. */
    int missing(List<Integer> chosen) {
        return -jobs(chosen).stream()
                .mapToInt(job -> job.left(job.shortest()))
                .max()
                .orElseThrow();
    }

    /** What is to be cut: one job, or where the wishes differ in spare rounds one for any two pieces at the ends. */
    List<Job> jobs(List<Integer> chosen) {
        int ravelled = ravelled(chosen);
        List<CutWish> pairs = chosen.stream().map(wishes::get).toList();
        List<Integer> spares = chosen.stream().map(rims::spare).toList();
        boolean toeLive = rims.toeEndLive(ravelled);
        boolean cuffLive = rims.cuffEndLive(ravelled);
        List<Job> jobs = new ArrayList<>();
        for (int first : atEnd(spares, toeLive)) {
            for (int last : atEnd(spares, cuffLive)) {
                Ends ends = new Ends(first, last);
                int room = tube.rounds()
                        + 1
                        - (toeLive ? rims.goneAtToe(ravelled) - saved(spares, first) : 1)
                        - (cuffLive ? rims.goneAtCuff(ravelled) - saved(spares, last) : 1);
                if (possible(spares, ends)) {
                    jobs.add(new Job(pairs, spares, tube.socks(), room, ends, tube.phase()));
                }
            }
        }
        return jobs;
    }

    private static List<Integer> atEnd(List<Integer> spares, boolean live) {
        List<Integer> kinds = spares.stream().distinct().toList();
        return live && kinds.size() > 1 ? kinds : List.of(Ends.ANY);
    }

    private static int saved(List<Integer> spares, int end) {
        return end == Ends.ANY ? spares.get(0) : end;
    }

    /** Whether there are two pieces for the two ends. */
    private boolean possible(List<Integer> spares, Ends ends) {
        boolean two = ends.first() != Ends.ANY && ends.first() == ends.last();
        return !two
                || tube.socks() * spares.stream().filter(s -> s == ends.first()).count() > 1;
    }

    /** Rounds unravelled from each tube; a round that is begun is unravelled whole. */
    int ravelled(List<Integer> chosen) {
        double exactly = chosen.stream()
                        .mapToDouble(number -> wishes.get(number).ravelRounds())
                        .sum()
                / (tube.two() ? 2 : 1);
        return (int) Math.ceil(exactly - 1e-9);
    }

    private List<Integer> numbers(int set) {
        List<Integer> numbers = new ArrayList<>();
        for (int number = 0; number < wishes.size(); number++) {
            if ((set >> number & 1) == 1) {
                numbers.add(number);
            }
        }
        return numbers;
    }
}
