package roundpocket.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.testng.Reporter;
import org.testng.annotations.Test;

/** Where a tube is cut. */
public class CutterTest {
    private static final long SEED = 20_261_126;
    private static final int MANY = Integer.getInteger("cuts", 60);

    /** A small job that a general solver still gets through. */
    private record Job(CutTube tube, List<CutWish> wishes) {
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
                        random.nextInt(3) > 0 ? 0 : random.nextInt(80) / 10.0));
            }
            return new Job(tube, wishes);
        }
    }

    @Test
    public void noOtherCutIsBetterInTheEyesOfAGeneralSolver() {
        Random random = new Random(SEED);
        int done = 0;
        for (int i = 0; i < MANY; i++) {
            Job job = Job.any(random);
            Choosing choosing = new Choosing(job.tube(), job.wishes());
            List<Integer> chosen = choosing.best();
            if (chosen.isEmpty()) {
                continue;
            }
            Solution ours = Solver.best(job.tube(), job.wishes(), chosen);
            ConstraintCutter.Best theirs = new ConstraintCutter(
                            job.tube(), chosen.stream().map(job.wishes()::get).toList(), choosing.ravelled(chosen))
                    .best();
            assertThat(ours.proven()).isTrue();
            assertThat(new ConstraintCutter.Best(inPhase(job, ours), ours.legs(), ours.longestRemnant()))
                    .as("%s", job)
                    .isEqualTo(theirs);
            done++;
        }
        Reporter.log(done + " tubes cut as by a general solver, seed " + SEED, true);
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
}
