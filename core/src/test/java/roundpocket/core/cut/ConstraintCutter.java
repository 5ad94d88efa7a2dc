package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.List;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.Solution;
import org.chocosolver.solver.variables.BoolVar;
import org.chocosolver.solver.variables.IntVar;

/**
 * The same cutting job, put as constraints to a general solver (choco-solver 5) that knows nothing of tubes. Only whole
 * repeats; the wishes that are met are given, since they follow from a sum.
 */
public final class ConstraintCutter {
    private final CutTube tube;
    private final List<CutWish> wishes;
    private final int ravelled;

    private int spare(int wish) {
        return wishes.get(wish).spareRounds().orElse(tube.spareRounds());
    }

    /** Fixed so far: pairs in phase, then legs. */
    private int inPhase = -1;

    private final List<Integer> legs = new ArrayList<>();

    /**
     * The job of a tube and the wishes that are met.
     *
     * @param ravelled rounds that are unravelled from one end
     */
    public ConstraintCutter(CutTube tube, List<CutWish> wishes, int ravelled) {
        this.tube = tube;
        this.wishes = wishes;
        this.ravelled = ravelled;
    }

    /** What is best: pairs in phase, legs in the order of the wishes, rounds of the longest remnant. */
    public record Best(int inPhase, List<Integer> legs, int remnant) {}

    /** Solves it, one aim after the other. */
    public Best best() {
        inPhase = best(put -> put.inPhase);
        for (int i = 0; i < wishes.size(); i++) {
            int wish = i;
            legs.add(best(put -> put.legs[wish]));
        }
        return new Best(inPhase, List.copyOf(legs), best(put -> put.remnant));
    }

    private interface Wanted {
        IntVar of(Put put);
    }

    private int best(Wanted wanted) {
        Put put = new Put();
        IntVar most = wanted.of(put);
        Solution found = put.model.getSolver().findOptimalSolution(most, true);
        return found.getIntVal(most);
    }

    /** The job as constraints. */
    private final class Put {
        private final Model model = new Model();
        private final IntVar[] legs = new IntVar[wishes.size()];
        private final IntVar[] starts;
        private final IntVar[] ends;
        private final IntVar inPhase;
        private final IntVar remnant;

        Put() {
            int socks = tube.two() ? 1 : 2;
            boolean toeRavels = ravelled > 0 && !tube.toeEndHeld() && tube.cuffEndHeld();
            int toe = goneAt(tube.toeEndHeld(), toeRavels);
            int cuff = tube.rounds() - goneAt(tube.cuffEndHeld(), ravelled > 0 && !toeRavels);
            boolean toeCut = !tube.toeEndHeld() && !toeRavels;
            boolean cuffCut = !tube.cuffEndHeld() && !(ravelled > 0 && !toeRavels);
            starts = new IntVar[wishes.size() * socks];
            ends = new IntVar[starts.length];
            for (int i = 0; i < starts.length; i++) {
                int wish = i / socks;
                if (i % socks == 0) {
                    int leg = ConstraintCutter.this.legs.size() > wish ? ConstraintCutter.this.legs.get(wish) : -1;
                    legs[wish] = leg >= 0
                            ? model.intVar(leg)
                            : model.intVar(
                                    wishes.get(wish).legFrom(), wishes.get(wish).legTo());
                }
                starts[i] = model.intVar(toe + (toeCut ? 1 + spare(wish) : 0), tube.rounds());
                ends[i] = model.intVar(0, cuff - (cuffCut ? 1 + spare(wish) : 0));
                model.arithm(model.offset(starts[i], wishes.get(wish).footRounds()), "+", legs[wish], "=", ends[i])
                        .post();
                for (int j = 0; j < i; j++) {
                    apart(i, j);
                }
            }
            inPhase = phases(socks);
            remnant = remnant(toe, cuff);
        }

        private int goneAt(boolean held, boolean ravels) {
            return ravels ? ravelled + (held ? 0 : 1) : 0;
        }

        private void apart(int one, int other) {
            int socks = tube.two() ? 1 : 2;
            int gap = spare(one / socks) + 1 + spare(other / socks);
            model.or(
                            model.arithm(starts[one], "-", ends[other], ">=", gap)
                                    .reify(),
                            model.arithm(starts[other], "-", ends[one], ">=", gap)
                                    .reify())
                    .post();
        }

        private IntVar phases(int socks) {
            List<BoolVar> matched = new ArrayList<>();
            for (int wish = 0; socks == 2 && wish < wishes.size(); wish++) {
                model.arithm(starts[2 * wish], "<", starts[2 * wish + 1]).post();
                if (wishes.get(wish).alike() && tube.repeatRounds().isPresent()) {
                    int repeat = (int) tube.repeatRounds().getAsDouble();
                    int tolerance = (int) tube.tolerance();
                    IntVar apart = model.intVar(0, tube.rounds());
                    model.arithm(starts[2 * wish + 1], "-", starts[2 * wish], "=", apart)
                            .post();
                    IntVar over = model.intVar(0, repeat - 1);
                    model.mod(apart, repeat, over).post();
                    matched.add(
                            model.or(model.arithm(over, "<=", tolerance), model.arithm(over, ">=", repeat - tolerance))
                                    .reify());
                }
            }
            IntVar sum = model.intVar(Math.max(0, ConstraintCutter.this.inPhase), wishes.size());
            model.sum(matched.toArray(BoolVar[]::new), "=", sum).post();
            return sum;
        }

        /** A remnant lies apart from every piece by one round that is cut and the piece's spare ones. */
        private IntVar remnant(int toe, int cuff) {
            int socks = tube.two() ? 1 : 2;
            IntVar rounds = model.intVar(0, tube.rounds());
            IntVar from = model.intVar(0, tube.rounds());
            IntVar to = model.intVar(0, tube.rounds());
            model.arithm(from, "+", rounds, "=", to).post();
            BoolVar none = model.arithm(rounds, "=", 0).reify();
            model.or(none, model.arithm(from, ">=", toe).reify()).post();
            model.or(none, model.arithm(to, "<=", cuff).reify()).post();
            for (int i = 0; i < starts.length; i++) {
                int rim = 1 + spare(i / socks);
                model.or(
                                none,
                                model.arithm(from, "-", ends[i], ">=", rim).reify(),
                                model.arithm(starts[i], "-", to, ">=", rim).reify())
                        .post();
            }
            return rounds;
        }
    }
}
