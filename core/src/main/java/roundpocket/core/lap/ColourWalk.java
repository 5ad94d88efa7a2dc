package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import roundpocket.core.lap.LapColours.ColouredPress;
import roundpocket.core.lap.LapColours.Group;
import roundpocket.core.lap.LapColours.KnotAt;
import roundpocket.core.lap.LapColours.Stretch;
import roundpocket.core.lap.LapColours.Tied;
import roundpocket.core.lap.LapColours.WindingAt;
import roundpocket.core.measure.Amount;
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
import roundpocket.core.work.Edge;
import roundpocket.core.work.Operation;
import roundpocket.core.work.YarnWork;

/** Does the work of one sock with its yarn, and notes which colour every round has. */
final class ColourWalk {
    /** Standard uncertainties within which a knot is the one that was told of. */
    private static final int NEAR = 3;

    private static final double MM = 1000;

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
    /** Rounds that are knitted in one go, and are not yet. */
    private final List<Taking> run = new ArrayList<>();
    /** Where it was told what is wound off before the yarn is joined that comes next. */
    private OptionalInt told = OptionalInt.empty();

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
        int position = 0;
        for (LapStep step : course.lap().steps()) {
            for (LapStep.Press press : step.presses()) {
                int here = position;
                press.operations().forEach(each -> yarn(each, step, here));
                step.yarnSection()
                        .filter(section -> press.stitches() > 0)
                        .filter(section -> course.spec().yarns().of(section) == YarnRole.MAIN)
                        .ifPresent(section -> goOn(new Taking(here, section, press.stitches())));
                position++;
            }
        }
        knit();
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

    /** What is done with the yarn that is no round. */
    private void yarn(Operation operation, LapStep step, int position) {
        if (operation instanceof YarnWork.WindOff) {
            told = OptionalInt.of(position);
        } else if (operation instanceof YarnWork.Join join && join.role() == YarnRole.MAIN) {
            windOffBefore(join, step, position);
        }
        operation.taken().filter(taken -> taken.role() == YarnRole.MAIN).ifPresent(taken -> {
            knit();
            walk.knit(List.of(Pass.tail(taken.ends() * ColourWindOff.endM()
                    + taken.stitches() * repeat.stitchM()
                    + taken.tail().map(Amount::value).orElse(0.0) / MM)));
        });
    }

    private void goOn(Taking taking) {
        if (!run.isEmpty() && group(run.get(0).section()) != group(taking.section())) {
            knit();
        }
        run.add(taking);
    }

    private Group group(Section section) {
        return switch (section) {
            case HEEL -> Group.HEEL;
            case TOE -> plan.toe().shaping().begun() ? Group.TUBE : Group.TOE;
            default -> Group.TUBE;
        };
    }

    /** Before a heel or a late toe is begun anew; of what is there already nothing is wound off. */
    private void windOffBefore(YarnWork.Join join, LapStep step, int position) {
        boolean heel = join.edge() == Edge.HEEL;
        boolean toe = step.section().filter(section -> section == Section.TOE).isPresent();
        int at = told.orElse(position);
        told = OptionalInt.empty();
        if (plan.tube().way() == Way.READY_TUBE || !heel && !toe) {
            return;
        }
        knit();
        ColourChoice choice = course.spec().choices().colour();
        ColourWindOff.before(
                        "to wind off",
                        heel ? choice.heelTaken() : choice.toeTaken(),
                        heel ? choice.heelBand() : choice.toeBand(),
                        () -> beside(heel),
                        walk)
                .ifPresent(winding -> windings.add(new WindingAt(at, winding)));
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

    /** Knits the rounds that are due; at a knot the yarn goes on with the band that was seen, somewhere in it. */
    private void knit() {
        List<Taking> due = new ArrayList<>();
        List<Pass> passes = new ArrayList<>();
        for (Taking taking : run) {
            Optional<SeenColour> here = seen.stream()
                    .filter(one -> one.position() == taking.position())
                    .reduce((one, later) -> later);
            Pass pass = Pass.round(taking.stitches());
            if (here.isPresent() && here.get().knot()) {
                add(due, walk.knit(passes));
                due.clear();
                passes.clear();
                tieOn(here.get().band(), taking.position());
            } else if (here.isPresent()) {
                pass = pass.seeing(new Pass.Seen(here.get().band(), here.get().stitch()));
            }
            due.add(taking);
            passes.add(pass);
        }
        add(due, walk.knit(passes));
        run.clear();
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

    private void add(List<Taking> due, List<StripedRound> colours) {
        Thread thread = walk.thread();
        for (int i = 0; i < due.size(); i++) {
            Taking each = due.get(i);
            rounds.add(new ColouredPress(each.position(), group(each.section()), colours.get(i), thread));
            meet(each.position(), colours.get(i));
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
