package roundpocket.core.work;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/** What is done to a tube that is there already. */
public sealed interface ReadyWork extends Operation {
    /** Names of a number of rounds and of the length they have. */
    String ROUNDS = "rounds";

    String LENGTH = "length";

    /**
     * A tube, or a piece of one, is taken in hand; both of its ends are on threads.
     *
     * @param rounds how many it has
     * @param how what is said of it
     */
    record Take(int rounds, int stitches, String how) implements ReadyWork {
        @Override
        public Work on(Work before) {
            Held half = new Held(Holder.THREAD, stitches / 2);
            Work taken = before.need(before.fabric().isEmpty(), "a tube is in hand already")
                    .once(Work.Done.BEGUN);
            for (Edge end : List.of(Edge.TOE_END, Edge.CUFF_END)) {
                taken = taken.hold(end.first(), half).hold(end.second(), half);
            }
            return taken.add(ready(Section.FOOT, rounds));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(how);
        }
    }

    private static Rows ready(Section section, int rounds) {
        return new Rows(section, Rows.Kind.READY, YarnRole.MAIN, 0, rounds);
    }

    /** Rounds of what is not the piece. */
    private static int rest(Work work) {
        return work.rows(Section.ENDS);
    }

    private static Work leaving(Work work, int piece, int rest) {
        List<Rows> rows = new ArrayList<>();
        rows.add(ready(Section.FOOT, piece));
        if (rest > 0) {
            rows.add(ready(Section.ENDS, rest));
        }
        return work.withFabric(rows);
    }

    /** Yarn is won from the end of the tube that becomes the cuff of the second piece. */
    record Ravel(int rounds, YarnRole role) implements ReadyWork {
        @Override
        public Work on(Work before) {
            int left = before.rows(Section.FOOT) - rounds;
            return leaving(before, left, 0)
                    .need(left > 0 && rest(before) == 0, "there is no end to ravel from")
                    .once(Work.Done.RAVELLED)
                    .have(role);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("From the far end count " + rounds + " rounds in and run a thread through all sts of"
                    + " the next round. Open the far end and unravel down to the thread; wind the yarn up: it is for"
                    + " heels, toes and cuffs. If that end doesn’t unravel, don’t force it: cut those rounds off"
                    + " instead, and take another yarn.");
        }
    }

    /**
     * Both rims of a cut come onto needles, one round between them on neither.
     *
     * @param from from where the rounds are counted, in words
     * @param seen what colour is seen there, in a sentence; empty where there is only one
     */
    record HoldRims(int rounds, int stitches, String from, Amount length, String seen) implements ReadyWork {
        @Override
        public Work on(Work before) {
            int there = rest(before) > 0 ? rest(before) : before.rows(Section.FOOT);
            return before.needFreeFor(Edge.RIMS)
                    .need(before.at(Edge.RIMS) == 0, "rims are held already")
                    .need(there > rounds, rounds + " of " + there + " rounds cannot be cut off")
                    .hold(Spot.NEAR_RIM, new Held(Holder.NEEDLE, stitches))
                    .hold(Spot.FAR_RIM, new Held(Holder.NEEDLE, stitches));
        }

        @Override
        public Sentence told(Work before) {
            return new Sentence(
                    "From the " + from + ", count {rounds}, {length} on the tape." + seen
                            + " Run a needle or a thread through the"
                            + " last of these rounds, skip one round, and run another through the round after it.",
                    Map.of(ROUNDS, Amount.rounds(rounds), LENGTH, length));
        }
    }

    record CountRims(int stitches) implements ReadyWork {
        @Override
        public Work on(Work before) {
            for (Spot rim : Edge.RIMS.spots()) {
                before.needOnNeedle(rim)
                        .need(before.loops().get(rim).loops() == stitches, () -> "a rim does not hold " + stitches);
            }
            return before.once(Work.Done.RIMS_COUNTED);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Don’t cut until both edges have " + stitches
                    + " sts, and the round between them is on neither, all the way round.");
        }
    }

    /**
     * The round between two rims is cut.
     *
     * @param rounds rounds of the piece that comes off
     */
    record CutRound(int rounds) implements ReadyWork {
        @Override
        public Work on(Work before) {
            before.need(before.has(Work.Done.RIMS_COUNTED), "the rims are not counted");
            boolean first = rest(before) == 0;
            int left = (first ? before.rows(Section.FOOT) : rest(before)) - rounds - 1;
            Work off = before.free(Spot.NEAR_RIM).free(Spot.FAR_RIM).need(left >= 0, "so many rounds are not there");
            Work after = off.without(Work.Done.RIMS_COUNTED);
            return leaving(after, first ? rounds : before.rows(Section.FOOT), left);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "Snip one st of the round between the two edges, about half way round from its start, and"
                            + " unpick that round to both sides, all the way. Put both edges on threads.");
        }
    }

    /**
     * The loops of an end come onto two needles.
     *
     * @param spare rounds that are ravelled first; empty where nobody counted them
     */
    record OntoNeedles(Edge edge, Optional<Integer> spare, String where) implements ReadyWork {
        @Override
        public Work on(Work before) {
            before.need(
                    edge == Edge.CUFF_END || before.line().isPresent() || before.has(Work.Done.COLUMNS_MARKED),
                    "nothing shows the sides of the sole");
            int spares = spare.orElse(0);
            Work on = before.needFreeFor(edge);
            for (Spot spot : edge.spots()) {
                on = on.need(
                                on.held(spot)
                                        .filter(held -> held.by() == Holder.THREAD)
                                        .isPresent(),
                                "that end is on no thread")
                        .change(spot, held -> held.by(Holder.NEEDLE));
            }
            return spares == 0 ? on : shorter(on, spares);
        }

        private static Work shorter(Work work, int spares) {
            List<Rows> rows = new ArrayList<>(work.fabric());
            Rows piece = rows.get(0);
            rows.set(0, ready(Section.FOOT, piece.number() - spares));
            return work.withFabric(rows);
        }

        @Override
        public Sentence told(Work before) {
            int each = before.held(edge.first()).map(Held::loops).orElse(0);
            String first = spare.filter(number -> number == 0).isPresent()
                    ? ""
                    : spare.map(number -> number == 1
                                            ? "One spare round comes off first. "
                                            : number + " spare rounds come off first. ")
                                    .orElse("Spare rounds, where there are any, come off first. ")
                            + "Run a thread through all sts of the round where the work begins, take out what holds the"
                            + " edge, and unravel down to the thread; that yarn is the tail to weave in. Where it doesn’t"
                            + " unravel, cut beside the thread instead. ";
            return Operation.say(first + "Put the " + 2 * each + " sts at the " + edge.title() + " on "
                    + (edge == Edge.CUFF_END ? TubeWork.ON_HALVES_ROUND : TubeWork.ON_HALVES) + ", "
                    + each + " in each half" + where + ". The first st hangs on the tail: don’t pull it.");
        }
    }

    /**
     * The row that is cut for the heel is found by counting.
     *
     * @param rounds rounds from the start of the leg to it
     * @param counted rounds from where one counts, and how long they are
     * @param from where one counts from, in words, and which way
     */
    record FindLine(int rounds, int half, int stitch, int counted, Amount length, String from) implements ReadyWork {
        @Override
        public Work on(Work before) {
            return before.need(before.line().isEmpty(), "the heel line is found already")
                    .need(before.rows(Section.FOOT) > rounds, "the piece has not so many rounds")
                    .need(before.has(Work.Done.CUFF_CLOSED), "the leg’s start is not there to count from")
                    .line(new Line(OpeningWay.SNIP, rounds, 1, 0, Line.State.IN, 0));
        }

        @Override
        public Sentence told(Work before) {
            return new Sentence(
                    "From " + from + ": {length} on the tape. The next round is the heel line. Choose the "
                            + half + " sts of the sole, mark st " + stitch
                            + " of them and the columns at both ends; the toe keeps to those columns.",
                    Map.of(ROUNDS, Amount.rounds(counted), LENGTH, length));
        }
    }

    /** With the heel last, the toe has no corners to go by. */
    record MarkColumns(int half) implements ReadyWork {
        @Override
        public Work on(Work before) {
            return before.need(before.line().isEmpty(), "the heel’s corners show the sides already")
                    .once(Work.Done.COLUMNS_MARKED);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Mark two columns of sts from cuff to toe, " + half
                    + " sts apart: the sole’s two sides. Toe and heel keep to them.");
        }
    }

    /** The loops of the tube beneath an old heel, before that comes off. */
    record BesideOldHeel(int side) implements ReadyWork {
        @Override
        public Work on(Work before) {
            return before.line(new Line(OpeningWay.SNIP, 0, 1, 0, Line.State.IN, 0))
                    .hold(Spot.LOWER, new Held(Holder.NEEDLE, side))
                    .hold(Spot.UPPER, new Held(Holder.NEEDLE, side));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "In the last round of the tube beside the old heel, pick up the [right] leg of every st on "
                            + TubeWork.ON_HALVES + ", thin where you have them, " + side
                            + " in each half, corners included. Follow one round; the spiral ends one row off.");
        }
    }

    /** Both needles beside an old heel are counted; the whole heel lies between them. */
    record CountBesideHeel(int side) implements ReadyWork {
        @Override
        public Work on(Work before) {
            return new OpeningWork.CountNeedles(side).on(before);
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("Don’t cut until both " + NeedleKind.HALVES + " have " + side + " sts.");
        }
    }

    record OldHeelOff() implements ReadyWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.COUNTED);
            return before.line(line.state(Line.State.SHUT));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    "One hand flat inside. Snip one st two rounds above the needles, in the heel and not in the"
                            + " tube, unpick that round, and unravel what is left of the old heel down to the needles.");
        }
    }
}
