package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.work.BeginWork;
import roundpocket.core.work.Edge;
import roundpocket.core.work.ReadyWork;
import roundpocket.core.work.Spot;
import roundpocket.core.work.TubeWork;

/**
 * Loops, each pulled through another, and what hands do with them; and the cuts of a ready tube.
 *
 * @param what whose they are
 * @param fabric all of them
 * @param held the open ones by where they are
 * @param needles which of those are on needles
 * @param next where each ball can go on
 * @param last where each ball was worked last
 * @param tube rounds of the tube in the order of the fabric, the sole's loops first
 * @param between the rows of the heel line
 * @param rounds rounds by section; those of a piece that was cut off, and of what was left
 * @param begins where the rounds of the tube begin, the one thing in it
 */
record Loops(
        String what,
        Set<Loop> fabric,
        Map<Spot, List<End>> held,
        Set<Spot> needles,
        Map<YarnRole, Spot> next,
        Map<YarnRole, Spot> last,
        List<List<Loop>> tube,
        List<List<Loop>> between,
        Map<String, Integer> rounds,
        Set<RoundStart> begins) {
    static final String PIECE = "piece";
    static final String REST = "rest";
    static final String CUTS = "cuts";

    /** The open side of a loop. */
    record End(Loop loop, boolean atTop) {}

    static Loops inHand(String what) {
        return new Loops(
                what,
                new HashSet<>(),
                new EnumMap<>(Spot.class),
                EnumSet.noneOf(Spot.class),
                new EnumMap<>(YarnRole.class),
                new EnumMap<>(YarnRole.class),
                new ArrayList<>(),
                new ArrayList<>(),
                new TreeMap<>(),
                EnumSet.of(RoundStart.SOLE));
    }

    /** The half that a round begins with. */
    Spot first(Edge edge) {
        boolean tube = edge == Edge.CUFF_END || edge == Edge.TOE_END;
        return tube && begins.contains(RoundStart.INSTEP) ? edge.second() : edge.first();
    }

    Spot second(Edge edge) {
        return first(edge) == edge.first() ? edge.second() : edge.first();
    }

    void begin(RoundStart where) {
        begins.clear();
        begins.add(where);
    }

    /** Knitted on to where the round begins from then on, with the ball that hangs there; where none does, nothing is. */
    void beginsAt(TubeWork.BeginAt at) {
        Set<Spot> ends = EnumSet.of(at.edge().first(), at.edge().second());
        next.entrySet().stream()
                .filter(each -> ends.contains(each.getValue()))
                .findFirst()
                .ifPresent(each -> {
                    String yarn = each.getKey().name();
                    if (begins.contains(RoundStart.MIDDLE)) {
                        toTheSide(at.edge(), yarn);
                    } else if (at.where() != RoundStart.MIDDLE) {
                        work(first(at.edge()), yarn);
                    }
                    each.setValue(
                            at.where() == RoundStart.INSTEP
                                    ? at.edge().second()
                                    : at.edge().first());
                });
        begin(at.where());
    }

    /** From the middle of the sole to its end: the loops there are worked once more than the others. */
    void toTheSide(Edge edge, String yarn) {
        List<End> sole = held.get(edge.first());
        for (int i = sole.size() / 2; i < sole.size(); i++) {
            sole.set(i, new End(through(sole.get(i), yarn), true));
        }
    }

    // --- hands ------------------------------------------------------------------------------------------------------

    Loop through(End end, String yarn) {
        Loop made = new Loop(yarn, end.loop());
        if (end.atTop()) {
            end.loop().top(made);
        } else {
            end.loop().foot(made);
        }
        fabric.add(made);
        return made;
    }

    List<Loop> work(Spot spot, String yarn) {
        assertThat(needles).as("%s: nothing of %s is on a needle", what, spot).contains(spot);
        List<Loop> made = held.get(spot).stream().map(end -> through(end, yarn)).toList();
        put(spot, made);
        return made;
    }

    void put(Spot spot, List<Loop> loops) {
        held.put(
                spot,
                new ArrayList<>(loops.stream().map(loop -> new End(loop, true)).toList()));
        needles.add(spot);
    }

    void knitted(YarnRole role, Edge edge, Spot spot) {
        assertThat(next.get(role))
                .as("%s: where the ball is, before %s", what, spot)
                .isEqualTo(spot);
        next.put(role, spot == edge.first() ? edge.second() : edge.first());
        last.put(role, spot);
    }

    void cutOff(YarnRole role) {
        assertThat(next.remove(role))
                .as("%s: a ball that is nowhere is cut", what)
                .isNotNull();
    }

    void remove(Loop loop) {
        fabric.remove(loop);
        if (loop.top() instanceof Loop above) {
            above.foot(above.foot() == loop ? null : above.foot());
        }
        if (loop.foot() instanceof Loop below) {
            below.top(below.top() == loop ? null : below.top());
        }
    }

    static List<Loop> fresh(int number, String yarn, Object foot) {
        List<Loop> all = new ArrayList<>();
        for (int i = 0; i < number; i++) {
            all.add(new Loop(yarn, foot));
        }
        return all;
    }

    void closed(Spot spot, String how) {
        held.get(spot).forEach(end -> close(end, how));
        held.remove(spot);
        needles.remove(spot);
    }

    static void close(End end, String how) {
        if (end.atTop()) {
            end.loop().top(how);
        } else {
            end.loop().foot(how);
        }
    }

    void castOn(BeginWork.CastOn on) {
        Edge edge = on.start() == BeginWork.Start.EDGE ? Edge.TOE_END : Edge.CUFF_END;
        String yarn = on.role().name();
        begin(on.begins());
        next.put(on.role(), first(edge));
        boolean half = on.start() == BeginWork.Start.OPEN_HALF;
        for (Spot spot : half ? List.of(edge.first()) : List.of(edge.first(), edge.second())) {
            boolean open = half || on.start() == BeginWork.Start.OPEN_ROUND;
            List<Loop> loops = new ArrayList<>();
            for (int i = 0; i < (half ? on.stitches() : on.stitches() / 2); i++) {
                Loop waste = new Loop(Cloth.WASTE, "cast on");
                Loop loop = new Loop(yarn, open ? waste : "cast on");
                if (open) {
                    waste.top(loop);
                    fabric.add(waste);
                }
                loops.add(loop);
            }
            fabric.addAll(loops);
            put(spot, loops);
            if (open) {
                Spot waits = half ? edge.second() : spot == edge.first() ? Spot.TOE_SOLE : Spot.TOE_INSTEP;
                held.put(
                        waits,
                        new ArrayList<>(
                                loops.stream().map(each -> new End(each, false)).toList()));
            }
        }
    }

    // --- a ready tube -----------------------------------------------------------------------------------------------

    void cuts(ReadyWork operation) {
        if (operation instanceof ReadyWork.Take take) {
            take(take);
        } else if (operation instanceof ReadyWork.Ravel ravel) {
            ravel(Edge.CUFF_END, ravel.rounds());
        } else if (operation instanceof ReadyWork.HoldRims rims) {
            assertThat(rounds.containsKey(PIECE) ? rounds.get(REST) : tube.size())
                    .as("%s: rounds to cut off", what)
                    .isGreaterThan(rims.rounds());
            for (Spot rim : List.of(Spot.NEAR_RIM, Spot.FAR_RIM)) {
                put(rim, fresh(rims.stitches(), "", ""));
            }
        } else if (operation instanceof ReadyWork.CutRound round) {
            needles.removeAll(List.of(Spot.NEAR_RIM, Spot.FAR_RIM));
            held.remove(Spot.NEAR_RIM);
            held.remove(Spot.FAR_RIM);
            if (rounds.putIfAbsent(PIECE, round.rounds()) == null) {
                List<List<Loop>> rest = new ArrayList<>(tube.subList(round.rounds(), tube.size()));
                tube.subList(round.rounds(), tube.size()).clear();
                rest.forEach(row -> row.forEach(this::remove));
                ends(Edge.CUFF_END, true);
                rounds.put(REST, rest.size() - 1);
            } else {
                rounds.merge(REST, -round.rounds() - 1, Integer::sum);
            }
            rounds.merge(CUTS, 1, Integer::sum);
        } else if (operation instanceof ReadyWork.OntoNeedles onto) {
            onto.spare().filter(number -> number > 0).ifPresent(number -> ravel(onto.edge(), number));
            needles.addAll(List.of(onto.edge().first(), onto.edge().second()));
        } else if (operation instanceof ReadyWork.FindLine find) {
            List<Loop> row = tube.get(tube.size() - 1 - (rounds.getOrDefault("CUFF", 0)) - find.rounds());
            between.add(row.subList(0, find.half()));
        }
    }

    /** Rounds of a ready tube that are left by the last cut. */
    int rest() {
        return rounds.getOrDefault(REST, 0);
    }

    void take(ReadyWork.Take take) {
        List<Loop> below = null;
        for (int i = 0; i < take.rounds(); i++) {
            List<Loop> row = fresh(take.stitches(), "tube", null);
            for (int j = 0; below != null && j < row.size(); j++) {
                row.get(j).foot(below.get(j));
                below.get(j).top(row.get(j));
            }
            fabric.addAll(row);
            tube.add(row);
            below = row;
        }
        ends(Edge.TOE_END, false);
        ends(Edge.CUFF_END, true);
    }

    void ends(Edge edge, boolean atTop) {
        List<Loop> row = tube.get(atTop ? tube.size() - 1 : 0);
        int half = row.size() / 2;
        held.put(
                edge.first(),
                new ArrayList<>(row.subList(0, half).stream()
                        .map(each -> new End(each, atTop))
                        .toList()));
        held.put(
                edge.second(),
                new ArrayList<>(row.subList(half, row.size()).stream()
                        .map(each -> new End(each, atTop))
                        .toList()));
    }

    /** Rows come off an end. A row at the toe’s end of a tube lies before the others. */
    void ravel(Edge edge, int number) {
        for (int i = 0; i < number; i++) {
            tube.remove(edge == Edge.TOE_END ? 0 : tube.size() - 1).forEach(this::remove);
        }
        ends(edge, edge == Edge.CUFF_END);
    }
}
