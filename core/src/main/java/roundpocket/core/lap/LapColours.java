package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.ColourChoice;
import roundpocket.core.plan.ColourWindOff;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Pass;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.StripedRound;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;
import roundpocket.core.stripe.Walk;
import roundpocket.core.tube.Way;

/**
 * The colours of one sock in the order in which it is really knitted, with the changes that were seen.
 *
 * @param stretches bands one after the other, by the presses they take
 * @param rounds every round of the striping yarn, in the order of the knitting
 * @param knots knots that were told of, where they come up in it
 * @param tied knots that were met in it
 * @param endPlace the place of the repeat that the yarn is at when the sock is done
 * @param lost whether that is only as if there had been no knot, since nobody knows how the yarn went on behind it
 * @param ahead the knots that are still to come then, counted from there
 */
public record LapColours(
        List<Stretch> stretches,
        List<ColouredPress> rounds,
        List<KnotAt> knots,
        List<Tied> tied,
        double endPlace,
        boolean lost,
        List<Knot> ahead) {
    public LapColours {
        stretches = List.copyOf(stretches);
        rounds = List.copyOf(rounds);
        knots = List.copyOf(knots);
        tied = List.copyOf(tied);
        ahead = List.copyOf(ahead);
    }

    /** The yarn from the end of the sock on. */
    Thread onwards(Repeat repeat, double reachM) {
        return lost ? Thread.lost(repeat, endPlace, ahead, reachM) : Thread.forwards(repeat, endPlace, ahead, reachM);
    }

    /**
     * Rounds of one band.
     *
     * @param from presses done before its first round
     * @param to presses done after its last
     * @param band the band, from 0
     * @param nth how often its colour has come in this sock by now, from 1
     * @param unsureRounds how far its end may come early or late, as a standard uncertainty in rounds
     * @param lost whether the band is only a guess: nobody looked how the yarn goes on behind the last knot
     */
    public record Stretch(int from, int to, int band, int nth, double unsureRounds, boolean lost) {}

    /**
     * A knot that comes up.
     *
     * @param position presses done before the round in which it comes
     * @param unsureRounds how far it may come early or late, as a standard uncertainty in rounds
     */
    public record KnotAt(int position, double unsureRounds) {}

    /**
     * A knot that was met.
     *
     * @param position presses done before the round in which it came
     * @param band the band with which the yarn goes on, somewhere in it
     * @param inOrderM the place of the repeat that would have come; empty where that was not known
     * @param told whether it is one that was told of, so that it is in the plan whatever is noted here
     */
    public record Tied(int position, int band, OptionalDouble inOrderM, boolean told) {}

    /**
     * A round with its colours.
     *
     * @param position presses done before it
     * @param group which go of knitting it belongs to: the tube, the heel, a late toe
     * @param colours its colours
     * @param thread the cake it is knitted from
     */
    public record ColouredPress(int position, Group group, StripedRound colours, Thread thread) {
        /** Whether the next one is knitted in one go with this, and the bands follow each other in their order. */
        boolean goesOnWith(ColouredPress next) {
            return group == next.group && thread == next.thread && thread.inOrder(colours.endM(), next.colours.endM());
        }
    }

    /** What is knitted in one go. */
    public enum Group {
        TUBE,
        HEEL,
        TOE
    }

    /**
     * The colours of a sock of a course; empty where the yarn has one colour, or the tube was there already and nothing is
     * knitted to it of its own yarn.
     */
    static Optional<LapColours> of(
            Course course, ColourChoice choice, Optional<LapColours> first, List<SeenColour> seen) {
        Optional<Striping> striping = course.spec().yarns().striping();
        boolean lies = course.plan().tube().way() == Way.READY_TUBE;
        if (striping.isEmpty() || lies && striping.get().ravelled().isEmpty()) {
            return Optional.empty();
        }
        Repeat repeat = Repeat.of(striping.get(), course.plan().yarn().models().get(YarnRole.MAIN));
        return Optional.of(new Knitted(course, repeat, Beginning.of(repeat, course, choice, first), seen).colours());
    }

    /** The round that is knitted next at a position, or the last before it where that one is of no striping yarn. */
    Optional<ColouredPress> at(int position) {
        return rounds.stream()
                .filter(round -> round.position() >= position)
                .findFirst()
                .or(() -> rounds.isEmpty() ? Optional.empty() : Optional.of(rounds.get(rounds.size() - 1)));
    }

    /** Walks through the steps of one sock. */
    private static final class Knitted {
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
        private boolean tubeBegun;

        Knitted(Course course, Repeat repeat, Beginning begin, List<SeenColour> seen) {
            this.course = course;
            this.plan = course.plan();
            this.repeat = repeat;
            this.seen = seen.stream().filter(one -> one.sock() == course.sock()).toList();
            this.ahead = begin.ahead();
            this.walk = new Walk(begin.thread(), 0, begin.unsureM());
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
                    walk.thread().placeAt(walk.atM()),
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
            boolean heel = group == Group.HEEL;
            if (plan.tube().way() != Way.READY_TUBE) {
                windOffBefore(heel);
            }
            passes.add(Pass.tail(ColourWindOff.endM()));
        }

        private void windOffBefore(boolean heel) {
            ColourChoice choice = course.spec().choices().colour();
            ColourWindOff.before(
                    "to wind off",
                    heel ? choice.heelTaken() : choice.toeTaken(),
                    heel ? choice.heelBand() : choice.toeBand(),
                    () -> beside(heel),
                    walk);
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
                    pass = pass.seeing(
                            new Pass.Seen(here.get().band(), here.get().stitch()));
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

    /** Where on the cake the middle of a round comes, as far as is known. */
    static double middleM(ColouredPress press, double stitchM) {
        return press.colours().endM() - press.colours().stitches() * stitchM / 2;
    }

    /** The change nearest to a place, of any band or of the one that is said; empty where there is none. */
    static Optional<Thread.Change> nearest(Thread thread, double atM, double reachM, OptionalDouble afterM, int band) {
        return thread.changes(Math.max(afterM.orElse(-1), atM - reachM), atM + reachM).stream()
                .filter(change -> band < 0 || change.band() == band)
                .min((one, other) -> Double.compare(Math.abs(one.atM() - atM), Math.abs(other.atM() - atM)));
    }
}
