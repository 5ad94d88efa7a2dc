package roundpocket.core.pattern;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;

/**
 * A pattern on the sock.
 *
 * @param place where it stands, never plain
 * @param motif what is repeated
 * @param width stitches of a repeat, 1 to 60
 * @param height rounds of a repeat, 1 to 120
 * @param edge plain stitches at either edge of the instep
 * @param pause plain rounds from the heel line on
 * @param whole whether the leg is to end with a whole repeat
 * @param swatched whether its gauge was measured in the pattern
 * @param chart the repeat written out, where it is
 */
public record Patterned(
        PatternPlace place,
        Motif motif,
        Step width,
        Step height,
        Step edge,
        Step pause,
        boolean whole,
        boolean swatched,
        Optional<PatternChart> chart) {
    /** Knitted from the cuff down, the last round of the leg: the heel is picked up in it. */
    private static final Step LAST_PLAIN =
            Given.choice("plain round before the heel line", 1, Unit.ROUNDS, true, "choices.pattern.pause");

    private static final Step NONE_BEFORE =
            Given.choice("rounds in pattern before the leg", 0, Unit.ROUNDS, true, "choices.pattern.place");

    /** The pattern that is chosen, where {@code rib} is the cuff's. */
    public static Optional<Patterned> of(PatternChoice choice, PatternChart rib) {
        return choice.patterned()
                ? Optional.of(new Patterned(
                        choice.placeTaken(),
                        choice.motifTaken(),
                        choice.widthStep(rib),
                        choice.heightStep(rib),
                        choice.edgeStep(),
                        choice.pauseStep(),
                        choice.wholeTaken(),
                        choice.swatchedTaken(),
                        choice.chartTaken(rib)))
                : Optional.empty();
    }

    /** Whether whole repeats come out, around the leg and across the instep, on a tube of so many stitches. */
    public boolean closesOn(int stitches) {
        int across = stitches / 2 - 2 * edge.count();
        return (!place.onLeg() || stitches % width.count() == 0)
                && (!place.onInstep() || across > 0 && across % width.count() == 0);
    }

    /** The nearest count by fours on which it closes, below or above; empty where there is none from 16 to 400. */
    public OptionalInt nearest(int stitches, boolean above) {
        int fours = Math.floorDiv(stitches, 4) * 4;
        return (above
                        ? IntStream.iterate(fours + 4, n -> n <= StitchCount.MOST, n -> n + 4)
                        : IntStream.iterate(
                                fours == stitches ? fours - 4 : fours, n -> n >= StitchCount.FEWEST, n -> n - 4))
                .filter(this::closesOn)
                .findFirst();
    }

    /** Repeats around the leg. */
    public Step around(Step stitches) {
        return Computed.of("repeats around the leg", Unit.NUMBER, PatternRules.AROUND.of(stitches, width));
    }

    /** Repeats across the instep. */
    public Step across(Step half) {
        return Computed.of("repeats across the instep", Unit.NUMBER, PatternRules.ACROSS.of(half, edge, width));
    }

    /**
     * Rounds of a leg that ends with a whole repeat.
     *
     * @param wanted rounds of the leg as it is wished for
     * @param foot rounds of the foot
     * @param legFirst whether the leg is knitted before the foot
     */
    public Step wholeLeg(Step wanted, Step foot, boolean legFirst) {
        Step before = before(foot, legFirst);
        Step nearest = repeats(wanted, foot, legFirst, Rounding.NEAREST_FEWER);
        // Of a leg that is shorter than that, the first repeat that ends on it.
        int least = leastRepeats(before);
        Step repeats = nearest.value() >= least
                ? nearest
                : Given.tried("repeats until the first one ends on the leg", least, Unit.NUMBER);
        return ofRepeats(repeats, before, legFirst);
    }

    /**
     * The most rounds of a leg that ends with a whole repeat and takes no more yarn than there is; empty where not even the
     * first repeat that ends on it does.
     *
     * @param allowed rounds of leg that there is yarn for, cuff not included
     * @param foot rounds of the foot
     * @param legFirst whether the leg is knitted before the foot
     */
    public Optional<Step> longestWholeLeg(Step allowed, Step foot, boolean legFirst) {
        Step before = before(foot, legFirst);
        Step repeats = repeats(allowed, foot, legFirst, Rounding.DOWN);
        return place.onLeg() && repeats.value() >= leastRepeats(before)
                ? Optional.of(ofRepeats(repeats, before, legFirst))
                : Optional.empty();
    }

    private Step before(Step foot, boolean legFirst) {
        return place.onInstep() && !legFirst ? foot : NONE_BEFORE;
    }

    private Step plain(boolean legFirst) {
        return legFirst ? LAST_PLAIN : pause;
    }

    private int leastRepeats(Step before) {
        return before.count() / height.count() + 1;
    }

    private Step repeats(Step leg, Step foot, boolean legFirst, Rounding rounding) {
        return Rounded.of(
                "whole repeats",
                Computed.of(
                        "repeats to the end of such a leg",
                        Unit.NUMBER,
                        PatternRules.REPEATS_WANTED.of(before(foot, legFirst), leg, plain(legFirst), height)),
                rounding,
                "the leg ends with the last round of a repeat");
    }

    private Step ofRepeats(Step repeats, Step before, boolean legFirst) {
        return Computed.of(
                "rounds between heel line and cuff, by whole repeats",
                Unit.ROUNDS,
                PatternRules.WHOLE_LEG.of(plain(legFirst), repeats, height, before));
    }

    /** Repeats up the leg, whole or begun. */
    public Step legRepeats(int legRounds, int footRounds, boolean legFirst) {
        long rounds = onLeg(legRounds, footRounds, legFirst).stream()
                .filter(round -> round > 0)
                .count();
        return Computed.of(
                "repeats up the leg",
                Unit.NUMBER,
                PatternRules.LEG_REPEATS.of(Given.tried("rounds in pattern", rounds, Unit.ROUNDS), height));
    }

    /** Which round of the repeat each round of the leg is, in the order of the work; 0 where it is plain. */
    public List<Integer> onLeg(int legRounds, int footRounds, boolean legFirst) {
        if (!place.onLeg()) {
            return none(legRounds);
        }
        return legFirst
                ? counted(0, Math.max(0, legRounds - LAST_PLAIN.count()), legRounds, 0)
                : counted(pause.count(), legRounds, legRounds, place.onInstep() ? footRounds : 0);
    }

    /** Which round of the repeat each round of the foot is, in the order of the work; 0 where it is plain. */
    public List<Integer> onFoot(int legRounds, int footRounds, boolean legFirst) {
        if (!place.onInstep()) {
            return none(footRounds);
        }
        int before = place.onLeg() && legFirst ? Math.max(0, legRounds - LAST_PLAIN.count()) : 0;
        return counted(legFirst ? pause.count() : 0, footRounds, footRounds, before);
    }

    /** Rounds {@code from} to {@code to} of {@code all} go on counting the repeat after {@code before} of it. */
    private List<Integer> counted(int from, int to, int all, int before) {
        return IntStream.range(0, all)
                .map(i -> i < from || i >= to ? 0 : (before + i - from) % height.count() + 1)
                .boxed()
                .toList();
    }

    private static List<Integer> none(int rounds) {
        return IntStream.range(0, rounds).map(i -> 0).boxed().toList();
    }

    /**
     * Stitches of the repeat that come before the first one of a round of the leg, so that the leg's repeats stand on the
     * instep's.
     */
    public int legBegins(int stitches) {
        boolean shifted = place.onLeg() && place.onInstep() && closesOn(stitches);
        return shifted ? Math.floorMod(-(stitches / 2 + edge.count()), width.count()) : 0;
    }

    /**
     * The gauge in the pattern: as measured where the swatch was knitted in it, else that of plain fabric and less sure.
     *
     * @param plain the gauge of the swatch
     * @param roundsMeasured whether the rounds were counted on the patterned tube
     */
    public Gauge gauge(Gauge plain, boolean roundsMeasured) {
        if (swatched) {
            return plain;
        }
        Step stitches = Computed.of(
                "stitches in 10 cm, in the pattern",
                Unit.STITCHES_PER_10CM,
                PatternRules.GAUGE.of(plain.stitches(), PatternRules.LIKE_PLAIN.step()));
        Step rounds = roundsMeasured
                ? plain.rounds()
                : Computed.of(
                        "rounds in 10 cm, in the pattern",
                        Unit.ROUNDS_PER_10CM,
                        PatternRules.GAUGE.of(plain.rounds(), PatternRules.LIKE_PLAIN.step()));
        return new Gauge(stitches, rounds);
    }
}
