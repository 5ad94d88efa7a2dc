package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Step;
import roundpocket.core.lap.LapColours.ColouredPress;
import roundpocket.core.lap.LapColours.Group;
import roundpocket.core.lap.LapColours.KnotAt;
import roundpocket.core.lap.LapColours.Stretch;
import roundpocket.core.lap.LapColours.Tied;
import roundpocket.core.lap.LapColours.WindingAt;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourWindOff;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Pass;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.tube.Way;
import roundpocket.core.work.YarnWork;

/** Walks through the steps of one sock with its yarn, and notes which colour every round has. */
final class ColourWalk {
    /** Standard uncertainties within which a knot is the one that was told of. */
    private static final int NEAR = 3;

    private final Course course;
    private final SockPlan plan;
    private final List<SeenColour> seen;
    private final Repeat repeat;
    private List<Knot> ahead;
    private Walk walk;
    private final List<ColouredPress> rounds = new ArrayList<>();
    private final List<KnotAt> knots = new ArrayList<>();
    private final List<Tied> tied = new ArrayList<>();
    private final List<WindingAt> windings = new ArrayList<>();
    private boolean tubeBegun;

    ColourWalk(Course course, Repeat repeat, Beginning begin, List<SeenColour> seen) {
        this.course = course;
        this.plan = course.plan();
        this.repeat = repeat;
        this.seen = seen.stream().filter(one -> one.sock() == course.sock()).toList();
        this.ahead = begin.ahead();
        this.walk = new Walk(begin.thread(), 0, begin.unsureM(), begin.knittedM());
    }

    /** A press that takes yarn. */
    private record Taking(int position, Section section, int stitches) {}

    LapColours colours() {
        List<Taking> all = takings();
        int from = 0;
        while (from < all.size()) {
            Group group = group(all.get(from).section());
            int to = from;
            while (to < all.size() && group(all.get(to).section()) == group) {
                to++;
            }
            boolean last = all.subList(to, all.size()).stream().noneMatch(one -> group(one.section()) == group);
            knit(group, all.subList(from, to), last);
            from = to;
        }
        return new LapColours(
                stretches(),
                rounds,
                knots,
                tied,
                windings,
                walk.thread().placeAt(walk.atM()),
                walk.knittedM(),
                walk.unsureM(),
                walk.lost(),
                Thread.beyond(ahead, walk.atM()));
    }

    private List<Taking> takings() {
        List<Taking> all = new ArrayList<>();
        int position = 0;
        for (LapStep step : course.lap().steps()) {
            for (LapStep.Press press : step.presses()) {
                int here = position;
                step.yarnSection()
                        .filter(section -> press.stitches() > 0)
                        .filter(section -> course.spec().yarns().of(section) == YarnRole.MAIN)
                        .ifPresent(section -> all.add(new Taking(here, section, press.stitches())));
                position++;
            }
        }
        return all;
    }

    private Group group(Section section) {
        return switch (section) {
            case HEEL -> Group.HEEL;
            case TOE -> plan.toe().shaping().begun() ? Group.TUBE : Group.TOE;
            default -> Group.TUBE;
        };
    }

    private void knit(Group group, List<Taking> takings, boolean last) {
        List<Pass> before = new ArrayList<>();
        begin(group, takings.get(0), before);
        walk.knit(before);
        knit(group, takings);
        List<Pass> after = new ArrayList<>();
        end(group, takings.get(takings.size() - 1), last, after);
        walk.knit(after);
    }

    private void begin(Group group, Taking first, List<Pass> passes) {
        if (group == Group.TUBE) {
            if (!tubeBegun) {
                passes.add(Pass.tail(ColourWindOff.endM()));
                if (first.section() == Section.TOE) {
                    double start = plan.toe().shaping().stitchesWorked().value()
                            - plan.toe()
                                    .shaping()
                                    .list()
                                    .get(plan.toe().shaping().list().size() - 1)
                                    .cumulative();
                    passes.add(Pass.tail(start * repeat.stitchM()));
                } else if (first.section() == Section.CUFF && plan.tube().way() == Way.CUFF_DOWN) {
                    passes.add(edge());
                }
            } else {
                passes.add(Pass.tail(ColourWindOff.endM())); // it was cut for the heel, and is joined again
            }
            tubeBegun = true;
            return;
        }
        if (plan.tube().way() != Way.READY_TUBE) {
            windOffBefore(group == Group.HEEL, first.position());
        }
        passes.add(Pass.tail(ColourWindOff.endM()));
    }

    private void windOffBefore(boolean heel, int position) {
        ColourChoice choice = course.spec().choices().colour();
        ColourWindOff.before(
                        "to wind off",
                        heel ? choice.heelTaken() : choice.toeTaken(),
                        heel ? choice.heelBand() : choice.toeBand(),
                        () -> beside(heel),
                        walk)
                .ifPresent(winding -> windings.add(new WindingAt(told(position), winding)));
    }

    /** The presses before which it is told of: yarn is joined where the corners are picked up, before the first round. */
    private int told(int position) {
        List<LapStep> steps = course.lap().steps();
        int step = course.lap().at(position).step();
        boolean before = step > 0
                && steps.get(step - 1).presses().stream()
                        .flatMap(press -> press.operations().stream())
                        .anyMatch(YarnWork.WindOff.class::isInstance);
        return course.lap().starts().get(before ? step - 1 : step);
    }

    private Pass edge() {
        return Pass.tail(plan.stitchCount().stitches().value() * repeat.stitchM());
    }

    private void end(Group group, Taking last, boolean forGood, List<Pass> passes) {
        if (group == Group.HEEL) {
            passes.add(Pass.tail(plan.yarn().heelTail().value() / 1000));
        } else if (group == Group.TOE) {
            passes.add(Pass.tail(plan.yarn().toeTail().map(Step::value).orElse(0.0) / 1000));
        } else {
            if (forGood && last.section() == Section.CUFF) {
                passes.add(edge());
            }
            passes.add(Pass.tail(ColourWindOff.endM()));
        }
    }

    /** The band beside the heel line, or beside the toe, that is knitted by now. */
    private int beside(boolean heel) {
        boolean down = plan.tube().way() == Way.CUFF_DOWN;
        int found = 0;
        for (ColouredPress round : rounds) {
            boolean foot = course.lap()
                    .steps()
                    .get(course.lap().at(round.position()).step())
                    .section()
                    .filter(section -> section == Section.FOOT)
                    .isPresent();
            if (foot) {
                found = round.colours().lastBand();
                if (heel == down) {
                    return found;
                }
            }
        }
        return found;
    }

    /** Knits rounds; at a knot the yarn goes on with the band that was seen, somewhere in it. */
    private void knit(Group group, List<Taking> takings) {
        List<Taking> run = new ArrayList<>();
        List<Pass> passes = new ArrayList<>();
        for (Taking taking : takings) {
            Optional<SeenColour> here = seen.stream()
                    .filter(one -> one.position() == taking.position())
                    .reduce((one, later) -> later);
            Pass pass = Pass.round(taking.stitches());
            if (here.isPresent() && here.get().knot()) {
                add(group, run, walk.knit(passes));
                run.clear();
                passes.clear();
                tieOn(here.get().band(), taking.position());
            } else if (here.isPresent()) {
                pass = pass.seeing(new Pass.Seen(here.get().band(), here.get().stitch()));
            }
            run.add(taking);
            passes.add(pass);
        }
        add(group, run, walk.knit(passes));
    }

    /** Behind a knot that was met; that one of those to come which it must be is none of them any more. */
    private void tieOn(int band, int position) {
        double place = walk.thread().placeAt(walk.atM());
        OptionalDouble inOrder = walk.lost() ? OptionalDouble.empty() : OptionalDouble.of(place);
        double length = repeat.bands().get(band).value();
        double near = NEAR * repeat.unsureRounds(walk.atM(), 1);
        boolean told = ahead.stream().anyMatch(knot -> Math.abs(knot.atM() - walk.atM()) <= near);
        tied.add(new Tied(position, band, inOrder, told));
        List<Knot> beyond = Thread.beyond(ahead, walk.atM());
        boolean met = !beyond.isEmpty() && beyond.get(0).atM() <= near;
        ahead = met ? beyond.subList(1, beyond.size()) : beyond;
        Thread on = walk.thread().tiedOn(repeat.startOf(band) + length / 2, ahead);
        walk = new Walk(on, 0, length / 2 / Math.sqrt(3));
    }

    private void add(Group group, List<Taking> run, List<StripedRound> colours) {
        Thread thread = walk.thread();
        for (int i = 0; i < run.size(); i++) {
            rounds.add(new ColouredPress(run.get(i).position(), group, colours.get(i), thread));
            meet(run.get(i).position(), colours.get(i));
        }
    }

    private void meet(int position, StripedRound round) {
        double roundM = round.stitches() * repeat.stitchM();
        ahead.stream()
                .filter(knot -> knot.atM() > round.endM() - roundM && knot.atM() <= round.endM())
                .map(knot -> new KnotAt(position, repeat.unsureRounds(round.sinceM(), roundM)))
                .forEach(knots::add);
    }

    private List<Stretch> stretches() {
        List<Stretch> found = new ArrayList<>();
        int[] times = new int[repeat.bands().size()];
        for (int i = 0; i < rounds.size(); ) {
            int band = main(i);
            int end = i;
            boolean lost = rounds.get(i).colours().lost();
            while (end < rounds.size()
                    && main(end) == band
                    && rounds.get(end).colours().lost() == lost
                    && rounds.get(end).group() == rounds.get(i).group()) {
                end++;
            }
            times[band]++;
            found.add(new Stretch(
                    rounds.get(i).position(),
                    rounds.get(end - 1).position() + 1,
                    band,
                    times[band],
                    rounds.get(end - 1).colours().unsureRounds(),
                    lost));
            i = end;
        }
        return found;
    }

    private int main(int i) {
        StripedRound round = rounds.get(i).colours();
        return round.bandOf((round.stitches() + 1) / 2);
    }
}
