package roundpocket.core.ready;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.cut.CutAim;
import roundpocket.core.cut.CutFound;
import roundpocket.core.cut.CutWish;
import roundpocket.core.cut.Cutter;
import roundpocket.core.cut.Piece;
import roundpocket.core.cut.Stretch;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.stripe.Ravelled;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.yarn.Left;

/** Where a tube is cut for the wishes that there are. */
public final class Cutting {
    private final TubeStock stock;
    private final TubeStock.Known known;
    private final List<TubeWish> wishes;
    private final List<Wished> wished = new ArrayList<>();
    /** What can be cut at all, and the numbers of those wishes. */
    private final List<TubeWish.Needs> needs = new ArrayList<>();

    private final List<Integer> numbers = new ArrayList<>();

    /** Refuses a tube that cannot be. A wish that has no room in any tube is told in {@link #wished}. */
    public Cutting(TubeStock stock, List<TubeWish> wishes) {
        this.stock = stock;
        this.known = stock.known();
        this.wishes = List.copyOf(wishes);
        for (int i = 0; i < wishes.size(); i++) {
            add(i);
        }
    }

    private void add(int number) {
        TubeWish wish = wishes.get(number);
        try {
            TubeWish.Needs need = wish.needs(stock);
            needs.add(need);
            numbers.add(number);
            wished.add(new Wished(wish.name(), Optional.of(figures(need)), List.of()));
        } catch (Refusal refusal) {
            wished.add(new Wished(wish.name(), Optional.empty(), refusal.problems()));
        }
    }

    private static Wished.Needed figures(TubeWish.Needs need) {
        return new Wished.Needed(
                need.shortest().tube().rounds().foot(),
                need.shortest().tube().rounds().sacrificed(),
                need.shortest().tube().rounds().leg(),
                need.longest().tube().rounds().leg(),
                need.shortest().tube().cut().flatMap(TubeCut::ravelled),
                need.shortest().stitchCount().realEase(),
                need.shortest().fit().passing());
    }

    public TubeStock.Known tube() {
        return known;
    }

    /** What each wish needs, in their order. */
    public List<Wished> wished() {
        return List.copyOf(wished);
    }

    /** The best cut first, then others that differ from it; none where not one pair has room. */
    public List<CutPlan> plans() {
        if (needs.isEmpty()) {
            return List.of();
        }
        Cutter cutter = cutter();
        List<CutPlan> plans = new ArrayList<>();
        Map<List<Piece>, CutAim> seen = new HashMap<>();
        Optional<CutFound> best = cutter.best(CutAim.BEST);
        for (CutAim aim : CutAim.values()) {
            Optional<CutFound> found = aim == CutAim.BEST ? best : best.flatMap(b -> cutter.best(aim));
            found.filter(f -> different(aim, f, best.orElseThrow(), seen))
                    .ifPresent(f -> plans.add(plan(aim, f, aim == CutAim.BEST ? Optional.empty() : best)));
        }
        return plans;
    }

    /** Whether a way is worth showing beside the best: that it is another, and does what it promises. */
    private static boolean different(CutAim aim, CutFound found, CutFound best, Map<List<Piece>, CutAim> seen) {
        boolean worth =
                switch (aim) {
                    case BEST -> true;
                    case LONGEST_LEGS, ALL_USED -> found.legRounds() > best.legRounds();
                    case FEWEST_CUTS -> found.layout().cuts() < best.layout().cuts();
                };
        return worth && seen.putIfAbsent(found.layout().pieces(), aim) == null;
    }

    /** Why there is no plan: what is missing for the first wish. */
    public Optional<Problem> none() {
        if (needs.isEmpty() || cutter().best(CutAim.BEST).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(missing(0, List.of()));
    }

    /** What comes of pieces put by hand; wishes in them are numbered as given. Refuses where they have no room. */
    public CutPlan byHand(List<Piece> pieces) {
        List<Piece> ours = pieces.stream()
                .map(p -> new Piece(numbers.indexOf(p.wish()), p.sock(), p.from(), 0, p.legRounds()))
                .toList();
        CutFound found = cutter().byHand(ours);
        return plan(CutAim.BEST, found, cutter().best(CutAim.BEST));
    }

    /**
     * The yarn of heels, toes and cuffs of a pair, where it is unravelled from this tube and its colours are known. Pairs
     * take from it in the order of their wishes.
     *
     * @param wish the number of the wish, from 0
     */
    public Optional<Ravelled> unravelled(CutPlan plan, int wish) {
        Optional<Stretch> gone = plan.along().stream()
                .map(Along::stretch)
                .filter(stretch -> stretch.kind() == Stretch.Kind.RAVEL)
                .findFirst();
        if (gone.isEmpty() || known.repeat().isEmpty() || !wishes.get(wish).ravel()) {
            return Optional.empty();
        }
        double before = plan.pairs().stream()
                .filter(pair -> pair.wish() < wish)
                .mapToDouble(
                        pair -> needs.get(numbers.indexOf(pair.wish())).wish().ravelRounds())
                .sum();
        double taken = before / (stock.two() ? 2 : 1);
        boolean atToe = gone.get().from() == 0;
        double place = atToe
                ? known.startM(gone.get().to()) - known.metresIn(taken)
                : known.startM(gone.get().from()) + known.metresIn(taken);
        return Optional.of(new Ravelled(known.inRepeat(place), atToe, stock.two()));
    }

    /**
     * Grams of the other cake for one pair: what the others of the cut leave of it, or its share where they leave too little.
     *
     * @param wish the number of the wish, from 0
     */
    public OptionalDouble contrastFor(CutPlan plan, int wish) {
        double mine = contrastOf(wish);
        if (stock.contrastG().isEmpty() || mine == 0) {
            return OptionalDouble.empty();
        }
        double all = contrastOf(plan);
        double cake = stock.contrastG().getAsDouble();
        return OptionalDouble.of(cake >= all ? cake - (all - mine) : cake * mine / all);
    }

    /** Grams of the other cake that the pairs of a plan leave, where it is weighed. */
    public OptionalDouble contrastLeft(CutPlan plan) {
        return stock.contrastG().isEmpty()
                ? OptionalDouble.empty()
                : OptionalDouble.of(Math.max(0, stock.contrastG().getAsDouble() - contrastOf(plan)));
    }

    private double contrastOf(CutPlan plan) {
        return plan.pairs().stream()
                .mapToDouble(pair -> contrastOf(pair.wish()))
                .sum();
    }

    private double contrastOf(int wish) {
        return ContrastCake.need(needs.get(numbers.indexOf(wish)))
                .map(Step::value)
                .orElse(0.0);
    }

    private Cutter cutter() {
        return new Cutter(
                known.toCut(), needs.stream().map(TubeWish.Needs::wish).toList());
    }

    private CutPlan plan(CutAim aim, CutFound found, Optional<CutFound> best) {
        List<CutPlan.LeftOut> leftOut = new ArrayList<>();
        for (int i = 0; i < needs.size(); i++) {
            if (!found.chosen().contains(i)) {
                leftOut.add(new CutPlan.LeftOut(numbers.get(i), missing(i, found.chosen())));
            }
        }
        List<String> names =
                numbers.stream().map(number -> wishes.get(number).name()).toList();
        List<CutWish> cut = needs.stream().map(TubeWish.Needs::wish).toList();
        CutWords words = new CutWords(known, names, cut, found);
        Optional<Left> contrast = ContrastCake.left(
                stock.contrastG(), found.chosen().stream().map(needs::get).toList());
        return new CutFigures(known, needs, numbers, found)
                .plan(
                        aim,
                        leftOut,
                        contrast,
                        words.reasons(contrast),
                        best.map(words::beside).orElse(List.of()));
    }

    private Problem missing(int wish, List<Integer> met) {
        int missing = cutter().missing(wish, met);
        String name = CutWords.plain(wishes.get(numbers.get(wish)).name());
        return new Problem(
                "cut.missing",
                "wishes",
                met.isEmpty()
                        ? "The tube has no room for a pair for " + name + ": {rounds} are missing, or {length}."
                        : "No room for " + name + " beside the others: {rounds} are missing, or {length}.",
                wishes.get(numbers.get(wish)).ravel()
                        ? "Allow a shorter leg, or use another cake for heels, toes and cuffs."
                        : "Allow a shorter leg, or choose another tube.",
                Map.of("rounds", Amount.rounds(missing), "length", Amount.mm(known.mm(missing))));
    }
}
