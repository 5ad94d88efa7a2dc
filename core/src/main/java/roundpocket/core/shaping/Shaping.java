package roundpocket.core.shaping;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/**
 * A heel or a toe, from the stitches picked up to the close, or for a toe begun at its tip the other way about.
 *
 * @param choice how it is shaped
 * @param begun whether it is worked from its tip by increases
 * @param plainRounds plain rounds beside the tube, before the first decrease
 * @param phases the rhythms
 * @param closingSide stitches on each side at the tip
 * @param graftLoops loops on each needle that are grafted or drawn together; none for a toe begun at its tip
 * @param decreaseRounds decrease rounds, or increase rounds; for short rows, the turns on one side
 * @param rounds how far it reaches, in rounds
 * @param depth millimetres from the pick-up to the tip
 * @param stitchesWorked stitches of all rounds and rows
 * @param list the rounds or rows one by one, in the order of work
 * @param widths stitches on each side by depth, from the tube to the tip
 */
public record Shaping(
        ShapingChoice choice,
        boolean begun,
        Step plainRounds,
        List<PhasePlan> phases,
        Step closingSide,
        Optional<Step> graftLoops,
        Step decreaseRounds,
        Step rounds,
        Step depth,
        Step stitchesWorked,
        List<ShapingRound> list,
        List<Width> widths) {

    /** Stitches on each side at so many rounds from the tube. */
    public record Width(int rounds, int side) {}

    /** Where a shaping starts from. */
    public enum Start {
        /** From live loops, closed at the end. */
        LIVE_LOOPS,
        /** From a closed start at the tip, by increases. */
        CLOSED_TIP,
        /** From loops on waste yarn that wait for the other side. */
        WAITING_LOOPS
    }

    public Shaping {
        phases = List.copyOf(phases);
        list = List.copyOf(list);
        widths = List.copyOf(widths);
    }

    public ShapingSchool school() {
        return choice.schoolTaken();
    }

    public Leaning leaning() {
        return choice.leaningTaken();
    }

    public Close close() {
        return choice.closeTaken();
    }

    /** Whether its two halves are sewn together in the end: not where it is drawn together, or begun closed. */
    public boolean grafted() {
        return close() != Close.DRAW_THROUGH && graftLoops.isPresent();
    }

    /**
     * Plans a heel or a toe.
     *
     * @param name "heel" or "toe"
     * @param side stitches on each side at the tube
     * @param plainRounds plain rounds first, 0 or more
     */
    public static Shaping of(String name, ShapingChoice choice, Start start, Step side, Step plainRounds, Gauge gauge) {
        return of(name, choice, start, side, Optional.empty(), plainRounds, gauge);
    }

    private static Shaping of(
            String name, ShapingChoice choice, Start start, Step side, Optional<Step> extra, Step plain, Gauge gauge) {
        List<PhasePlan> phases = new PhasePlanner(name, choice, side).plan();
        Parts parts = new Parts(name, choice, side, extra, plain, phases, gauge);
        return choice.schoolTaken().inRounds() ? parts.inRounds(start) : parts.inShortRows(start);
    }

    /**
     * Plans a heel from an opening with extra stitches at its corners.
     *
     * @param side stitches on each side once the extra ones are gone
     * @param extra extra stitches to be decreased away, both corners together, an even number; empty where there are none
     * @param plain plain rounds before the first shaped one; where the extra stitches need more of them, those are added
     */
    public static Shaping heel(ShapingChoice choice, Step side, Optional<Step> extra, Step plain, Gauge gauge) {
        int needed =
                extra.map(loops -> ShapingRules.cornerRounds(loops.count())).orElse(0);
        Step enough = plain.value() >= needed
                ? plain
                : Computed.of(
                        "plain rounds at the heel, with those the corners need",
                        Unit.ROUNDS,
                        ShapingRules.PLAIN_WITH_CORNERS.of(
                                plain, Given.tried("rounds in which the extra stitches go", needed, Unit.ROUNDS)));
        return of("heel", choice, Start.LIVE_LOOPS, side, extra, enough, gauge);
    }

    /** Plans a heel or a toe from live loops. */
    public static Shaping of(String name, ShapingChoice choice, Step side, Step plainRounds, Gauge gauge) {
        return of(name, choice, Start.LIVE_LOOPS, side, plainRounds, gauge);
    }

    /** What a shaping is put together from. */
    private record Parts(
            String name,
            ShapingChoice choice,
            Step side,
            Optional<Step> extra,
            Step plain,
            List<PhasePlan> phases,
            Gauge gauge) {
        private static final String WORKED = "stitches worked";

        Shaping inRounds(Start start) {
            boolean keepsLast = choice.keepsLastPlain();
            boolean begun = start == Start.CLOSED_TIP;
            int whole = side.count();
            int first = plain.count();
            List<ShapingRound> decreasing = Rounds.decreasing(choice, whole, first, loops(), phases, keepsLast);
            Step close = phases.get(phases.size() - 1).side();
            Step every = phases.get(phases.size() - 1).every();
            Step rounds = keepsLast
                    ? figure("rounds", Unit.ROUNDS, ShapingRules.ROUNDS.of(plain, sum(phaseRounds())))
                    : figure(
                            "rounds",
                            Unit.ROUNDS,
                            ShapingRules.ROUNDS_CLOSED_AT_ONCE.of(plain, sum(phaseRounds()), every));
            Step stitches = keepsLast
                    ? figure(WORKED, Unit.STITCHES, ShapingRules.STITCHES.of(plain, side, sum(phaseStitches())))
                    : figure(
                            WORKED,
                            Unit.STITCHES,
                            ShapingRules.STITCHES_CLOSED_AT_ONCE.of(plain, side, sum(phaseStitches()), every, close));
            Step decreases = sum(phases.stream().map(PhasePlan::decreases).toList());
            return new Shaping(
                    choice,
                    begun,
                    plain,
                    phases,
                    close,
                    begun ? Optional.empty() : Optional.of(close),
                    decreases,
                    rounds,
                    depth(rounds),
                    begun
                            ? figure(WORKED, Unit.STITCHES, ShapingRules.MIRRORED.of(stitches, decreases, close))
                            : withCorners(stitches),
                    begun ? Rounds.increasing(choice, whole, first, phases, keepsLast) : decreasing,
                    decreasing.stream()
                            .map(round -> new Width(round.number(), round.side()))
                            .toList());
        }

        Shaping inShortRows(Start start) {
            PhasePlan only = phases.get(0);
            Step turns = only.decreases();
            Step tip = only.side();
            Step rounds = figure("depth in rounds", Unit.ROUNDS, ShapingRules.SHORT_ROW_ROUNDS.of(plain, turns));
            Step stitches = figure(WORKED, Unit.STITCHES, ShapingRules.SHORT_ROW_STITCHES.of(plain, side, turns, tip));
            int whole = side.count();
            int first = plain.count();
            return new Shaping(
                    choice,
                    start == Start.WAITING_LOOPS,
                    plain,
                    phases,
                    tip,
                    start == Start.WAITING_LOOPS
                            ? Optional.empty()
                            : Optional.of(figure(
                                    "stitches to graft on each needle",
                                    Unit.STITCHES,
                                    ShapingRules.WHOLE_SIDE.of(side))),
                    turns,
                    rounds,
                    depth(rounds),
                    withCorners(stitches),
                    Rounds.shortRows(choice, whole, first, loops(), tip.count()),
                    IntStream.rangeClosed(1, first + whole - tip.count())
                            .mapToObj(i -> new Width(i, whole - Math.max(0, i - first)))
                            .toList());
        }

        private int loops() {
            return extra.map(Step::count).orElse(0);
        }

        private Step withCorners(Step stitches) {
            return ShapingRules.cornerRounds(loops()) < 2
                    ? stitches
                    : figure(WORKED, Unit.STITCHES, ShapingRules.WITH_CORNERS.of(stitches, extra.orElseThrow()));
        }

        private Step depth(Step rounds) {
            return figure("depth", Unit.MILLIMETRES, ShapingRules.DEPTH.of(rounds, gauge.rounds()));
        }

        private Step figure(String what, Unit unit, Rule.Applied applied) {
            return Computed.of(name + " " + what, unit, applied);
        }

        private Step sum(List<Step> parts) {
            return parts.size() == 1
                    ? parts.get(0)
                    : Computed.of(name + ", all phases", parts.get(0).unit(), ShapingRules.SUM.of(parts));
        }

        private List<Step> phaseRounds() {
            return phases.stream()
                    .<Step>map(phase -> Computed.of(
                            "rounds in this phase",
                            Unit.ROUNDS,
                            ShapingRules.PHASE_ROUNDS.of(phase.every(), phase.decreases())))
                    .toList();
        }

        private List<Step> phaseStitches() {
            List<Step> from = Stream.concat(Stream.of(side), phases.stream().map(PhasePlan::side))
                    .toList();
            return IntStream.range(0, phases.size())
                    .<Step>mapToObj(i -> Computed.of(
                            "stitches of a phase",
                            Unit.STITCHES,
                            ShapingRules.PHASE_STITCHES.of(
                                    phases.get(i).every(), phases.get(i).decreases(), from.get(i))))
                    .toList();
        }
    }
}
