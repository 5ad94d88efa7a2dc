package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.Opening;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;

/** The steps of the heel: its line, the opening, the rounds and the close. */
final class HeelSteps {
    private final SockPlan plan;
    private final Opening opening;
    private final int half;
    private final StepWriter out;

    HeelSteps(SockPlan plan, StepWriter out) {
        this.plan = plan;
        this.opening = plan.opening();
        this.half = plan.stitchCount().half().count();
        this.out = out;
    }

    /** The line of the heel, while the tube is knitted. The round that is lost at it is knitted here. */
    void line() {
        OpeningWay way = opening.way();
        String sole = "the " + half + " sole sts";
        String here =
                switch (way) {
                    case SNIP ->
                        "Knit one round more: it is unpicked later. A marker in st "
                                + opening.snip().orElseThrow().count() + " of " + sole + " helps to find it.";
                    case LIFELINES ->
                        "Run a thread through " + sole + ". Knit one round. Run another thread through " + sole + ".";
                    case WASTE_ONE_LINE ->
                        "Drop the working yarn. Knit " + sole
                                + " with waste yarn, tails on the outside. Slide them back to"
                                + " the left needle and knit them again with the working yarn.";
                    case WASTE_TWO_LINES ->
                        "Drop the working yarn. Knit " + sole
                                + " with waste yarn, turn, purl back and turn, tails on the"
                                + " outside. Carry on with the working yarn where you left it.";
                };
        int lost = way.lost().step().count();
        out.add(out.step(
                StepName.LINE,
                Doing.LINE,
                "Heel line",
                here,
                List.of(new Press("The heel line is in", out.loops(), lost * out.loops())),
                Stage.KNIT));
    }

    /** From the pick-up along the line to the close. */
    void all() {
        out.through(Sharing.HEEL_THROUGH);
        int below = opening.below().count();
        int above = opening.above().count();
        String legs = "the right leg (the left if you are left-handed)";
        out.add(out.step(
                StepName.HEEL_PICK_UP_BELOW,
                Doing.PICK_UP,
                "Pick up, lower needle",
                "On the foot side of the heel line, pick up " + legs + " of each of the " + below
                        + " sts. A needle a size thinner helps.",
                List.of(new Press(below + " on the lower needle", below)),
                Stage.OPEN));
        out.add(out.step(
                StepName.HEEL_PICK_UP_ABOVE,
                Doing.PICK_UP,
                "Pick up, upper needle",
                "Skip the heel-line row. In the row on its leg side, pick up the same leg of each of the " + above
                        + " sts.",
                List.of(new Press(above + " on the upper needle", below + above)),
                Stage.OPEN));
        out.check(
                StepName.HEEL_COUNT,
                "Count both needles",
                opening.way().cuts()
                        ? "Don’t cut until both needles have " + half + " sts."
                        : "Don’t pull the waste yarn out until both needles have " + half + " sts.",
                half,
                Stage.OPEN);
        open();
        out.shape(
                StepName.HEEL,
                "Heel",
                plan.heel().shaping(),
                plan.heel().shaping().list());
        out.close(Section.HEEL, plan.heel().shaping(), plan.heel().graft(), Steps.tail(plan, Section.HEEL));
        out.inCommon();
    }

    private void open() {
        opening.snip()
                .ifPresent(snip -> out.cut(
                        StepName.SNIP,
                        "Cut",
                        "One hand flat inside the tube. Snip one leg of st " + snip.count() + " of the " + half
                                + " in the row between the needles, and nothing else.",
                        "St " + snip.count() + " is cut",
                        half));
        out.add(out.step(
                wayOut(),
                Doing.UNPICK,
                opening.way().cuts() ? "Unpick" : "Waste yarn out",
                comesOut(),
                List.of(new Press(opening.comesOut().count() + " sts are out", out.loops())),
                Stage.OPEN));
        int live = opening.live().count();
        out.add(out.step(
                StepName.CORNERS,
                Doing.CORNERS,
                "Corners",
                atTheCorners(live),
                List.of(new Press(live + " sts are live", live)),
                Stage.OPEN));
    }

    /** The id of the step that takes the row out: each way looks otherwise, and is drawn so. */
    private StepName wayOut() {
        if (!opening.way().cuts()) {
            return StepName.WASTE_OUT;
        }
        return switch (opening.corners()) {
            case LEAVE_TWO, LEAVE_ONE_AND_A_HALF -> StepName.UNPICK;
            case PICK_UP, CLOSE_LATER -> StepName.UNPICK_ALL;
        };
    }

    private String comesOut() {
        int out = opening.comesOut().count();
        return switch (opening.way()) {
            case WASTE_ONE_LINE -> "Pull the waste yarn out, all " + out + " sts of it.";
            case WASTE_TWO_LINES -> "Pull the waste yarn out, both rows of it: " + out + " sts.";
            case SNIP, LIFELINES ->
                switch (opening.corners()) {
                    case LEAVE_TWO ->
                        "Unpick to both sides and stop 2 sts before either end: " + out + " sts come out.";
                    case LEAVE_ONE_AND_A_HALF ->
                        "Unpick to both sides and stop one and a half sts before either end: " + out + " sts come out.";
                    case PICK_UP, CLOSE_LATER -> "Unpick to both ends: " + out + " sts come out.";
                };
        };
    }

    private String atTheCorners(int live) {
        return switch (opening.corners()) {
            case LEAVE_TWO -> "Look at both corners: 2 sts of the row are still in at either end, and hold it.";
            case LEAVE_ONE_AND_A_HALF ->
                "Look at both corners: one and a half sts of the row are still in at either end, and hold it.";
            case PICK_UP -> {
                int each = (live - out.loops()) / 2;
                yield "Pick up " + each + (each == 1 ? " extra st" : " extra sts") + " at each corner: " + live
                        + " sts are live.";
            }
            case CLOSE_LATER -> "Leave the corners as they are; the joining tail closes them at the end.";
        };
    }

    /** Corners that nothing was picked up at. */
    void cornersLater() {
        if (opening.corners() == Corners.CLOSE_LATER) {
            out.one(
                    Doing.FINISH,
                    StepName.CORNER_HOLES,
                    "Close the heel’s corners",
                    "At each corner run the joining tail round and round the gap from inside, and pull it shut.",
                    Stage.FINISH);
        }
    }

    /** The heel of a worn sock comes off, and a new one is knitted. */
    void old() {
        int side = opening.heelSide().count();
        int live = 2 * side;
        out.add(out.step(
                StepName.OLD_HEEL_LIFELINE,
                Doing.PICK_UP,
                "Pick up the sts",
                "In the last round of the tube beside the old heel, pick up the same leg of every st on two thin"
                        + " needles, "
                        + side + " on each, corners included. Follow one round; the spiral ends one row off.",
                List.of(new Press(live + " sts are on", live)),
                Stage.OPEN));
        out.check(
                StepName.OLD_HEEL_COUNT,
                "Count both needles",
                "Don’t cut until both needles have " + side + " sts.",
                side,
                Stage.OPEN);
        out.add(new LapStep(
                StepName.OLD_HEEL_OFF,
                Doing.CUT,
                "Cut the old heel off",
                "One hand flat inside. Snip one st two rounds above the needles, in the heel and not in the tube,"
                        + " unpick"
                        + " that round, and ununravel what is left of the old heel down to the needles.",
                java.util.Map.of(),
                out.loops(),
                List.of(new Press("The old heel is off", out.loops())),
                OptionalInt.of(side),
                true,
                Optional.of(Stage.OPEN),
                Sharing.EACH));
        out.shape(
                StepName.HEEL,
                "New heel",
                plan.heel().shaping(),
                plan.heel().shaping().list());
        out.close(Section.HEEL, plan.heel().shaping(), plan.heel().graft(), Steps.tail(plan, Section.HEEL));
    }
}
