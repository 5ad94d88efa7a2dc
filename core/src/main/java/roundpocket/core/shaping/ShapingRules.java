package roundpocket.core.shaping;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules of a heel or a toe. */
public final class ShapingRules {
    /** Extra stitches of the corners that are decreased away in one round, two at each. */
    public static final int CORNERS_IN_A_ROUND = 4;

    static final Rule.Of2 TARGET = Rule.of(
            "shaping.target",
            "stitches wanted on each needle, before parity",
            "side × share",
            List.of("side", "share"),
            Source.practice("schools that close in proportion: half of each needle, five eighths, a third"),
            (side, share) -> side * share,
            example(20.0, 1e-9, 32.0, 0.625));

    static final Rule.Of2 DECREASES = Rule.of(
            "shaping.decreases",
            "decrease rounds to a target",
            "(side − target) ÷ 2",
            List.of("side", "target"),
            Source.derived("a decrease round takes two stitches from each needle"),
            (side, target) -> (side - target) / 2,
            example(8.0, 1e-9, 32.0, 16.0));

    static final Rule.Of2 SIDE_AFTER = Rule.of(
            "shaping.side-after",
            "stitches left on each needle",
            "side − 2 × decreases",
            List.of("side", "decreases"),
            Source.derived("a decrease round takes two stitches from each needle"),
            (side, decreases) -> side - 2 * decreases,
            example(16.0, 1e-9, 32.0, 8.0));

    static final Rule.Of2 PHASE_ROUNDS = Rule.of(
            "shaping.phase-rounds",
            "rounds in this phase",
            "every × decreases",
            List.of("every", "decreases"),
            Source.derived("each decrease round with the plain rounds that follow it"),
            (every, decreases) -> every * decreases,
            example(9.0, 1e-9, 3.0, 3.0));

    static final Rule.Of3 PHASE_STITCHES = Rule.of(
            "shaping.phase-stitches",
            "stitches worked in a phase",
            "every × (2 × decreases × side − 2 × decreases × (decreases + 1))",
            List.of("every", "decreases", "side"),
            Source.derived("the sum of its rounds; a decrease round counts the stitches it leaves, four fewer"),
            (every, decreases, side) -> every * (2 * decreases * side - 2 * decreases * (decreases + 1)),
            example(736.0, 1e-9, 2.0, 8.0, 32.0));

    static final Rule.Of2 WITH_CORNERS = Rule.of(
            "shaping.stitches-with-corners",
            "stitches worked, with the extra ones of the corners",
            "stitches + the larger of 0 and extra − 4",
            List.of("stitches", "extra"),
            Source.derived("four extra stitches go in a round, and a decrease round counts the stitches it leaves"),
            (stitches, extra) -> stitches + Math.max(0, extra - CORNERS_IN_A_ROUND),
            example(996.0, 1e-9, 992.0, 8.0));

    static final Rule.Of2 PLAIN_WITH_CORNERS = Rule.of(
            "shaping.plain-with-corners",
            "plain rounds, as many as the corners need",
            "the larger of plain and corner_rounds",
            List.of("plain", "corner_rounds"),
            Source.practice("extra stitches of the corners go in plain rounds before the first shaped one"),
            (plain, cornerRounds) -> Math.max(plain, cornerRounds),
            example(2.0, 1e-9, 1.0, 2.0));

    static final Rule.OfMany SUM = Rule.ofMany(
            "shaping.sum",
            "all phases together",
            "sum of all phases",
            List.of("phases…"),
            Source.derived("addition"),
            in -> Arrays.stream(in).sum(),
            example(26.0, 1e-9, 9.0, 12.0, 5.0));

    static final Rule.Of2 ROUNDS = Rule.of(
            "shaping.rounds",
            "rounds of the shaping",
            "plain + phases",
            List.of("plain", "phases"),
            Source.derived("addition"),
            (plain, phases) -> plain + phases,
            example(20.0, 1e-9, 4.0, 16.0));

    static final Rule.Of3 ROUNDS_CLOSED_AT_ONCE = Rule.of(
            "shaping.rounds-closed-at-once",
            "rounds of a shaping that closes right after its last decrease round",
            "plain + phases − (every − 1)",
            List.of("plain", "phases", "every"),
            Source.derived("the plain rounds after the last decrease round are left out"),
            (plain, phases, every) -> plain + phases - (every - 1),
            example(30.0, 1e-9, 4.0, 27.0, 2.0));

    static final Rule.Of3 STITCHES = Rule.of(
            "shaping.stitches",
            "stitches worked in the shaping",
            "2 × plain × side + phases",
            List.of("plain", "side", "phases"),
            Source.derived("the sum of all rounds"),
            (plain, side, phases) -> 2 * plain * side + phases,
            example(992.0, 1e-9, 4.0, 32.0, 736.0));

    static final Rule.Of5 STITCHES_CLOSED_AT_ONCE = Rule.of(
            "shaping.stitches-closed-at-once",
            "stitches worked in a shaping that closes right after its last decrease round",
            "2 × plain × side + phases − 2 × (every − 1) × close",
            List.of("plain", "side", "phases", "every", "close"),
            Source.derived("the plain rounds after the last decrease round are left out"),
            (plain, side, phases, every, close) -> 2 * plain * side + phases - 2 * (every - 1) * close,
            example(960.0, 1e-9, 4.0, 32.0, 736.0, 2.0, 16.0));

    static final Rule.Of3 MIRRORED = Rule.of(
            "shaping.mirrored",
            "stitches worked from the tip",
            "decreasing + 4 × increases + 2 × start",
            List.of("decreasing", "increases", "start"),
            Source.derived("an increase round counts the stitches it leaves, four more than the decrease round it"
                    + " mirrors; the closed start has its loops on both sides"),
            (decreasing, increases, start) -> decreasing + 4 * increases + 2 * start,
            example(1056.0, 1e-9, 992.0, 8.0, 16.0));

    static final Rule.Of2 SHORT_ROW_ROUNDS = Rule.of(
            "shaping.short-row-rounds",
            "how far short rows reach, in rounds",
            "plain + 2 × turns",
            List.of("plain", "turns"),
            Source.derived("the rows down and the rows back lie on each other, so half of them count"),
            (plain, turns) -> plain + 2 * turns,
            example(22.0, 1e-9, 0.0, 11.0));

    static final Rule.Of4 SHORT_ROW_STITCHES = Rule.of(
            "shaping.short-row-stitches",
            "stitches worked in short rows",
            "2 × plain × side + 2 × turns × (side + tip)",
            List.of("plain", "side", "turns", "tip"),
            Source.derived("rows of side − 1 down to the tip and of tip + 1 back up to the side"),
            (plain, side, turns, tip) -> 2 * plain * side + 2 * turns * (side + tip),
            example(924.0, 1e-9, 0.0, 32.0, 11.0, 10.0));

    static final Rule.Of1 WHOLE_SIDE = Rule.of(
            "shaping.whole-side",
            "stitches to graft after short rows",
            "side",
            List.of("side"),
            Source.practice("short rows come back to the whole needle, and that is grafted to the needle that waited"),
            side -> side,
            example(32.0, 1e-9, 32.0));

    static final Rule.Of2 DEPTH = Rule.of(
            "shaping.depth",
            "depth",
            "rounds ÷ gauge × 100 mm",
            List.of("rounds", "gauge"),
            Source.derived("rounds over rounds in 10 cm"),
            (rounds, gauge) -> rounds / gauge * 100,
            example(50.8, 1e-9, 20.0, 100 / 2.54));

    static final Constant DRAW_THROUGH_SIDE = Constant.of(
            "shaping.draw-through-side",
            "stitches on each needle before they are cinched",
            ShapingSchool.DRAW_THROUGH_SIDE,
            Unit.STITCHES,
            Source.practice("the three-speed round goes on to 4 where it is cinched"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            TARGET,
            DECREASES,
            SIDE_AFTER,
            PHASE_ROUNDS,
            PHASE_STITCHES,
            SUM,
            ROUNDS,
            ROUNDS_CLOSED_AT_ONCE,
            STITCHES,
            STITCHES_CLOSED_AT_ONCE,
            MIRRORED,
            WITH_CORNERS,
            PLAIN_WITH_CORNERS,
            SHORT_ROW_ROUNDS,
            SHORT_ROW_STITCHES,
            WHOLE_SIDE,
            DEPTH);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = Stream.concat(
                    Stream.of(DRAW_THROUGH_SIDE),
                    Arrays.stream(ShapingSchool.values()).flatMap(school -> school.constants().stream()))
            .toList();

    private ShapingRules() {}

    /** Rounds in which so many extra stitches of the corners go. */
    public static int cornerRounds(int extra) {
        return (extra + CORNERS_IN_A_ROUND - 1) / CORNERS_IN_A_ROUND;
    }
}
