package roundpocket.core.fit;

import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Measures;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/**
 * The room that a heel gives round heel and ankle.
 *
 * @param room girth offered, in millimetres
 * @param stretch how far it stretches there, as a ratio
 * @param stretchAtBall how far the tube stretches at the ball
 * @param limit stretch at the heel that is still easy
 * @param advised the fewest plain rounds, from 0 to 8, with which it is; empty where even 8 do not do
 * @param options what 0 to 8 plain rounds would give
 */
public record HeelRoom(
        Step room, Step stretch, Step stretchAtBall, Step limit, OptionalInt advised, List<Option> options) {
    /** The plain rounds that are tried. */
    public static final int MOST_ADVISED = 8;

    /**
     * What so many plain rounds would give.
     *
     * @param plainRounds plain rounds before the first decrease
     * @param room girth offered, in millimetres
     * @param stretch how far it stretches
     * @param easy whether that is within the limit
     */
    public record Option(int plainRounds, Step room, Step stretch, boolean easy) {}

    public HeelRoom {
        options = List.copyOf(options);
    }

    /** The room of {@code heel}, which starts from {@code side} stitches on each side. */
    public static HeelRoom of(Shaping heel, Step side, Step tube, Measures foot, Gauge gauge) {
        Trial trial = Trial.of(heel, side, foot.heelDiagonal(), gauge);
        Step atBall = Computed.of("stretch at the ball", Unit.PERCENT, FitRules.STRETCH, foot.ballGirth(), tube);
        Step limit = Computed.of(
                "easy stretch at the heel", Unit.PERCENT, FitRules.STRETCH_LIMIT, atBall, FitRules.POINTS.step());
        List<Option> options = IntStream.rangeClosed(0, MOST_ADVISED)
                .mapToObj(p -> trial.option(Given.tried("plain rounds", p, Unit.ROUNDS), limit))
                .toList();
        Option taken = trial.option(heel.plainRounds(), limit);
        return new HeelRoom(
                taken.room(),
                taken.stretch(),
                atBall,
                limit,
                options.stream()
                        .filter(Option::easy)
                        .mapToInt(Option::plainRounds)
                        .findFirst(),
                options);
    }

    /** Whether the heel as it is stretches no more than is easy. */
    public boolean easy() {
        return stretch.value() <= limit.value();
    }

    /** What 0 to {@code most} plain rounds give, easy where the heel stretches by no more than {@code wanted}. */
    public static List<Option> upTo(int most, Shaping heel, Step side, Step wanted, Measures foot, Gauge gauge) {
        Trial trial = Trial.of(heel, side, foot.heelDiagonal(), gauge);
        return IntStream.rangeClosed(0, most)
                .mapToObj(p -> trial.option(Given.tried("plain rounds", p, Unit.ROUNDS), wanted))
                .toList();
    }

    /** A heel of which only the plain rounds change. */
    private record Trial(Step side, Step close, Step shaped, Step diagonal, Gauge gauge) {
        static Trial of(Shaping heel, Step side, Step diagonal, Gauge gauge) {
            Step shaped = Computed.of(
                    "heel rounds after the plain ones",
                    Unit.ROUNDS,
                    FitRules.SHAPING_ROUNDS,
                    heel.rounds(),
                    heel.plainRounds());
            return new Trial(side, heel.closingSide(), shaped, diagonal, gauge);
        }

        Option option(Step plain, Step limit) {
            Step room = Computed.of(
                    "room round heel and ankle",
                    Unit.MILLIMETRES,
                    FitRules.ROOM,
                    side,
                    close,
                    plain,
                    shaped,
                    gauge.stitches(),
                    gauge.rounds());
            Step stretch = Computed.of("stretch at the heel", Unit.PERCENT, FitRules.STRETCH, diagonal, room);
            return new Option(plain.count(), room, stretch, stretch.value() <= limit.value());
        }
    }
}
