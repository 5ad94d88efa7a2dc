package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/** What closes a heel or a toe, and the sock. */
public sealed interface FinishWork extends Operation {
    /** The name of the length of a tail. */
    String TAIL = "aboutTail";

    private static Work.Done closed(Edge edge) {
        return edge == Edge.HEEL ? Work.Done.HEEL_CLOSED : Work.Done.TOE_CLOSED;
    }

    private static Work.Done corners(Edge edge) {
        return edge == Edge.HEEL ? Work.Done.HEEL_CORNERS : Work.Done.TOE_CORNERS;
    }

    /** The edge that a section is shaped at where it is closed. */
    static Edge edge(Section section) {
        return section == Section.HEEL ? Edge.HEEL : Edge.TOE_END;
    }

    /**
     * The yarn is cut for a graft, or a new length is taken for it.
     *
     * @param each loops on each needle
     * @param yarnAt the needle that the yarn comes from
     * @param setUp whether a set-up opens the graft
     * @param fresh whether a length of its own is taken, since the yarn does not hang where the graft begins
     */
    record CutForGraft(Edge edge, int each, YarnRole role, Needle yarnAt, boolean setUp, boolean fresh, Amount tail)
            implements FinishWork {
        @Override
        public Optional<Taken> taken() {
            return Taken.tail(role, fresh ? 1 : 0, tail);
        }

        @Override
        public Work on(Work before) {
            return before.needSide()
                    .needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .needFreeFor(edge)
                    .need(
                            before.held(edge.first()).equals(before.held(edge.second()))
                                    && before.held(edge.first()).orElseThrow().loops() == each,
                            () -> "the needles do not hold " + each + " each: " + before.loops())
                    .need(
                            fresh || hangs(before) == yarnAt,
                            () -> "the yarn hangs at the " + hangs(before).title())
                    .need(fresh || setUp || yarnAt == Needle.BACK, "the first st would be threaded with its own yarn")
                    .needYarn(role, edge, Hang.Corner.START)
                    .cut(role)
                    .tail(Optional.of(new Work.Tail(edge, 0)));
        }

        /** After rounds the yarn hangs at the half that was knitted last, which is behind; after short rows at the other. */
        static Needle hangs(Work before) {
            return !before.fabric().isEmpty()
                            && before.fabric().get(before.fabric().size() - 1).kind() == Rows.Kind.SHORT
                    ? Needle.FRONT
                    : Needle.BACK;
        }

        @Override
        public Sentence told(Work before) {
            String held = edge == Edge.HEEL
                    ? "Hold the lower " + NeedleKind.HALF + " in front and the upper one behind it"
                    : "Hold the " + before.first(edge).title() + " in front and the "
                            + before.second(edge).title() + " behind it";
            String hangs = fresh
                    ? "Leave the yarn’s end for weaving in. Thread a new length of {aboutTail} and begin at the [right] end,"
                            + " from the " + yarnAt.title() + "; its own end hangs " + (setUp ? "inside" : "outside")
                            + ". "
                    : "Cut a tail of {aboutTail}: it should come from the [right] end of the " + yarnAt.title() + ". ";
            return Operation.say(
                    each + " sts on each " + NeedleKind.HALF + ": count them once more. "
                            + NeedleKind.onDoublePoints("Put each half on one needle. ") + held + ". " + hangs + opens()
                            + " Purlwise is in as if to purl, knitwise as if to knit; each time the yarn is pulled through."
                            + " The last two moves take off the final sts. Snug it every fourth st, and finish in one"
                            + " go.",
                    TAIL,
                    tail);
        }

        private String opens() {
            if (!setUp) {
                return "No set-up moves, so no ear at this corner: draw the strand round that edge snug.";
            }
            return yarnAt == Needle.BACK
                    ? "Moves 1 and 2 are the set-up."
                    : "Move 1 is the set-up, on the back needle only.";
        }
    }

    /**
     * One move of a graft.
     *
     * @param made which it is
     * @param of how many there are
     */
    record Stitch(Edge edge, GraftMove made, int of) implements FinishWork {
        @Override
        public Work on(Work before) {
            int number = made.number();
            Move move = made.move();
            Work.Tail end = before.tail()
                    .filter(tail -> tail.edge() == edge)
                    .orElseThrow(() -> new NotPossible("no tail hangs at the " + edge.title()));
            before.need(end.moves() == number - 1, () -> "move " + number + " does not come after " + end.moves());
            Spot spot = move.needle() == Needle.FRONT ? before.first(edge) : before.second(edge);
            Work after = before.needOnNeedle(spot).tail(Optional.of(new Work.Tail(edge, number)));
            if (move.off()) {
                int left = before.loops().get(spot).loops() - 1;
                after = left == 0 ? after.free(spot) : after.change(spot, held -> held.counting(left));
            }
            return number < of
                    ? after
                    : after.need(after.at(edge) == 0, "loops are left on the needles")
                            .once(closed(edge));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(made.move().words());
        }
    }

    /** The ears of a graft go inside. */
    record PullEars(Edge edge, boolean setUp) implements FinishWork {
        @Override
        public Work on(Work before) {
            return before.need(before.has(closed(edge)), "it is not closed")
                    .need(before.tail().filter(end -> end.edge() == edge).isPresent(), "no tail hangs there")
                    .tail(Optional.empty())
                    .once(corners(edge));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say((setUp
                            ? "An ear stands at both corners. Draw each in with the tail, from outside to inside,"
                            : "An ear stands at the last corner, where the tail is. Draw it in from outside to inside,")
                    + " and even out the grafted sts.");
        }
    }

    /** The last loops are drawn together. */
    record DrawThrough(Edge edge, int loops, YarnRole role, Amount tail) implements FinishWork {
        @Override
        public Optional<Taken> taken() {
            return Taken.tail(role, 0, tail);
        }

        @Override
        public Work on(Work before) {
            return before.needOnNeedle(edge.first())
                    .needOnNeedle(edge.second())
                    .need(before.at(edge) == loops, () -> "there are not " + loops + " loops: " + before.loops())
                    .needYarn(role, edge, Hang.Corner.START)
                    .cut(role)
                    .free(edge.first())
                    .free(edge.second())
                    .once(closed(edge))
                    .once(corners(edge));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "Cut a tail of {aboutTail}. Thread it through the " + loops + " sts twice, take the "
                            + NeedleKind.ALL + " out, and pull tight.",
                    TAIL,
                    tail);
        }
    }

    /** Corners of the opening that nothing was picked up at. */
    record CloseHoles() implements FinishWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.OPEN);
            return before.need(before.has(Work.Done.HEEL_CLOSED), "the heel is not closed")
                    .line(line.state(Line.State.SHUT));
        }

        @Override
        public Sentence told(Work before) {
            String other = before.line().filter(line -> line.way().cuts()).isPresent()
                    ? "the end of the row that hangs there"
                    : "a scrap of the same yarn";
            return Operation.say(
                    "At each corner go round and round the gap from inside, and pull it shut: at the [right]"
                            + " one with the end where the heel’s yarn was joined, at the [left] one with " + other
                            + ".");
        }
    }

    /** Every end is woven in. */
    record WeaveIn() implements FinishWork {
        @Override
        public Work on(Work before) {
            return before.need(before.loops().isEmpty(), () -> "loops are live: " + before.loops())
                    .need(before.yarns().isEmpty(), () -> "yarn is not cut: " + before.yarns())
                    .need(before.tail().isEmpty(), "a tail still has to close something")
                    .once(Work.Done.WOVEN_IN);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "Weave the ends in on the inside, over 6 to 8 sts, on the instep and not under the sole."
                            + " Leave a little of each until the first wash.");
        }
    }

    record Wash() implements FinishWork {
        @Override
        public Work on(Work before) {
            return before.need(before.has(Work.Done.WOVEN_IN), "ends hang from it")
                    .once(Work.Done.WASHED);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Wash it and dry it flat or on a sock blocker. Then wear it, and note how it fits.");
        }
    }
}
