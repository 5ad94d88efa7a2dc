package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.YarnRole;

/** How the line of the heel comes into the tube while it is knitted. */
public sealed interface LineWork extends Operation {

    /** The instep, where a round begins with it: the sole is next. */
    record FirstHalf(Edge edge, YarnRole role) implements LineWork {
        @Override
        public Work on(Work before) {
            return before.needSide()
                    .needOnNeedle(before.first(edge))
                    .needFreeFor(edge)
                    .needYarn(role, edge, Hang.Corner.START)
                    .hang(role, new Hang(edge, Hang.Corner.FAR));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Knit the " + before.first(edge).title() + ", the first half of the next round.");
        }
    }

    /**
     * The sole’s stitches in waste yarn, one row or two, while the working yarn waits where it hangs.
     *
     * @param rows 1, or 2 with the second purled back
     * @param after rounds that are there when it comes in
     */
    record WasteRows(Edge edge, int stitches, int rows, YarnRole role, int after) implements LineWork {
        @Override
        public Work on(Work before) {
            before.needOnNeedle(edge.first())
                    .needFreeFor(edge)
                    .needYarnAtSole(role, edge)
                    .need(before.line().isEmpty(), "the heel line is in already")
                    .need(before.rounds() == after, () -> "it comes after " + after + " rounds, not " + before.rounds())
                    .need(before.held(edge.first()).orElseThrow().loops() == stitches, "the sole has other stitches");
            OpeningWay way = rows == 1 ? OpeningWay.WASTE_ONE_LINE : OpeningWay.WASTE_TWO_LINES;
            Work in = before.line(
                    new Line(way, before.rounds(), rows, 0, rows == 1 ? Line.State.BEGUN : Line.State.IN, 0));
            return rows == 1 ? in.change(edge.first(), held -> held.by(Holder.WASTE)) : in;
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return Optional.of(Picture.WASTE_LINE);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    rows == 1
                            ? "Leave the working yarn hanging. Knit the " + stitches
                                    + " sole sts with waste yarn, long tails on the outside."
                            : "Leave the working yarn hanging. Knit the " + stitches
                                    + " sole sts with waste yarn, turn, purl them back and turn, long tails on the"
                                    + " outside. Go on with the working yarn, which hangs where this row began.");
        }
    }

    /** The waste yarn’s stitches go back to the needle that they came from; the round goes on over them. */
    record SlideBack(Edge edge) implements LineWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.BEGUN);
            return before.need(line.way() == OpeningWay.WASTE_ONE_LINE, "no waste yarn is on the needle")
                    .need(before.halfDue(edge).equals(Optional.of(edge.first())), "the sole is not due")
                    .line(line.state(Line.State.IN))
                    .change(edge.first(), held -> held.by(Holder.NEEDLE));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "Slide them back to the [left] needle. They are knitted again with the working yarn next.");
        }
    }

    /** The same, and they are knitted with the working yarn as the first half of a round. */
    record KnitAgain(Edge edge, YarnRole role) implements LineWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.BEGUN);
            before.need(line.way() == OpeningWay.WASTE_ONE_LINE, "no waste yarn is on the needle")
                    .need(before.first(edge) == edge.first(), "the sole ends the round")
                    .needYarn(role, edge, Hang.Corner.START);
            return before.line(line.state(Line.State.IN))
                    .change(edge.first(), held -> held.by(Holder.NEEDLE))
                    .hang(role, new Hang(edge, Hang.Corner.FAR));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Slide them back to the [left] needle and knit them again with the working yarn:"
                    + " that is the sole’s half of the next round.");
        }
    }

    /**
     * A thread through the sole’s stitches on the needle.
     *
     * @param after rounds that are there when it comes in
     */
    record Thread(Edge edge, int stitches, int after) implements LineWork {
        @Override
        public Work on(Work before) {
            before.needOnNeedle(edge.first())
                    .needFreeFor(edge)
                    .needSide()
                    .need(before.halfDue(edge).isEmpty(), "the yarn stands inside a round")
                    .need(before.rounds() == after, () -> "it comes after " + after + " rounds, not " + before.rounds())
                    .need(before.held(edge.first()).orElseThrow().loops() == stitches, "the sole has other stitches");
            if (before.line().isEmpty()) {
                return before.line(new Line(OpeningWay.LIFELINES, before.rounds(), 1, 1, Line.State.BEGUN, 0));
            }
            Line line = before.needLine(Line.State.BEGUN);
            before.need(line.way() == OpeningWay.LIFELINES, "no thread is in yet")
                    .need(
                            before.rounds() == line.after() + 2,
                            "one whole row must lie between the threads, so two rounds come after the first one");
            return before.line(line.threads(2).state(Line.State.IN));
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return Optional.of(Picture.THREAD_LINE);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    before.line().isEmpty()
                            ? "With the yarn at the side, where the round begins, run a thread through the " + stitches
                                    + " sole sts, beside the needle."
                            : "Then run the second thread through the " + stitches
                                    + " sole sts: one whole row now lies between the two.");
        }
    }
}
