package roundpocket.core.work;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;

/**
 * One sock under the needles.
 *
 * @param fabric its rows, in the order in which they were knitted
 * @param loops the live loops, by where they are
 * @param yarns where each ball that is in use hangs; one that is cut hangs nowhere
 * @param atHand the balls there are
 * @param tail the cut end that an edge is closed with
 * @param line the line of the heel, once it is in or begun
 * @param done what is done for good
 * @param begins where a round of the tube begins
 */
public record Work(
        List<Rows> fabric,
        Map<Spot, Held> loops,
        Map<YarnRole, Hang> yarns,
        Set<YarnRole> atHand,
        Optional<Tail> tail,
        Optional<Line> line,
        Set<Done> done,
        RoundStart begins) {
    /**
     * A cut end that closes an edge.
     *
     * @param moves moves of a graft that are made with it
     */
    public record Tail(Edge edge, int moves) {}

    /** What cannot be taken back, or is done once. */
    public enum Done {
        BEGUN,
        TUBE_COUNTED,
        CUFF_CLOSED,
        HEEL_CLOSED,
        TOE_CLOSED,
        RIMS_COUNTED,
        RAVELLED,
        COLUMNS_MARKED,
        HEEL_CORNERS,
        TOE_CORNERS,
        WOVEN_IN,
        WASHED
    }

    public Work {
        fabric = List.copyOf(fabric);
        // What is not changed is not copied again: a course goes through hundreds of these.
        loops = Map.copyOf(loops);
        yarns = Map.copyOf(yarns);
        atHand = Set.copyOf(atHand);
        done = Set.copyOf(done);
    }

    /** Nothing but the balls that are there. */
    public static Work with(Set<YarnRole> balls) {
        return new Work(
                List.of(), Map.of(), Map.of(), balls, Optional.empty(), Optional.empty(), Set.of(), RoundStart.SOLE);
    }

    private static <K extends Enum<K>, V> Map<K, V> copy(Class<K> keys, Map<K, V> map) {
        Map<K, V> copy = new EnumMap<>(keys);
        copy.putAll(map);
        return copy;
    }

    // --- what it is -------------------------------------------------------------------------------------------------

    /** Live loops that needles hold. */
    public int onNeedles() {
        return loops.values().stream()
                .filter(held -> held.by() == Holder.NEEDLE)
                .mapToInt(Held::loops)
                .sum();
    }

    /** Live loops of an edge, whatever holds them. */
    public int at(Edge edge) {
        return edge.spots().stream()
                .mapToInt(spot -> held(spot).map(Held::loops).orElse(0))
                .sum();
    }

    /** Whether the loops of an edge are as many as the tube has: those of a toe are fewer, and so are those of a heel. */
    boolean goesRound(Edge edge) {
        if (!edge.ofTheTube()) {
            return false;
        }
        if (fabric.isEmpty()) {
            // A whole round was cast on: its other edge waits, or stays.
            return edge == Edge.TOE_END || held(Edge.TOE_END.first()).isPresent();
        }
        boolean fromTheCuff = fabric.get(0).section() == Section.CUFF;
        boolean inRows =
                fabric.get(0).kind() == Rows.Kind.SHORT && held(edge.second()).isPresent();
        return edge == Edge.TOE_END
                ? fromTheCuff && rows(Section.TOE) == 0
                : inRows || rounds() > rows(Section.TOE) + rows(Section.HEEL);
    }

    public Optional<Held> held(Spot spot) {
        return Optional.ofNullable(loops.get(spot));
    }

    /** Rows of a kind in a section; of shaped ones and short ones likewise. */
    public int rows(Section section) {
        return fabric.stream()
                .filter(rows -> rows.section() == section && rows.kind() != Rows.Kind.LOST)
                .mapToInt(Rows::number)
                .sum();
    }

    /** All rounds of the tube. */
    public int rounds() {
        return fabric.stream().mapToInt(Rows::number).sum();
    }

    public boolean has(Done what) {
        return done.contains(what);
    }

    /**
     * Whether it is the same work: each row, loop, cut and end of yarn. Which round of a pattern a round was is left out: a
     * pattern pauses by the heel line, and may be changed on the way, without a loop of what is knitted being another.
     */
    public boolean sameAs(Work other) {
        return plain().equals(other.plain());
    }

    /** What of this work would be otherwise in another, in words; empty where it is the same. */
    public List<String> otherIn(Work other) {
        List<String> otherwise = new ArrayList<>();
        for (Section section : Section.values()) {
            if (!knitted(section).equals(other.knitted(section))) {
                boolean there = knitted(section).stream().anyMatch(rows -> rows.kind() == Rows.Kind.READY);
                otherwise.add(there ? "the tube as it is cut" : "the " + section.title() + " as knitted");
            }
        }
        if (!line.equals(other.line)) {
            otherwise.add("the heel line, which is in");
        }
        if (otherwise.isEmpty() && !sameAs(other)) {
            otherwise.add(
                    !loops.equals(other.loops)
                            ? "the sts on the needles"
                            : begins == other.begins ? "the yarn as it hangs" : "where the round begins");
        }
        return otherwise;
    }

    private List<Rows> knitted(Section section) {
        return plain().fabric.stream().filter(rows -> rows.section() == section).toList();
    }

    private Work plain() {
        Work plain = withFabric(List.of());
        for (Rows rows : fabric) {
            plain = plain.add(
                    rows.kind() == Rows.Kind.ROUND
                            ? new Rows(rows.section(), rows.kind(), rows.role(), 0, rows.number())
                            : rows);
        }
        return plain;
    }

    /** The half that waits to be worked before the round is whole; empty at the beginning of a round. */
    public Optional<Spot> halfDue(Edge edge) {
        return yarns.values().stream().anyMatch(new Hang(edge, Hang.Corner.FAR)::equals)
                ? Optional.of(second(edge))
                : Optional.empty();
    }

    /** The half that a round at an edge begins with; where it begins inside the sole, the sole. */
    public Spot first(Edge edge) {
        return edge.ofTheTube() && begins == RoundStart.INSTEP ? edge.second() : edge.first();
    }

    public Spot second(Edge edge) {
        return first(edge) == edge.first() ? edge.second() : edge.first();
    }

    /** What is above the heel line where the stitches look like V; empty where nobody knows which way they were knitted. */
    Optional<Section> onTop() {
        return fabric.stream()
                .findFirst()
                .filter(rows -> rows.kind() != Rows.Kind.READY)
                .map(rows -> rows.section() == Section.CUFF ? Section.FOOT : Section.LEG);
    }

    /** Whether the tube was there before the needles came. */
    boolean ready() {
        return fabric.stream()
                .findFirst()
                .filter(rows -> rows.kind() == Rows.Kind.READY)
                .isPresent();
    }

    /** What is amiss with it as a sock that is done; empty where it can be worn. */
    public List<String> amiss() {
        List<String> amiss = new ArrayList<>();
        if (!loops.isEmpty()) {
            amiss.add("live loops: " + loops);
        }
        if (!yarns.isEmpty() || tail.isPresent()) {
            amiss.add("yarn hangs from it: " + yarns
                    + tail.map(end -> ", a tail at the " + end.edge().title()).orElse(""));
        }
        for (Done needed : List.of(
                Done.CUFF_CLOSED,
                Done.HEEL_CLOSED,
                Done.TOE_CLOSED,
                Done.HEEL_CORNERS,
                Done.TOE_CORNERS,
                Done.WOVEN_IN,
                Done.WASHED)) {
            if (!done.contains(needed)) {
                amiss.add("not done: " + needed);
            }
        }
        boolean knitted =
                fabric.stream().anyMatch(rows -> rows.section() == Section.FOOT && rows.kind() == Rows.Kind.ROUND);
        if (knitted && !done.contains(Done.TUBE_COUNTED)) {
            amiss.add("the tube is not counted");
        }
        if (line.filter(each -> each.state() == Line.State.SHUT).isEmpty()) {
            amiss.add("the heel line: " + line);
        }
        return amiss;
    }

    // --- what is needed ---------------------------------------------------------------------------------------------

    Work need(boolean holds, String what) {
        return need(holds, () -> what);
    }

    /** What is amiss is put into words only where it is. */
    Work need(boolean holds, Supplier<String> what) {
        if (!holds) {
            throw new NotPossible(what.get());
        }
        return this;
    }

    /** Needs the loops of a spot on a needle. */
    Work needOnNeedle(Spot spot) {
        return need(
                held(spot).filter(held -> held.by() == Holder.NEEDLE).isPresent(),
                () -> "no loops of the " + spot.title() + " are on a needle");
    }

    /** Needs the needles free for an edge: no loop of another one on them. */
    Work needFreeFor(Edge edge) {
        return need(
                loops.entrySet().stream()
                        .allMatch(each -> each.getValue().by() != Holder.NEEDLE
                                || edge.spots().contains(each.getKey())),
                () -> "other loops are on the needles: " + loops);
    }

    /** Needs the round to begin at a side. */
    Work needSide() {
        return need(begins != RoundStart.MIDDLE, "the round begins in the middle of the sole");
    }

    /** Needs a ball hanging at the start of the sole, at an edge of the tube. */
    Work needYarnAtSole(YarnRole role, Edge edge) {
        return needSide().needYarn(role, edge, first(edge) == edge.first() ? Hang.Corner.START : Hang.Corner.FAR);
    }

    /** Needs a ball hanging at a corner of an edge. */
    Work needYarn(YarnRole role, Edge edge, Hang.Corner corner) {
        return need(
                new Hang(edge, corner).equals(yarns.get(role)),
                () -> "the " + role.title() + " does not hang at the " + edge.title() + ": " + yarns);
    }

    Line needLine(Line.State state) {
        return line.filter(each -> each.state() == state)
                .orElseThrow(() -> new NotPossible("the heel line is not " + state + ": " + line));
    }

    // --- what it becomes --------------------------------------------------------------------------------------------

    Work hold(Spot spot, Held held) {
        Map<Spot, Held> next = copy(Spot.class, loops);
        next.put(spot, held);
        return withLoops(next);
    }

    Work change(Spot spot, UnaryOperator<Held> change) {
        return hold(spot, change.apply(held(spot).orElseThrow(() -> new NotPossible("no loops: " + spot))));
    }

    Work free(Spot spot) {
        Map<Spot, Held> next = copy(Spot.class, loops);
        next.remove(spot);
        return withLoops(next);
    }

    private Work withLoops(Map<Spot, Held> next) {
        return new Work(fabric, next, yarns, atHand, tail, line, done, begins);
    }

    Work hang(YarnRole role, Hang where) {
        Map<YarnRole, Hang> next = copy(YarnRole.class, yarns);
        next.put(role, where);
        return new Work(fabric, loops, next, atHand, tail, line, done, begins);
    }

    Work cut(YarnRole role) {
        need(yarns.containsKey(role), () -> "the " + role.title() + " hangs nowhere, so it cannot be cut");
        Map<YarnRole, Hang> next = copy(YarnRole.class, yarns);
        next.remove(role);
        return new Work(fabric, loops, next, atHand, tail, line, done, begins);
    }

    Work tail(Optional<Tail> where) {
        return new Work(fabric, loops, yarns, atHand, where, line, done, begins);
    }

    Work have(YarnRole role) {
        Set<YarnRole> all = EnumSet.of(role);
        all.addAll(atHand);
        return new Work(fabric, loops, yarns, all, tail, line, done, begins);
    }

    Work line(Line next) {
        return new Work(fabric, loops, yarns, atHand, tail, Optional.of(next), done, begins);
    }

    /** With what is done once; it cannot be done again. */
    Work once(Done what) {
        need(!done.contains(what), () -> "it is done already: " + what);
        Set<Done> all = EnumSet.of(what);
        all.addAll(done);
        return new Work(fabric, loops, yarns, atHand, tail, line, all, begins);
    }

    /** With something to be done once more: another cut has rims of its own. */
    Work without(Done what) {
        Set<Done> left = new HashSet<>(done);
        left.remove(what);
        return new Work(fabric, loops, yarns, atHand, tail, line, left, begins);
    }

    Work begins(RoundStart where) {
        return new Work(fabric, loops, yarns, atHand, tail, line, done, where);
    }

    Work add(Rows row) {
        List<Rows> next = new ArrayList<>(fabric);
        int last = next.size() - 1;
        if (last >= 0 && next.get(last).goesOnWith(row)) {
            next.set(last, next.get(last).and(row));
        } else {
            next.add(row);
        }
        return withFabric(next);
    }

    Work withFabric(List<Rows> next) {
        return new Work(next, loops, yarns, atHand, tail, line, done, begins);
    }
}
