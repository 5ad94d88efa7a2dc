package roundpocket.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Random;
import org.testng.Reporter;
import org.testng.annotations.Test;

/** Where a tube is cut. */
public class CutterTest {
    private static final long SEED = 20_261_126;
    private static final int MANY = Integer.getInteger("cuts", 60);

    /** A small job that a general solver still gets through. */
    private record Job(CutTube tube, List<CutWish> wishes) {
        /** Many pairs in a tube that hardly suffices, all of them to match. */
        static Job tight(Random random) {
            List<CutWish> wishes = new ArrayList<>();
            int needed = 0;
            for (int i = 4 + random.nextInt(3); i > 0; i--) {
                int from = 1 + random.nextInt(6);
                CutWish wish = CutWish.of(3 + random.nextInt(12), from, from + random.nextInt(9), true);
                needed += 2 * (wish.footRounds() + from + 1);
                wishes.add(wish);
            }
            double repeat = 5 + random.nextInt(20) + random.nextInt(3) / 3.0;
            return new Job(CutTube.striped(needed + random.nextInt(20), 0, repeat), wishes);
        }

        static Job any(Random random) {
            int rounds = 30 + random.nextInt(60);
            OptionalDouble repeat =
                    random.nextInt(6) == 0 ? OptionalDouble.empty() : OptionalDouble.of(4 + random.nextInt(16));
            CutTube tube = new CutTube(
                    rounds,
                    random.nextInt(4),
                    repeat,
                    random.nextInt(3),
                    random.nextInt(4) > 0,
                    random.nextInt(4) > 0,
                    random.nextInt(8) == 0);
            List<CutWish> wishes = new ArrayList<>();
            for (int i = 1 + random.nextInt(3); i > 0; i--) {
                int from = 1 + random.nextInt(6);
                wishes.add(new CutWish(
                        3 + random.nextInt(12),
                        from,
                        from + random.nextInt(7),
                        random.nextInt(5) > 0,
                        random.nextInt(3) > 0 ? 0 : random.nextInt(80) / 10.0,
                        random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(4))));
            }
            return new Job(tube, wishes);
        }
    }

    @Test
    public void noOtherCutIsBetterInTheEyesOfAGeneralSolver() {
        Random random = new Random(SEED);
        int done = 0;
        long oursNs = 0;
        long theirsNs = 0;
        for (int i = 0; i < MANY; i++) {
            Job job = Job.any(random);
            Choosing choosing = new Choosing(job.tube(), job.wishes());
            List<Integer> chosen = choosing.best();
            if (chosen.isEmpty()) {
                continue;
            }
            long start = System.nanoTime();
            Solution ours = Solver.best(job.tube(), job.wishes(), chosen, true);
            long between = System.nanoTime();
            ConstraintCutter.Best theirs = new ConstraintCutter(
                            job.tube(), chosen.stream().map(job.wishes()::get).toList(), choosing.ravelled(chosen))
                    .best();
            oursNs += between - start;
            theirsNs += System.nanoTime() - between;
            assertThat(ours.proven()).isTrue();
            assertThat(new ConstraintCutter.Best(inPhase(job, ours), ours.legs(), ours.longestRemnant()))
                    .as("%s", job)
                    .isEqualTo(theirs);
            done++;
        }
        Reporter.log(
                done + " tubes cut as by a general solver, which took " + theirsNs / Math.max(1, oursNs)
                        + " times as long; seed " + SEED,
                true);
        assertThat(done).isGreaterThan(MANY / 2);
    }

    private static int inPhase(Job job, Solution solution) {
        Phase phase = job.tube().repeatRounds().isEmpty()
                ? Phase.ANY
                : new Phase(job.tube().repeatRounds().getAsDouble(), job.tube().tolerance());
        int count = 0;
        for (int wish : solution.chosen()) {
            List<Piece> pieces =
                    solution.pieces().stream().filter(p -> p.wish() == wish).toList();
            boolean counts = pieces.size() == 2 && job.wishes().get(wish).alike() && !phase.any();
            count += counts && phase.fits(pieces.get(1).from() - pieces.get(0).from()) ? 1 : 0;
        }
        return count;
    }

    /** Every way to cut a small tube, one by one: pieces at every place, legs of every length. */
    @Test
    public void noOtherCutIsBetterAmongAllThatThereAre() {
        Random random = new Random(SEED + 1);
        for (int i = 0; i < 40; i++) {
            int spare = random.nextInt(2);
            CutTube tube = new CutTube(
                    16 + random.nextInt(14),
                    spare,
                    OptionalDouble.of(4 + random.nextInt(5)),
                    random.nextInt(2),
                    true,
                    true,
                    false);
            List<CutWish> wishes = List.of(small(random, true), small(random, random.nextBoolean()));
            List<Integer> chosen = new Choosing(tube, wishes).best();
            if (chosen.size() < 2) {
                continue;
            }
            Solution ours = Solver.best(tube, wishes, chosen, true);
            Job job = new Job(tube, wishes);
            EveryCut every = new EveryCut(tube, wishes);
            every.look();
            assertThat(List.of(
                            inPhase(job, ours), ours.legs().get(0), ours.legs().get(1), ours.longestRemnant()))
                    .as("%s", job)
                    .isEqualTo(every.best);
        }
    }

    private static CutWish small(Random random, boolean alike) {
        OptionalInt spare = random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(random.nextInt(3));
        return new CutWish(1 + random.nextInt(3), 1, 1 + random.nextInt(3), alike, 0, spare);
    }

    /** Looks at every place of four pieces. */
    private static final class EveryCut {
        private final CutTube tube;
        private final List<CutWish> wishes;
        private List<Integer> best = List.of();

        EveryCut(CutTube tube, List<CutWish> wishes) {
            this.tube = tube;
            this.wishes = wishes;
        }

        void look() {
            for (int first = wishes.get(0).legFrom(); first <= wishes.get(0).legTo(); first++) {
                for (int second = wishes.get(1).legFrom();
                        second <= wishes.get(1).legTo();
                        second++) {
                    place(new ArrayList<>(), List.of(first, second));
                }
            }
        }

        private void place(List<Piece> pieces, List<Integer> legs) {
            if (pieces.size() == 4) {
                judge(pieces, legs);
                return;
            }
            for (int wish = 0; wish < 2; wish++) {
                int mine = wish;
                Piece last = pieces.isEmpty() ? null : pieces.get(pieces.size() - 1);
                int from = last == null ? 0 : last.to() + spare(last.wish()) + 1 + spare(wish);
                for (int at = from; at < tube.rounds(); at++) {
                    int sock =
                            (int) pieces.stream().filter(p -> p.wish() == mine).count();
                    Piece piece = new Piece(wish, sock, at, wishes.get(wish).footRounds(), legs.get(wish));
                    if (sock < 2 && piece.to() <= tube.rounds()) {
                        pieces.add(piece);
                        place(pieces, legs);
                        pieces.remove(pieces.size() - 1);
                    }
                }
            }
        }

        private int spare(int wish) {
            return wishes.get(wish).spareRounds().orElse(tube.spareRounds());
        }

        private void judge(List<Piece> pieces, List<Integer> legs) {
            int matches = 0;
            for (int wish = 0; wish < 2; wish++) {
                int mine = wish;
                int[] starts = pieces.stream()
                        .filter(p -> p.wish() == mine)
                        .mapToInt(Piece::from)
                        .toArray();
                int repeat = (int) tube.repeatRounds().getAsDouble();
                int over = (starts[1] - starts[0]) % repeat;
                boolean fits = over <= tube.tolerance() || over >= repeat - tube.tolerance();
                matches += wishes.get(wish).alike() && 2 * tube.tolerance() + 1 < repeat && fits ? 1 : 0;
            }
            int remnant = Math.max(
                    pieces.get(0).from() - 1 - spare(pieces.get(0).wish()),
                    tube.rounds() - pieces.get(3).to() - 1 - spare(pieces.get(3).wish()));
            for (int i = 1; i < 4; i++) {
                Piece before = pieces.get(i - 1);
                int rims = spare(before.wish()) + spare(pieces.get(i).wish()) + 2;
                remnant = Math.max(remnant, pieces.get(i).from() - before.to() - rims);
            }
            List<Integer> found = List.of(matches, legs.get(0), legs.get(1), Math.max(0, remnant));
            best = best.isEmpty() || later(found, best) ? found : best;
        }

        private static boolean later(List<Integer> one, List<Integer> other) {
            for (int i = 0; i < one.size(); i++) {
                if (!one.get(i).equals(other.get(i))) {
                    return one.get(i) > other.get(i);
                }
            }
            return false;
        }
    }

    /** A search that gives up early still lays every piece somewhere, and says that it is not proven. */
    @Test
    public void asFewStepsAsThereAreAPlanIsMade() {
        Random random = new Random(SEED + 4);
        int unproven = 0;
        for (int i = 0; i < 1500; i++) {
            Job job = Job.tight(random);
            List<Integer> chosen = new Choosing(job.tube(), job.wishes()).best();
            if (chosen.isEmpty()) {
                continue;
            }
            Solution found = Solver.best(job.tube(), job.wishes(), chosen, random.nextBoolean(), random.nextInt(400));
            unproven += found.proven() ? 0 : 1;
            assertThat(new Cutter(job.tube(), job.wishes())
                            .byHand(found.pieces())
                            .chosen())
                    .as("%s", job)
                    .isEqualTo(chosen);
        }
        assertThat(unproven).isGreaterThan(100);
    }

    /** A self-striping yarn may have a repeat longer than any piece. */
    @Test
    public void aRepeatLongerThanAnyPieceIsCutForToo() {
        Random random = new Random(SEED + 3);
        int told = 0;
        for (int i = 0; i < 2000; i++) {
            List<CutWish> wishes =
                    List.of(small(random, true), small(random, true), small(random, random.nextBoolean()));
            CutTube tube = CutTube.striped(20 + random.nextInt(60), random.nextInt(2), 12 + random.nextInt(20));
            List<Integer> chosen = new Choosing(tube, wishes).best();
            if (chosen.size() > 1) {
                whole(
                        new Job(tube, wishes),
                        new Cutter(tube, wishes).best(CutAim.BEST).orElseThrow());
                told++;
            }
        }
        assertThat(told).isGreaterThan(1000);
    }

    @Test
    public void everyRoundOfATubeBecomesOneThing() {
        Random random = new Random(SEED + 2);
        for (int i = 0; i < 1000; i++) {
            Job job = Job.any(random);
            Cutter cutter = new Cutter(job.tube(), job.wishes());
            for (CutAim aim : CutAim.values()) {
                cutter.best(aim).ifPresent(found -> whole(job, found));
            }
        }
    }

    private static void whole(Job job, CutFound found) {
        int at = 0;
        int socks = job.tube().two() ? 1 : 2;
        for (Stretch stretch : found.layout().stretches()) {
            assertThat(stretch.from()).as("%s", job).isEqualTo(at);
            assertThat(stretch.rounds()).isPositive();
            at = stretch.to();
        }
        assertThat(at).isEqualTo(job.tube().rounds());
        assertThat(found.layout().pieces()).hasSize(socks * found.chosen().size());
        for (Piece piece : found.layout().pieces()) {
            CutWish wish = job.wishes().get(piece.wish());
            assertThat(piece.footRounds()).isEqualTo(wish.footRounds());
            assertThat(piece.legRounds()).isGreaterThanOrEqualTo(wish.legFrom());
        }
        List<Stretch.Kind> kinds =
                found.layout().stretches().stream().map(Stretch::kind).toList();
        for (int i = 1; i < kinds.size(); i++) {
            boolean bothPieces = kinds.get(i) == Stretch.Kind.PIECE && kinds.get(i - 1) == Stretch.Kind.PIECE;
            assertThat(bothPieces).as("a cut between two pieces").isFalse();
        }
        for (int i = 0; i < found.chosen().size(); i++) {
            int wish = found.chosen().get(i);
            assertThat(found.layout().pieces().stream()
                            .filter(p -> p.wish() == wish)
                            .map(Piece::legRounds)
                            .distinct())
                    .as("equal legs")
                    .hasSize(1);
        }
        assertThat(new Cutter(job.tube(), job.wishes())
                        .byHand(found.layout().pieces())
                        .legs())
                .isEqualTo(found.legs());
    }
}
