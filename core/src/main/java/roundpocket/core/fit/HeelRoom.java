package roundpocket.core.fit;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * The room that a heel gives around heel and ankle.
 *
 * @param room girth offered, in millimetres
 * @param stretch how far it stretches there, as a ratio; below nothing it has room to spare
 * @param stretchAtBall how far the tube stretches at the ball
 * @param limit stretch at the heel that is still comfortable
 * @param over how far the stretch lies beyond what is comfortable; below nothing it lies within
 * @param advised the fewest plain rounds, from 0 to 12, with which it is comfortable; 12 where even they do not do
 * @param advisedDo whether those do
 * @param options what 0 to 12 plain rounds would give
 */
public record HeelRoom(
        Step room,
        Step stretch,
        Step stretchAtBall,
        Step limit,
        Step over,
        int advised,
        boolean advisedDo,
        List<Option> options) {
    /** The plain rounds that are tried. */
    public static final int MOST_ADVISED = 12;

    /**
     * What so many plain rounds would give.
     *
     * @param plainRounds plain rounds before the first decrease
     * @param room girth offered, in millimetres
     * @param stretch how far it stretches
     * @param easy whether that is within what is comfortable
     */
    public record Option(int plainRounds, Step room, Step stretch, boolean easy) {}

    /** How a heel sits, as far as the measures can tell. */
    public enum Sits implements Named {
        LOOSE("room to spare"),
        EASY("comfortable"),
        ON_THE_LIMIT("on the limit: within what the measures can tell"),
        TIGHT("tight");

        private final String words;

        Sits(String words) {
            this.words = words;
        }

        @Override
        public String title() {
            return words;
        }
    }

    public HeelRoom {
        options = List.copyOf(options);
    }

    /** The room of {@code heel}, which starts from {@code side} stitches on each needle. */
    public static HeelRoom of(Shaping heel, Step half, Step side, Step tube, Measures foot, Gauge gauge) {
        Trial trial = Trial.of(heel, half, side, foot.heelDiagonal(), gauge);
        Step atBall = Computed.of("stretch at the ball", Unit.PERCENT, FitRules.STRETCH.of(foot.ballGirth(), tube));
        Step limit = Computed.of(
                "comfortable stretch at the heel",
                Unit.PERCENT,
                FitRules.STRETCH_LIMIT.of(
                        atBall, FitRules.POINTS.step(), FitRules.LEAST_LIMIT.step(), FitRules.MOST_LIMIT.step()));
        List<Option> options = trial.upTo(MOST_ADVISED, limit);
        Option taken = trial.option(heel.plainRounds(), limit);
        Optional<Option> fewest = options.stream().filter(Option::easy).findFirst();
        return new HeelRoom(
                taken.room(),
                taken.stretch(),
                atBall,
                limit,
                over(taken.stretch(), limit),
                fewest.map(Option::plainRounds).orElse(MOST_ADVISED),
                fewest.isPresent(),
                options);
    }

    private static Step over(Step stretch, Step limit) {
        return Computed.of(
                "beyond what is comfortable",
                Unit.PERCENT,
                FitRules.OVER_LIMIT.of(stretch, limit, FitRules.SLACK.step()));
    }

    /** How the heel sits. Tight is only what is so whatever the measures were off by. */
    public Sits sits() {
        if (over.value() > 0) {
            return over.value() > over.plusMinus95() ? Sits.TIGHT : Sits.ON_THE_LIMIT;
        }
        return stretch.value() < 0 ? Sits.LOOSE : Sits.EASY;
    }

    /** What 0 to {@code most} plain rounds give, easy where the heel stretches by no more than {@code wanted}. */
    public static List<Option> upTo(
            int most, Shaping heel, Step half, Step side, Step wanted, Measures foot, Gauge gauge) {
        Trial trial = Trial.of(heel, half, side, foot.heelDiagonal(), gauge);
        return IntStream.rangeClosed(0, most)
                .mapToObj(p -> trial.within(Given.tried("plain rounds", p, Unit.ROUNDS), wanted.value()))
                .toList();
    }

    /** Plain rounds of a heel whose diagonal nobody measured: from the ball, by the trade's two inches on nine. */
    public static Step usualPlain(Step ball, Shaping heel, Gauge gauge) {
        return Rounded.of(
                "usual plain rounds at the heel",
                Computed.of(
                        "usual plain rounds at the heel, exactly",
                        Unit.ROUNDS,
                        FitRules.USUAL_PLAIN.of(FitRules.USUAL_HEEL.step(), ball, gauge.rounds(), shaped(heel))),
                Rounding.NEAREST,
                "only whole rounds can be knitted");
    }

    private static Step shaped(Shaping heel) {
        return Computed.of(
                "heel rounds after the plain ones",
                Unit.ROUNDS,
                FitRules.SHAPING_ROUNDS.of(heel.rounds(), heel.plainRounds()));
    }

    /** A heel of which only the plain rounds change. */
    private record Trial(Step half, Step side, Step close, Step shaped, Step diagonal, Gauge gauge) {
        static Trial of(Shaping heel, Step half, Step side, Step diagonal, Gauge gauge) {
            return new Trial(half, side, heel.closingSide(), HeelRoom.shaped(heel), diagonal, gauge);
        }

        List<Option> upTo(int most, Step limit) {
            return IntStream.rangeClosed(0, most)
                    .mapToObj(p -> option(Given.tried("plain rounds", p, Unit.ROUNDS), limit))
                    .toList();
        }

        Option option(Step plain, Step limit) {
            return within(plain, limit.value() + FitRules.SLACK.value());
        }

        Option within(Step plain, double most) {
            Step room = Computed.of(
                    "room around heel and ankle",
                    Unit.MILLIMETRES,
                    FitRules.ROOM.of(half, side, close, plain, shaped, gauge.stitches(), gauge.rounds()));
            Step stretch = Computed.of("stretch at the heel", Unit.PERCENT, FitRules.STRETCH.of(diagonal, room));
            return new Option(plain.count(), room, stretch, stretch.value() <= most);
        }
    }
}
