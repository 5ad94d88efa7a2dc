package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.Corners;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.work.BeginWork;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.LineWork;
import roundpocket.core.work.OpeningWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.ReadyWork;
import roundpocket.core.work.Rows;
import roundpocket.core.work.ShapeWork;
import roundpocket.core.work.Spot;
import roundpocket.core.work.TubeWork;
import roundpocket.core.work.YarnWork;

/**
 * One sock as loops, each pulled through another. It does by hand what an operation names and knows nothing of the core’s
 * own model of the work: where a loop is that nothing holds, it stops.
 */
final class Cloth {
    static final String WASTE = "waste";

    private final String what;
    private final Loops in;
    private final Set<Loop> fabric;
    private final Map<Spot, List<Loops.End>> held;
    private final Set<Spot> needles;
    private final Map<YarnRole, Spot> next;
    private final Map<YarnRole, Spot> last;
    private final List<List<Loop>> tube;
    private final List<List<Loop>> between;
    private final Map<String, Integer> rounds;

    private final List<List<Loop>> threads = new ArrayList<>();
    private boolean counted;
    private int cut = -1;
    private boolean cornersHeld;
    private int turned;
    private final Sewing sewing;

    /** The yarns that each section's rounds and rows were knitted with. */
    private final Map<Section, Set<YarnRole>> yarns = new EnumMap<>(Section.class);

    Cloth(String what) {
        this.what = what;
        this.in = Loops.inHand(what);
        this.sewing = new Sewing(in);
        this.fabric = in.fabric();
        this.held = in.held();
        this.needles = in.needles();
        this.next = in.next();
        this.last = in.last();
        this.tube = in.tube();
        this.between = in.between();
        this.rounds = in.rounds();
    }

    void does(LapPlan course) {
        does(course, course.presses());
    }

    /** What is done for so many presses. */
    void does(LapPlan course, int presses) {
        int left = presses;
        for (LapStep step : course.steps()) {
            for (LapStep.Press press : step.presses()) {
                if (left-- == 0) {
                    return;
                }
                press.operations().forEach(this::does);
                assertThat(needles.stream()
                                .mapToInt(each -> held.get(each).size())
                                .sum())
                        .as("%s: on the needles after %s", what, step.id())
                        .isEqualTo(press.loops());
            }
        }
    }

    private void does(Operation operation) {
        if (operation instanceof BeginWork.CastOn on) {
            in.castOn(on);
        } else if (operation instanceof TubeWork tubeWork) {
            knits(tubeWork);
        } else if (operation instanceof LineWork line) {
            puts(line);
        } else if (operation instanceof OpeningWork opening) {
            opens(opening);
        } else if (operation instanceof ShapeWork shape) {
            shapes(shape);
        } else if (operation instanceof FinishWork finish) {
            finishes(finish);
        } else if (operation instanceof ReadyWork ready) {
            in.cuts(ready);
        } else if (operation instanceof YarnWork.Join join) {
            assertThat(next).as("%s: the ball is elsewhere", what).doesNotContainKey(join.role());
            next.put(join.role(), in.first(join.edge()));
        } else if (operation instanceof YarnWork.Cut cutting) {
            in.cutOff(cutting.role());
        }
    }

    // --- the tube ---------------------------------------------------------------------------------------------------

    private void knits(TubeWork operation) {
        if (operation instanceof TubeWork.Round round) {
            String yarn = round.role().name();
            List<Loop> row = new ArrayList<>();
            Spot first = in.first(round.edge());
            Spot second = in.second(round.edge());
            boolean half = next.get(round.role()) == second;
            if (half) {
                row.addAll(tube.remove(tube.size() - 1));
            } else {
                in.knitted(round.role(), round.edge(), first);
                row.addAll(in.work(first, yarn));
            }
            in.knitted(round.role(), round.edge(), second);
            // The sole's loops stand first, whichever half is knitted first.
            row.addAll(second == round.edge().second() ? row.size() : 0, in.work(second, yarn));
            tube.add(row);
            if (round.kind() != Rows.Kind.LOST) {
                made(round.section(), round.role());
            }
        } else if (operation instanceof TubeWork.BeginAt at) {
            in.beginsAt(at);
        } else if (operation instanceof TubeWork.ToThread thread) {
            needles.removeAll(List.of(thread.edge().first(), thread.edge().second()));
        } else if (operation instanceof TubeWork.TakeUp up) {
            needles.addAll(List.of(up.edge().first(), up.edge().second()));
        } else if (operation instanceof TubeWork.FromWaste from) {
            in.begin(RoundStart.SOLE);
            (from.all()
                            ? List.of(from.edge().first(), from.edge().second())
                            : List.of(from.edge().second()))
                    .forEach(spot -> {
                        held.get(spot)
                                .forEach(end -> in.remove((Loop) end.loop().foot()));
                        needles.add(spot);
                    });
        } else if (operation instanceof TubeWork.BindOff off) {
            in.closed(off.edge().first(), "bound off");
            in.closed(off.edge().second(), "bound off");
            in.cutOff(off.role());
        }
    }

    /** The heel line. */
    private void puts(LineWork operation) {
        if (operation instanceof LineWork.FirstHalf half) {
            Spot first = in.first(half.edge());
            in.knitted(half.role(), half.edge(), first);
            tube.add(new ArrayList<>(in.work(first, half.role().name())));
        } else if (operation instanceof LineWork.WasteRows waste) {
            Spot sole = waste.edge().first();
            assertThat(next).as("%s: the yarn waits at the sole", what).containsValue(sole);
            assertThat(in.begins()).as(what).doesNotContain(RoundStart.MIDDLE);
            for (int i = 0; i < waste.rows(); i++) {
                between.add(in.work(sole, WASTE));
            }
            assertThat(between.get(0)).hasSize(waste.stitches());
        } else if (operation instanceof LineWork.KnitAgain again) {
            in.knitted(again.role(), again.edge(), again.edge().first());
            tube.add(new ArrayList<>(in.work(again.edge().first(), again.role().name())));
        } else if (operation instanceof LineWork.Thread thread) {
            assertThat(next).as("%s: at a side", what).containsValue(in.first(thread.edge()));
            assertThat(in.begins()).as(what).doesNotContain(RoundStart.MIDDLE);
            threads.add(held.get(thread.edge().first()).stream()
                    .map(Loops.End::loop)
                    .toList());
            if (threads.size() == 2) {
                between.add(tube.get(tube.size() - 2).subList(0, thread.stitches()));
            }
        }
    }

    // --- the opening ------------------------------------------------------------------------------------------------

    private void opens(OpeningWork operation) {
        if (operation instanceof OpeningWork.Mark) {
            List<Loop> row = tube.get(tube.size() - 1);
            between.add(row.subList(0, row.size() / 2));
        } else if (operation instanceof OpeningWork.PickUp up) {
            List<Loop> row = between.get(up.upper() ? between.size() - 1 : 0);
            List<Loops.End> ends = new ArrayList<>(row.stream()
                    .map(loop -> up.upper()
                            ? new Loops.End((Loop) loop.top(), false)
                            : new Loops.End((Loop) loop.foot(), true))
                    .toList());
            assertThat(ends).as(what).hasSize(up.stitches());
            if (!threads.isEmpty()) {
                assertThat(ends.stream().map(Loops.End::loop))
                        .as("%s: the loops on the thread", what)
                        .isEqualTo(threads.get(up.upper() ? 1 : 0));
            }
            held.put(up.upper() ? Spot.UPPER : Spot.LOWER, ends);
            needles.add(up.upper() ? Spot.UPPER : Spot.LOWER);
        } else if (operation instanceof OpeningWork.CountNeedles count) {
            for (Spot spot : List.of(Spot.LOWER, Spot.UPPER)) {
                assertThat(held.get(spot)).as(what).hasSize(count.each());
            }
            counted = true;
        } else if (operation instanceof OpeningWork.Snip snip) {
            assertThat(counted)
                    .as("%s: cut before both needles are counted", what)
                    .isTrue();
            cut = snip.stitch() - 1;
            Loop loop = between.get(0).get(cut);
            assertThat(loop.yarn()).isNotEqualTo(WASTE);
            assertThat(held.values().stream().flatMap(List::stream).map(Loops.End::loop))
                    .as("%s: a held loop is cut", what)
                    .doesNotContain(loop);
        } else if (operation instanceof OpeningWork.Unpick unpick) {
            assertThat(cut).as("%s: nothing is cut", what).isNotNegative();
            int stay = (int)
                    Math.ceil(unpick.corners().left().map(each -> each.value()).orElse(0.0));
            List<Loop> row = between.get(0);
            row.subList(stay, row.size() - stay).forEach(in::remove);
            cornersHeld = stay > 0;
            if (unpick.corners() != Corners.LEAVE_ONE_AND_A_HALF) {
                assertThat(row.size() - 2 * stay).as(what).isEqualTo(unpick.out());
            }
        } else if (operation instanceof OpeningWork.WasteOut out) {
            assertThat(counted).as(what).isTrue();
            assertThat(between).as(what).hasSize(out.rows());
            between.forEach(row -> row.forEach(in::remove));
        } else if (operation instanceof OpeningWork.ExtraLoops extra) {
            assertThat(next.get(extra.role())).as("%s: no yarn is joined", what).isEqualTo(Spot.LOWER);
            for (Spot spot : List.of(Spot.LOWER, Spot.UPPER)) {
                Loops.fresh(extra.each(), extra.role().name(), "strand").forEach(loop -> {
                    fabric.add(loop);
                    held.get(spot).add(new Loops.End(loop, true));
                });
            }
            cornersHeld = true;
        }
    }

    // --- heel and toe -----------------------------------------------------------------------------------------------

    private void shapes(ShapeWork operation) {
        if (operation instanceof ShapeWork.Round round) {
            for (Spot spot : List.of(in.first(round.edge()), in.second(round.edge()))) {
                in.knitted(round.role(), round.edge(), spot);
                in.put(
                        spot,
                        written(
                                Sentence.usual(round.words()),
                                held.get(spot),
                                round.role().name()));
            }
            made(round.section(), round.role());
        } else if (operation instanceof ShapeWork.Row row) {
            boolean there = row.row() % 2 == 1;
            turned = row.row() == 1 ? 0 : turned;
            Spot spot = row.edge().first();
            List<Loops.End> ends = held.get(spot);
            int from = there ? turned : turned - row.worked();
            assertThat(from).as("%s: row %d", what, row.row()).isNotNegative();
            for (int i = from; i < from + row.worked(); i++) {
                ends.set(i, new Loops.End(in.through(ends.get(i), row.role().name()), true));
            }
            turned = there ? from + row.worked() : from;
            last.put(row.role(), spot);
            next.put(row.role(), spot);
            WrittenRounds.row(what, row.words(), row.row(), row.worked(), row.worked() == ends.size());
            made(row.section(), row.role());
        }
    }

    /** Works the loops of one needle as it is written: each taken once, in its order. */
    private List<Loop> written(String words, List<Loops.End> ends, String yarn) {
        List<Loop> made = new ArrayList<>();
        int taken = 0;
        for (int together : WrittenRounds.moves(words, ends.size())) {
            if (together == 0) {
                Loop loop = new Loop(yarn, "strand");
                fabric.add(loop);
                made.add(loop);
                continue;
            }
            Loop loop = in.through(ends.get(taken), yarn);
            for (int i = 1; i < together; i++) {
                Loops.close(ends.get(taken + i), "decreased");
            }
            taken += together;
            made.add(loop);
        }
        assertThat(taken).as("%s: “%s” of %d", what, words, ends.size()).isEqualTo(ends.size());
        return made;
    }

    private void finishes(FinishWork operation) {
        if (operation instanceof FinishWork.CutForGraft graft) {
            sewing.begin(graft.fresh() ? Optional.empty() : Optional.ofNullable(last.get(graft.role())));
            in.cutOff(graft.role());
        } else if (operation instanceof FinishWork.Stitch stitch) {
            sewing.does(stitch);
        } else if (operation instanceof FinishWork.DrawThrough draw) {
            in.closed(draw.edge().first(), "drawn together");
            in.closed(draw.edge().second(), "drawn together");
            in.cutOff(draw.role());
        } else if (operation instanceof FinishWork.CloseHoles) {
            cornersHeld = true;
        } else if (operation instanceof FinishWork.WeaveIn) {
            assertThat(next).as("%s: balls that hang from it", what).isEmpty();
        }
    }

    private void made(Section section, YarnRole role) {
        rounds.merge(section.name(), 1, Integer::sum);
        yarns.computeIfAbsent(section, none -> EnumSet.noneOf(YarnRole.class)).add(role);
    }

    // --- the sock ---------------------------------------------------------------------------------------------------

    /** What is wrong with the sock as it lies there; nothing where it can be worn. */
    List<String> faults() {
        List<String> faults = new ArrayList<>();
        if (!held.isEmpty()) {
            faults.add("live loops: " + held.keySet());
        }
        long open = fabric.stream().filter(Loop::runs).count();
        if (open > 0) {
            faults.add(open + " loops that nothing holds");
        }
        if (fabric.stream().anyMatch(loop -> loop.yarn().equals(WASTE))) {
            faults.add("waste yarn in the sock");
        }
        if (!cornersHeld) {
            faults.add("holes at the corners");
        }
        return faults;
    }

    Map<Section, Set<YarnRole>> yarns() {
        return yarns;
    }

    /** Rounds of the tube below the heel line as the fabric was knitted; the toe's are none of them. */
    int below() {
        Loop first = between.get(0).get(0);
        boolean waste = first.yarn().equals(WASTE);
        for (int i = 0; i < tube.size(); i++) {
            if (tube.get(i).contains(waste ? first.foot() : first)) {
                return waste ? i + 1 : i;
            }
        }
        return 0;
    }

    /** Rounds of the tube above the heel line; the one that is lost is none of them. */
    int above() {
        boolean waste = between.get(0).get(0).yarn().equals(WASTE);
        return tube.size() - below() - (waste ? 0 : 1);
    }

    /** How often a ready tube was cut, and the rounds of what the last cut left. */
    int cuts() {
        return rounds.getOrDefault(Loops.CUTS, 0);
    }

    int rest() {
        return in.rest();
    }

    /** Rounds and rows by section, and loops of each yarn: what two socks of a pair have alike. */
    Map<String, Integer> sameInBoth() {
        Map<String, Integer> all = new TreeMap<>(rounds);
        all.remove(Loops.PIECE);
        all.remove(Loops.REST);
        all.remove(Loops.CUTS);
        fabric.forEach(loop -> all.merge(loop.yarn() + " loops", 1, Integer::sum));
        return Collections.unmodifiableMap(all);
    }
}
