package roundpocket.core.shaping;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/**
 * A heel or a toe, from the stitches picked up to the graft.
 *
 * @param school how it closes
 * @param plainRounds plain rounds before the first decrease
 * @param closingSide stitches left on each side, to graft
 * @param decreaseRounds decrease rounds
 * @param rounds all rounds
 * @param depth millimetres from the pick-up to the graft
 * @param stitchesWorked stitches of all rounds
 * @param list the rounds one by one
 */
public record Shaping(
        ShapingSchool school,
        Step plainRounds,
        Step closingSide,
        Step decreaseRounds,
        Step rounds,
        Step depth,
        Step stitchesWorked,
        List<ShapingRound> list) {

    public Shaping {
        list = List.copyOf(list);
    }

    /**
     * Plans a heel or a toe.
     *
     * @param name "heel" or "toe"
     * @param stitches stitches in the round, a multiple of four
     * @param side stitches on each side, half of them
     * @param plainRounds plain rounds first, 0 or more
     */
    public static Shaping of(
            String name, ShapingSchool school, Step stitches, Step side, Step plainRounds, Gauge gauge) {
        Given share =
                Given.constant("share of a side left at the close", school.closeShare(), Unit.PERCENT, school.source());
        Given every =
                Given.constant("one decrease round every so many rounds", school.every(), Unit.ROUNDS, school.source());
        Step close = Rounded.of(
                name + " stitches to graft on each side",
                Computed.of("half of a " + name + " side", Unit.STITCHES, ShapingRules.CLOSE_AT, side, share),
                Rounding.DOWN_TO_EVEN,
                "a side loses two at a time, so from an even side only even counts are reached");
        Step decreases = Computed.of(name + " decrease rounds", Unit.ROUNDS, ShapingRules.DECREASE_ROUNDS, side, close);
        Step rounds = Computed.of(name + " rounds", Unit.ROUNDS, ShapingRules.ROUNDS, plainRounds, every, decreases);
        return new Shaping(
                school,
                plainRounds,
                close,
                decreases,
                rounds,
                Computed.of(name + " depth", Unit.MILLIMETRES, ShapingRules.DEPTH, rounds, gauge.rounds()),
                Computed.of(
                        name + " stitches worked",
                        Unit.STITCHES,
                        ShapingRules.STITCHES,
                        plainRounds,
                        every,
                        decreases,
                        stitches),
                roundByRound(side.count(), plainRounds.count(), every.count(), decreases.count()));
    }

    private static List<ShapingRound> roundByRound(int side, int plain, int every, int decreases) {
        List<ShapingRound> rounds = new ArrayList<>();
        for (int i = 0; i < plain; i++) {
            rounds.add(ShapingRound.plain(rounds.size() + 1, side));
        }
        for (int i = 0; i < decreases; i++) {
            rounds.add(ShapingRound.decrease(rounds.size() + 1, side - 2 * i));
            for (int k = 1; k < every; k++) {
                rounds.add(ShapingRound.plain(rounds.size() + 1, side - 2 * i - 2));
            }
        }
        return rounds;
    }
}
