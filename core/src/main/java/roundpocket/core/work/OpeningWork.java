package roundpocket.core.work;

import java.util.Optional;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.measure.Sentence;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;

/** What is done at the opening in the sole. The work is held so that its stitches look like V. */
public sealed interface OpeningWork extends Operation {
    /** Half of the loops does not stay on one short needle. */
    String SECOND_POINT = NeedleKind.onDoublePoints(" Take a second needle for half of them.");

    /**
     * Where a line that is snipped afterwards is: a round of the fabric, which is unpicked along the sole.
     *
     * @param after rounds below it
     */
    record Mark(int after) implements OpeningWork {
        @Override
        public Work on(Work before) {
            boolean lost = !before.fabric().isEmpty()
                    && before.fabric().get(before.fabric().size() - 1).kind() == Rows.Kind.LOST;
            return before.need(lost, "no round was knitted to be unpicked")
                    .need(before.line().isEmpty(), "the heel line is in already")
                    .need(before.rounds() - 1 == after, () -> "it comes after " + after + " rounds")
                    .line(new Line(OpeningWay.SNIP, before.rounds() - 1, 1, 0, Line.State.IN, 0));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("");
        }
    }

    /**
     * The stitches on one side of the line come onto a needle.
     *
     * @param upper whether it is the upper needle; the lower one is first
     */
    record PickUp(boolean upper, int stitches) implements OpeningWork {
        @Override
        public Work on(Work before) {
            before.needLine(Line.State.IN);
            before.needFreeFor(Edge.HEEL)
                    .need(
                            before.held(Edge.HEEL.first()).isPresent() == upper
                                    && before.held(Edge.HEEL.second()).isEmpty(),
                            "the lower needle comes first");
            return before.hold(upper ? Spot.UPPER : Spot.LOWER, new Held(Holder.NEEDLE, stitches));
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return upper
                    ? Optional.empty()
                    : before.onTop().map(top -> top == Section.LEG ? Picture.TUBE_LEG_UP : Picture.TUBE_FOOT_UP);
        }

        @Override
        public Sentence told(Work before) {
            Line line = before.line().orElseThrow(() -> new NotPossible("there is no heel line"));
            String leg = "the [right] leg of each of the " + stitches + " sts";
            boolean threads = line.way() == OpeningWay.LIFELINES;
            if (!upper) {
                String top = before.onTop()
                        .map(section -> ": the " + section.title() + " is at the top")
                        .orElse("");
                return Operation.say("Hold the sock so that the sts look like V" + top + ". "
                        + (threads
                                ? "Slide a needle in along the lower thread, through " + leg + "."
                                : "In the row just below the heel line, pick up " + leg + ".")
                        + " A needle a size thinner helps." + SECOND_POINT);
            }
            String row =
                    switch (line.way()) {
                        case WASTE_TWO_LINES -> "Skip both rows of waste yarn.";
                        case WASTE_ONE_LINE -> "Skip the row of waste yarn.";
                        case SNIP -> "Don’t turn the sock. Skip one row, the one to be cut.";
                        case LIFELINES -> "Don’t turn the sock.";
                    };
            return Operation.say(row
                    + (threads
                            ? " Slide a needle in along the upper thread, through "
                            : " In the row above it, pick up ")
                    + leg + ", beginning in the same column as on the lower " + NeedleKind.HALF + ".");
        }
    }

    /** Both needles are counted before anything comes out. */
    record CountNeedles(int each) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.IN);
            return before.needOnNeedle(Spot.LOWER)
                    .needOnNeedle(Spot.UPPER)
                    .need(
                            before.loops().get(Spot.LOWER).loops() == each
                                    && before.loops().get(Spot.UPPER).loops() == each,
                            () -> "the needles do not hold " + each + " each: " + before.loops())
                    .line(line.state(Line.State.COUNTED));
        }

        @Override
        public Sentence told(Work before) {
            OpeningWay way = before.line().orElseThrow().way();
            String rows = way == OpeningWay.WASTE_TWO_LINES ? "the two rows" : "the one row";
            return Operation.say(
                    way.cuts()
                            ? "Don’t cut until both " + NeedleKind.HALVES + " have " + each + " sts, and " + rows
                                    + " between them is on neither, from end to end. Note its colour."
                            : "Don’t pull the waste yarn out until both " + NeedleKind.HALVES + " have " + each
                                    + " sts, and only waste"
                                    + " yarn lies between them.");
        }
    }

    /**
     * One leg of the row between the needles is cut.
     *
     * @param stitch which stitch of the row, from 1
     */
    record Snip(int stitch, int of) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.COUNTED);
            return before.need(line.way().cuts() && line.rows() == 1, "there is no row of fabric to cut")
                    .need(stitch > 2 && stitch < of - 1, "that is at the corner")
                    .line(line.state(Line.State.CUT));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say("One hand flat inside the tube. Snip one leg of st " + stitch + " of the " + of
                    + " in the row between the " + NeedleKind.HALVES + ", and nothing else.");
        }
    }

    /**
     * The row is unpicked to both sides of the cut.
     *
     * @param out stitches that come out
     */
    record Unpick(Corners corners, int out) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.CUT);
            double left = corners.left().map(each -> each.value()).orElse(0.0);
            return before.line(line.open(left));
        }

        @Override
        public Sentence told(Work before) {
            String threads = before.line().filter(line -> line.threads() > 0).isPresent()
                    ? " Once the needles alone hold the sts, draw the two threads out."
                    : "";
            String how =
                    switch (corners) {
                        case LEAVE_TWO -> "Unpick to both sides and stop 2 sts before either end: ";
                        case LEAVE_ONE_AND_A_HALF ->
                            "Unpick to both sides and stop one and a half sts before either end: ";
                        case PICK_UP, CLOSE_LATER -> "Unpick to both ends: ";
                    };
            return Operation.say(
                    how + out + " sts come out. Leave the ends of the row hanging at the corners, inside." + threads);
        }
    }

    /**
     * The waste yarn of the line comes out.
     *
     * @param rows rows of it, 1 or 2
     * @param out stitches that come out
     */
    record WasteOut(int rows, int out) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.COUNTED);
            return before.need(!line.way().cuts() && line.rows() == rows, "no such waste yarn is in")
                    .line(line.open(0));
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    rows == 1
                            ? "Pull the waste yarn out, all " + out
                                    + " sts of it. Check that no st has come off its needle."
                            : "Draw out the row of waste yarn beside the lower " + NeedleKind.HALF
                                    + ", st by st; the other row then" + " unravels: " + out
                                    + " sts in all. Check that no st has come off its needle.");
        }
    }

    /** Nothing is done at the corners: stitches of the row hold them, or they are closed at the end. */
    record SeeCorners(Corners corners) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.OPEN);
            before.need(corners.left().isPresent() == line.corner() > 0, "other stitches are left in at the corners");
            return line.corner() > 0 ? before.line(line.state(Line.State.SHUT)) : before;
        }

        @Override
        public Sentence told(Work before) {
            return Operation.say(
                    switch (corners) {
                        case LEAVE_TWO ->
                            "Check both corners: 2 sts of the heel-line row stay in at each end, to stop a hole.";
                        case LEAVE_ONE_AND_A_HALF ->
                            "Check both corners: one and a half sts of the heel-line row stay in at each end, to stop a"
                                    + " hole.";
                        case PICK_UP, CLOSE_LATER -> "Leave the corners as they are: they are closed at the end.";
                    });
        }
    }

    /**
     * Extra loops at both corners, with the yarn of the heel.
     *
     * @param each at each corner: 1, 2 or 4
     * @param live loops that are live then
     */
    record ExtraLoops(int each, int live, YarnRole role) implements OpeningWork {
        @Override
        public Work on(Work before) {
            Line line = before.needLine(Line.State.OPEN);
            before.need(line.corner() == 0, "stitches of the row are left in")
                    .needYarn(role, Edge.HEEL, Hang.Corner.START)
                    .need(live == before.at(Edge.HEEL) + 2 * each, "other loops are live");
            return before.change(Spot.LOWER, held -> held.counting(held.loops() + each))
                    .change(Spot.UPPER, held -> held.counting(held.loops() + each))
                    .line(line.state(Line.State.SHUT));
        }

        @Override
        public Optional<Picture> picture(Work before) {
            return Optional.of(Picture.EXTRA_STITCHES);
        }

        @Override
        public Sentence told(Work before) {
            String number = each + (each == 1 ? " extra st" : " extra sts");
            String share = each == 1
                    ? " The free strand’s st goes onto the lower " + NeedleKind.HALF
                            + ", the lifted one onto the upper."
                    : " Half of each corner’s go onto the lower " + NeedleKind.HALF + ", half onto the upper.";
            return Operation.say("With it pick up " + number + " at each corner: " + live
                    + " sts are live. At the [left] corner a free strand lies between the " + NeedleKind.HALVES
                    + ": lift it, twisted. At"
                    + " the [right] one there is none: lift a leg of the st beside the gap, twisted." + share);
        }
    }
}
