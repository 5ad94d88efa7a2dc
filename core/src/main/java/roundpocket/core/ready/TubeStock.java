package roundpocket.core.ready;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.cut.CutTube;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.swatch.FabricState;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.TubeRules;
import roundpocket.core.yarn.Yarn;
import roundpocket.core.yarn.YarnModel;

/**
 * A tube on the shelf.
 *
 * @param tube its stitches and how long it is, and the spare rounds at its cuts
 * @param swatch its fabric, measured on it
 * @param yarn the yarn it is of
 * @param striping its bands, where it has any
 * @param startRounds how many rounds of the repeat are missing where its toes' end begins, 0 to 2000
 * @param toeEndHeld whether the stitches of that end are live, on a thread
 * @param cuffEndHeld the same at the other end
 * @param two whether there are two of it
 * @param contrastG grams of another cake for heels, toes and cuffs of all its pairs, where one is named
 */
public record TubeStock(
        ReadyTube tube,
        Swatch swatch,
        Yarn yarn,
        Optional<Striping> striping,
        double startRounds,
        boolean toeEndHeld,
        boolean cuffEndHeld,
        boolean two,
        OptionalDouble contrastG) {
    private static final Limit START = new Limit(
            "ready.start.range",
            0,
            2000,
            Unit.ROUNDS,
            "The tube must begin {min} to {max} into the repeat (you entered {found}).",
            "Count the rounds of the repeat that are missing at the toes’ end.");

    /** A tube without another cake. */
    public TubeStock(
            ReadyTube tube,
            Swatch swatch,
            Yarn yarn,
            Optional<Striping> striping,
            double startRounds,
            boolean toeEndHeld,
            boolean cuffEndHeld,
            boolean two) {
        this(tube, swatch, yarn, striping, startRounds, toeEndHeld, cuffEndHeld, two, OptionalDouble.empty());
    }

    public TubeStock {
        Problems problems = new Problems();
        problems.checkRange("startRounds", startRounds, START);
        problems.throwIfAny();
    }

    /** What follows from it. */
    public Known known() {
        return new Known(this);
    }

    /** Its figures. */
    public static final class Known {
        private final TubeStock stock;
        private final Step stitches;
        private final YarnModel model;
        private final Step rounds;
        private final Step length;
        private final Optional<Repeat> repeat;
        private final Optional<Step> repeatRounds;

        private Known(TubeStock stock) {
            this.stock = stock;
            this.stitches = Given.measured("stitches of the tube", stock.tube.stitches(), Unit.STITCHES, "stitches");
            this.model = YarnModel.of(
                    stock.yarn,
                    stock.swatch.gauge(),
                    stock.swatch.fabric().state().orElse(FabricState.WASHED),
                    stitches,
                    List.of());
            this.rounds = stock.tube.roundsIn(stitches, stock.swatch.gauge(), model);
            this.length = TubeRules.lengthOf("length of the tube", rounds, stock.swatch.gauge());
            this.repeat = stock.striping.filter(s -> !s.oneColour()).map(s -> Repeat.of(s, model));
            this.repeatRounds = repeat.map(r -> r.rounds("one repeat of the stripes", r.metres(), stitches));
            Problems problems = new Problems();
            repeatRounds
                    .filter(long_ -> stock.startRounds >= long_.value())
                    .ifPresent(long_ -> problems.add(new Problem(
                            "ready.start.outside",
                            "startRounds",
                            "The tube begins {found} into the repeat, which takes {max}.",
                            "Count from the start of the first band, and begin again after each repeat.",
                            Map.of(
                                    "found", Amount.rounds(stock.startRounds),
                                    "max", Amount.rounds(long_.value())))));
            problems.throwIfAny();
        }

        public Step stitches() {
            return stitches;
        }

        public Step rounds() {
            return rounds;
        }

        public Step length() {
            return length;
        }

        /** Rounds of one repeat of the stripes, where there are any. */
        public Optional<Step> repeatRounds() {
            return repeatRounds;
        }

        /** The repeat, where there are stripes. */
        Optional<Repeat> repeat() {
            return repeat;
        }

        Step lengthOf(String label, Step of) {
            return TubeRules.lengthOf(label, of, stock.swatch.gauge());
        }

        double mm(int count) {
            return TubeRules.lengthOf("length", Given.tried("rounds", count, Unit.ROUNDS), stock.swatch.gauge())
                    .value();
        }

        Step metres(Step of) {
            return model.metresOf(
                    "yarn in what is left over",
                    Computed.of("stitches left over", Unit.STITCHES, ReadyRules.STITCHES.of(of, stitches)));
        }

        Step grams(Step metres) {
            return model.gramsOf("what is left over weighs", metres);
        }

        double girthMm() {
            return stitches.value() / stock.swatch.gauge().stitches().value() * 100;
        }

        /** The band of the round after so many, counted from the toes' end; −1 without stripes. */
        int bandAt(int after) {
            return repeat.map(r -> r.bandAt((stock.startRounds + after + 0.5) * metresARound()))
                    .orElse(-1);
        }

        /** Rounds of the repeat that are missing where a piece begins after so many rounds. */
        public double startAt(int after) {
            return repeatRounds
                    .map(long_ -> (stock.startRounds + after) % long_.value())
                    .orElse(0.0);
        }

        /** The same in metres of its yarn; 0 without stripes. */
        public double startM(int after) {
            return repeat.isPresent() ? startAt(after) * metresARound() : 0;
        }

        /** Metres of a striped yarn in so many rounds. */
        double metresIn(double some) {
            return some * metresARound();
        }

        /** The place of the repeat at so many metres, counted from the start of the first band. */
        double inRepeat(double metres) {
            double long_ = repeat.orElseThrow().metres().value();
            double over = metres % long_;
            return over < 0 ? over + long_ : over;
        }

        /** The bands from the toes' end to the other. */
        public List<TubeBand> bands() {
            List<TubeBand> bands = new ArrayList<>();
            repeat.ifPresent(r -> {
                double aRound = metresARound();
                double at = -stock.startRounds;
                while (at < rounds.value()) {
                    for (int band = 0; band < r.bands().size(); band++) {
                        double to = at + r.bands().get(band).value() / aRound;
                        if (to > 0 && at < rounds.value()) {
                            bands.add(new TubeBand(band, Math.max(0, at), Math.min(rounds.value(), to)));
                        }
                        at = to;
                    }
                }
            });
            return bands;
        }

        /** The last of so many rounds by its colour: the fourth round of the thirteenth woad; empty without stripes. */
        Optional<String> lastRound(int rounds) {
            List<TubeBand> seen = bands();
            Map<String, Integer> times = new HashMap<>();
            for (TubeBand each : seen) {
                int nth = times.merge(colour(each.band()), 1, Integer::sum);
                if (rounds - 0.5 < each.toRound()) {
                    int round = (int) Math.max(1, Math.ceil(rounds - each.fromRound() - 0.5));
                    return Optional.of("after the " + Sentence.ordinal(round) + " round of the " + Sentence.ordinal(nth)
                            + " " + colour(each.band()));
                }
            }
            return Optional.empty();
        }

        private double metresARound() {
            return stitches.value() * repeat.orElseThrow().stitchM();
        }

        String colour(int band) {
            return stock.striping.orElseThrow().bands().get(band).called();
        }

        CutTube toCut() {
            return new CutTube(
                    rounds.count(),
                    stock.tube.spareTaken(),
                    repeatRounds.map(r -> OptionalDouble.of(r.value())).orElse(OptionalDouble.empty()),
                    CutTube.USUAL_TOLERANCE,
                    stock.toeEndHeld,
                    stock.cuffEndHeld,
                    stock.two);
        }
    }
}
