package roundpocket.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.measure.Amount;

/** Cuts tubes: the best way, other good ones, and what a cut made by hand comes to. */
public final class Cutter {
    /** The most pairs that one tube is cut for. */
    public static final int MOST_WISHES = 8;

    private final CutTube tube;
    private final List<CutWish> wishes;
    private final Choosing choosing;

    /** Refuses more wishes than are looked through, and none. */
    public Cutter(CutTube tube, List<CutWish> wishes) {
        Problems problems = new Problems();
        if (wishes.isEmpty() || wishes.size() > MOST_WISHES) {
            problems.add(new Problem(
                    "cut.wishes.number",
                    "wishes",
                    "A tube is cut for 1 to {max} pairs (you have {found}).",
                    "Leave the last wishes for another tube.",
                    Map.of("max", Amount.number(MOST_WISHES), "found", Amount.number(wishes.size()))));
        }
        problems.throwIfAny();
        this.tube = tube;
        this.wishes = List.copyOf(wishes);
        this.choosing = new Choosing(tube, this.wishes);
    }

    /** Rounds that are missing for a wish besides those that are met; 0 or less where there is room. */
    public int missing(int wish, List<Integer> met) {
        List<Integer> all = new ArrayList<>(met);
        all.add(wish);
        return choosing.missing(all);
    }

    /** The best cut with an eye to one thing; none where there is no room for a single pair. */
    public Optional<CutFound> best(CutAim aim) {
        List<Integer> chosen = choosing.best();
        if (chosen.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                switch (aim) {
                    case BEST -> found(Solver.best(tube, wishes, chosen, true), true);
                    case LONGEST_LEGS -> {
                        List<CutWish> unlike =
                                wishes.stream().map(CutWish::unlike).toList();
                        yield found(Solver.best(tube, unlike, chosen, true), true);
                    }
                    case ALL_USED -> allUsed(chosen);
                    case FEWEST_CUTS -> found(Solver.best(tube, wishes, chosen, false), false);
                });
    }

    /** Every leg grows by the same, as far as the tube reaches, as long as no pair matches less. */
    private CutFound allUsed(List<Integer> chosen) {
        Solution first = Solver.best(tube, wishes, chosen, false);
        CutFound best = found(first, false);
        int more = (tube.rounds() - choosing.ravelled(chosen) - best.layout().rounds(Stretch.Kind.PIECE))
                / (tube.socks() * chosen.size());
        for (; more > 0; more--) {
            List<CutWish> grown = new ArrayList<>(wishes);
            for (int i = 0; i < chosen.size(); i++) {
                int leg = first.legs().get(i) + more;
                grown.set(chosen.get(i), wishes.get(chosen.get(i)).withLeg(leg, leg));
            }
            if (new Choosing(tube, grown).missing(chosen) <= 0) {
                CutFound found = found(Solver.best(tube, grown, chosen, false), false);
                if (found.matches() >= best.matches()) {
                    return found;
                }
            }
        }
        return best;
    }

    private CutFound found(Solution solution, boolean remnants) {
        Layout layout = Layout.of(choosing.rims(), solution.pieces(), solution.ravelled(), remnants);
        return judged(layout, solution.chosen(), solution.proven());
    }

    private CutFound judged(Layout layout, List<Integer> chosen, boolean proven) {
        List<Integer> legs = new ArrayList<>();
        List<OptionalDouble> apart = new ArrayList<>();
        List<Boolean> matched = new ArrayList<>();
        for (int wish : chosen) {
            List<Piece> pieces =
                    layout.pieces().stream().filter(p -> p.wish() == wish).toList();
            legs.add(pieces.stream().mapToInt(Piece::legRounds).min().orElseThrow());
            boolean told = pieces.size() == 2 && tube.repeatRounds().isPresent();
            OptionalDouble beyond = told
                    ? OptionalDouble.of(new Phase(tube.repeatRounds().getAsDouble(), tube.tolerance())
                            .beyond(pieces.get(1).from() - pieces.get(0).from()))
                    : OptionalDouble.empty();
            apart.add(beyond);
            matched.add(beyond.isEmpty() || Math.abs(beyond.getAsDouble()) <= tube.tolerance() + 1e-9);
        }
        return new CutFound(layout, chosen, legs, apart, matched, proven);
    }

    /**
     * What comes of pieces that were put by hand. Refuses where two of them do not both have room.
     *
     * @param pieces the pieces; their foot rounds are those of the wish
     */
    public CutFound byHand(List<Piece> pieces) {
        Problems problems = new Problems();
        List<Integer> chosen =
                pieces.stream().map(Piece::wish).distinct().sorted().toList();
        boolean known = chosen.stream().allMatch(wish -> wish >= 0 && wish < wishes.size());
        boolean once =
                pieces.stream().map(p -> p.wish() * 2 + p.sock()).distinct().count() == pieces.size()
                        && pieces.stream().allMatch(p -> p.sock() >= 0 && p.sock() < tube.socks());
        if (pieces.isEmpty() || !known || !once || pieces.stream().anyMatch(this::beyond)) {
            problems.add(new Problem(
                    "cut.hand.pieces",
                    "pieces",
                    "Each sock is one piece, with at least a round of leg.",
                    "Go back to the best cut and move one cut at a time.",
                    Map.of()));
            problems.throwIfAny();
        }
        List<Piece> sorted = pieces.stream()
                .map(p -> new Piece(
                        p.wish(), p.sock(), p.from(), wishes.get(p.wish()).footRounds(), p.legRounds()))
                .sorted((a, b) -> Integer.compare(a.from(), b.from()))
                .toList();
        int ravelled = choosing.ravelled(chosen);
        Rims rims = choosing.rims();
        Piece last = sorted.get(sorted.size() - 1);
        tooClose(
                problems,
                rims.before(sorted.get(0).wish(), ravelled) - sorted.get(0).from());
        for (int i = 1; i < sorted.size(); i++) {
            Piece piece = sorted.get(i);
            Piece before = sorted.get(i - 1);
            tooClose(problems, before.to() + rims.gap(before.wish(), piece.wish()) - piece.from());
        }
        tooClose(problems, last.to() + rims.behind(last.wish(), ravelled) - tube.rounds());
        problems.throwIfAny();
        return judged(Layout.of(rims, sorted, ravelled, true), chosen, true);
    }

    /** Whether a piece cannot be in this tube at all. */
    private boolean beyond(Piece piece) {
        return piece.legRounds() < 1
                || piece.legRounds() > tube.rounds()
                || piece.from() < 0
                || piece.from() > tube.rounds();
    }

    private static void tooClose(Problems problems, int missing) {
        if (missing > 0) {
            problems.add(new Problem(
                    "cut.hand.close",
                    "pieces",
                    "There is no room for that: {missing} are missing for the cut, its spare rounds or what is unravelled.",
                    "Move the cut back, or make a leg shorter.",
                    Map.of("missing", Amount.rounds(missing))));
        }
    }
}
