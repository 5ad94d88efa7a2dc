package roundpocket.core.ready;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.cut.CutAim;
import roundpocket.core.cut.CutFound;
import roundpocket.core.cut.Stretch;
import roundpocket.core.cut.Stretch.Kind;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.yarn.Left;

/** Puts the figures to a cut. */
final class CutFigures {
    private final TubeStock.Known tube;
    private final List<TubeWish.Needs> needs;
    private final List<Integer> numbers;
    private final CutFound found;

    CutFigures(TubeStock.Known tube, List<TubeWish.Needs> needs, List<Integer> numbers, CutFound found) {
        this.tube = tube;
        this.needs = needs;
        this.numbers = numbers;
        this.found = found;
    }

    CutPlan plan(
            CutAim aim,
            List<CutPlan.LeftOut> leftOut,
            Optional<Left> contrast,
            List<Problem> reasons,
            List<Problem> gives) {
        Step pieces = counted("rounds of all pieces", rounds(Kind.PIECE));
        Step rims = counted("rounds at the cuts, spare ones among them", rounds(Kind.CUT) + rounds(Kind.SPARE));
        Step unravelled = counted("rounds unravelled", rounds(Kind.RAVEL) + rounds(Kind.GIVEN_UP));
        return new CutPlan(
                aim,
                found.layout().stretches().stream().map(this::along).toList(),
                pairs(),
                found.layout().cuts(),
                pieces,
                rims,
                unravelled,
                Computed.of(
                        "rounds left over", Unit.ROUNDS, ReadyRules.LEFT.of(tube.rounds(), pieces, rims, unravelled)),
                found.layout().remnants().stream()
                        .map(remnant -> Remnant.of(tube, remnant.rounds()))
                        .toList(),
                leftOut,
                contrast,
                reasons,
                gives,
                found.proven());
    }

    private int rounds(Kind kind) {
        return found.layout().rounds(kind);
    }

    private static Step counted(String label, int count) {
        return Given.tried(label, count, Unit.ROUNDS);
    }

    private Along along(Stretch stretch) {
        int number = stretch.wish() < 0 ? -1 : numbers.get(stretch.wish());
        return new Along(
                new Stretch(stretch.kind(), stretch.from(), stretch.to(), number, stretch.sock()),
                tube.mm(stretch.from()),
                tube.mm(stretch.to()),
                tube.bandAt(stretch.from()),
                stretch.kind() == Kind.CUT ? Optional.of(seen(stretch)) : Optional.empty());
    }

    /** Where a cut lies: never by a count from one end alone, which may be one round out. */
    private Sentence seen(Stretch cut) {
        int last = found.layout().stretches().stream()
                .filter(other -> other.kind() == Kind.CUT && other.to() <= cut.from())
                .mapToInt(Stretch::to)
                .max()
                .orElse(-1);
        String counted = last < 0 ? "{rounds} from the toes’ end" : "{rounds} after the last cut";
        return new Sentence(
                tube.lastRound(cut.from()).map(round -> round + ", " + counted).orElse(counted),
                Map.of("rounds", Amount.rounds(cut.from() - Math.max(0, last))));
    }

    private List<CutPlan.CutPair> pairs() {
        List<CutPlan.CutPair> pairs = new ArrayList<>();
        for (int i = 0; i < found.chosen().size(); i++) {
            int wish = found.chosen().get(i);
            SockPlan plan = needs.get(wish).shortest();
            Step leg = counted("rounds between heel line and cuff", found.legs().get(i));
            Step above = tube.lengthOf(
                    "leg above the heel line, cuff included",
                    Computed.of(
                            "rounds above the heel line",
                            Unit.ROUNDS,
                            TubeRules.FROM_CUFF.of(plan.cuff().rounds(), leg)));
            Step piece = Computed.of(
                    "rounds of each piece",
                    Unit.ROUNDS,
                    TubeRules.TUBE_ROUNDS.of(
                            plan.tube().rounds().foot(),
                            leg,
                            plan.tube().rounds().sacrificed()));
            pairs.add(new CutPlan.CutPair(
                    numbers.get(wish),
                    leg,
                    above,
                    piece,
                    found.apart().get(i),
                    found.matched().get(i)));
        }
        return pairs;
    }
}
