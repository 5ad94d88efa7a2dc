package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.judge.Stage;
import roundpocket.core.measure.NeedleKind;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.Opening;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.Way;
import roundpocket.core.work.Edge;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.LineWork;
import roundpocket.core.work.OpeningWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.ReadyWork;
import roundpocket.core.work.Rows;
import roundpocket.core.work.TubeWork;

/** The steps of the heel: its line, the opening, the rounds and the close. */
final class HeelSteps {
    private final SockPlan plan;
    private final Opening opening;
    private final int half;
    private final StepWriter out;
    private final ShapeSteps shapes;

    HeelSteps(SockPlan plan, StepWriter out, ShapeSteps shapes) {
        this.plan = plan;
        this.opening = plan.opening();
        this.half = plan.stitchCount().half().count();
        this.out = out;
        this.shapes = shapes;
    }

    /** The line of the heel, while the tube is knitted. The round that is lost at it is knitted here. */
    void line(Edge edge) {
        YarnRole role = out.roleOf(plan.tube().way() == Way.CUFF_DOWN ? Section.LEG : Section.FOOT);
        TubeWork.Round lost = new TubeWork.Round(edge, Section.LEG, Rows.Kind.LOST, role, 1, 0, lostWords());

        int after = out.work().rounds();
        List<Operation> operations =
                switch (opening.way()) {
                    case SNIP -> List.of(lost, new OpeningWork.Mark(after));
                    case LIFELINES -> List.of(new LineWork.Thread(edge, half, after), lost);
                    case WASTE_ONE_LINE, WASTE_TWO_LINES -> waste(edge, role, after);
                };
        List<Operation> all = new ArrayList<>();
        if (out.work().begins() == RoundStart.MIDDLE) {
            all.add(new TubeWork.BeginAt(edge, RoundStart.INSTEP, half));
        }
        all.addAll(operations);
        out.line(opening.way().lost().step().count() * 2 * half, all);
    }

    /** The waste yarn goes where the sole is due: at the start of a round, or behind the instep where that comes first. */
    private List<Operation> waste(Edge edge, YarnRole role, int after) {
        boolean oneLine = opening.way() == OpeningWay.WASTE_ONE_LINE;
        Operation rows = new LineWork.WasteRows(edge, half, oneLine ? 1 : 2, role, after);
        if (out.work().begins() == RoundStart.SOLE) {
            return oneLine ? List.of(rows, new LineWork.KnitAgain(edge, role)) : List.of(rows);
        }
        Operation instep = new LineWork.FirstHalf(edge, role);
        return oneLine ? List.of(instep, rows, new LineWork.SlideBack(edge)) : List.of(instep, rows);
    }

    private String lostWords() {
        return switch (opening.way()) {
            case SNIP ->
                "Knit one extra round: its sole half is unpicked when you open the heel. A marker in st "
                        + opening.snip().orElseThrow().count() + " of the " + half + " sole sts helps to find it.";
            default ->
                "Knit one extra round: its sole half is unpicked when you open the heel. The second thread comes in after the round that follows.";
        };
    }

    /** From the pick-up along the line to the close. */
    void all() {
        out.through(Sharing.HEEL_THROUGH);
        int below = opening.below().count();
        int above = opening.above().count();
        out.one(
                StepName.HEEL_PICK_UP_BELOW,
                Doing.PICK_UP,
                "Pick up below the line",
                Stage.OPEN,
                below + " on the lower " + NeedleKind.HALF,
                new OpeningWork.PickUp(false, below));
        out.one(
                StepName.HEEL_PICK_UP_ABOVE,
                Doing.PICK_UP,
                "Pick up above the line",
                Stage.OPEN,
                above + " on the upper " + NeedleKind.HALF,
                new OpeningWork.PickUp(true, above));
        out.one(
                StepName.HEEL_COUNT,
                Doing.CHECK,
                "Count both halves",
                Stage.OPEN,
                half + " and " + half,
                new OpeningWork.CountNeedles(half));
        open();
        shapes.rounds(
                StepName.HEEL,
                "Heel",
                Section.HEEL,
                Edge.HEEL,
                plan.heel().shaping().list());
        shapes.close(Section.HEEL);
        out.inCommon();
    }

    private void open() {
        opening.snip()
                .ifPresent(snip -> out.one(
                        StepName.SNIP,
                        Doing.CUT,
                        "Cut",
                        Stage.OPEN,
                        "St " + snip.count() + " is cut",
                        new OpeningWork.Snip(snip.count(), half)));
        int comesOut = opening.comesOut().count();
        out.one(
                wayOut(),
                Doing.UNPICK,
                opening.way().cuts() ? "Unpick" : "Waste yarn out",
                Stage.OPEN,
                comesOut + " sts are out",
                opening.way().cuts()
                        ? new OpeningWork.Unpick(opening.corners(), comesOut)
                        : new OpeningWork.WasteOut(opening.way().rows().step().count(), comesOut));
        corners();
    }

    /** The yarn is joined first where extra loops are picked up with it. */
    private void corners() {
        int live = opening.live().count();
        List<Operation> operations = new ArrayList<>();
        if (opening.corners() == Corners.PICK_UP) {
            operations.addAll(shapes.yarnFor(Section.HEEL, Edge.HEEL));
            int each = (live - out.work().at(Edge.HEEL)) / 2;
            operations.add(new OpeningWork.ExtraLoops(each, live, out.roleOf(Section.HEEL)));
        } else {
            operations.add(new OpeningWork.SeeCorners(opening.corners()));
        }
        out.one(StepName.CORNERS, Doing.CORNERS, "Corners", Stage.OPEN, live + " sts are live", operations);
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

    /** Corners that nothing was picked up at. */
    void cornersLater() {
        if (opening.corners() == Corners.CLOSE_LATER) {
            out.one(
                    StepName.CORNER_HOLES,
                    Doing.FINISH,
                    "Close the heel’s corners",
                    Stage.FINISH,
                    "Done",
                    new FinishWork.CloseHoles());
        }
    }

    /** The heel of a worn sock comes off, and a new one is knitted. */
    void old() {
        int side = opening.heelSide().count();
        out.one(
                StepName.OLD_HEEL_LIFELINE,
                Doing.PICK_UP,
                "Pick up the sts",
                Stage.OPEN,
                2 * side + " sts are on",
                new ReadyWork.BesideOldHeel(side));
        out.one(
                StepName.OLD_HEEL_COUNT,
                Doing.CHECK,
                "Count both halves",
                Stage.OPEN,
                side + " and " + side,
                new ReadyWork.CountBesideHeel(side));
        out.one(
                StepName.OLD_HEEL_OFF,
                Doing.CUT,
                "Cut the old heel off",
                Stage.OPEN,
                "The old heel is off",
                new ReadyWork.OldHeelOff());
        shapes.rounds(
                StepName.HEEL,
                "New heel",
                Section.HEEL,
                Edge.HEEL,
                plan.heel().shaping().list().stream().map(this::withoutCorners).toList());
        shapes.close(Section.HEEL);
    }

    /** Beside an old heel nothing more is picked up at the corners, so that nothing of it is decreased away again. */
    private ShapingRound withoutCorners(ShapingRound round) {
        int side = opening.heelSide().count();
        return round.kind() == ShapingRound.Kind.CORNERS
                ? new ShapingRound(round.number(), ShapingRound.Kind.PLAIN, side, 2 * side, round.cumulative(), "knit")
                : round;
    }
}
