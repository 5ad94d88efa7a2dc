package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.Opening;
import roundpocket.core.opening.Opening.LiveCount;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;

/** The steps of one sock, section by section. */
final class Steps extends StepWriter {
    /** Rounds knitted past the line before a heel at once is opened: its loops need some fabric to hold them. */
    private static final int PAST_THE_LINE = 10;

    private final SockPlan plan;
    private final int stitches;
    private final int half;

    Steps(SockPlan plan) {
        super(plan);
        this.plan = plan;
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
    }

    List<LapStep> all(HeelWhen heelWhen) {
        boolean toeFirst = plan.toe().begun()
                || plan.tube().toeStart().toeFirst() && plan.tube().way() == Way.TOE_UP;
        Way way = plan.tube().way();
        switch (way) {
            case TOE_UP -> toeUp(toeFirst, heelWhen);
            case CUFF_DOWN -> cuffDown(heelWhen);
            case READY_TUBE -> {
                readyTube();
                heelAndToe(heelWhen, true);
            }
            default -> throw new IllegalStateException("no way: " + way);
        }
        one(
                Doing.FINISH,
                "ends",
                "Ends",
                "Weave the ends in on the inside, over 6 to 8 stitches, on the instep and not"
                        + " under the sole. Leave a little of each until the first wash.",
                Stage.FINISH);
        one(
                Doing.FINISH,
                "wash",
                "Wash",
                "Wash it, and dry it flat on a form. Then wear it, and note how it fits.",
                Stage.WEAR);
        return written();
    }

    /** The old heel comes off at its first round; the loops of the tube beneath it are what the new one begins with. */
    List<LapStep> newHeel() {
        int side = plan.opening().heelSide().count();
        int live = 2 * side;
        add(step(
                "old-heel-lifeline",
                Doing.PICK_UP,
                "Take up the loops",
                "In the last round of the tube beside the old heel, take up the same leg of every stitch on two thin"
                        + " needles, " + side
                        + " on each, corners included. Follow one round; the spiral ends one row off.",
                List.of(new Press(live + " loops are on", live)),
                Stage.OPEN));
        add(new LapStep(
                "old-heel-count",
                Doing.CHECK,
                "Count both needles",
                "Nothing is cut before both needles hold " + side + ".",
                loops(),
                List.of(new Press(side + " and " + side, loops())),
                OptionalInt.of(side),
                false,
                Optional.of(Stage.OPEN)));
        add(new LapStep(
                "old-heel-off",
                Doing.CUT,
                "Cut the old heel off",
                "One hand flat inside. Snip one stitch two rounds above the needles, in the heel and not in the tube, unpick"
                        + " that round, and ravel what is left of the old heel down to the needles.",
                loops(),
                List.of(new Press("The old heel is off", loops())),
                OptionalInt.of(side),
                true,
                Optional.of(Stage.OPEN)));
        shape("heel", "New heel", plan.heel(), plan.heel().list(), List.of());
        close("heel", plan.heel(), plan.heelGraft());
        one(
                Doing.FINISH,
                "ends",
                "Ends",
                "Close the corners with the beginning of the yarn, and weave the ends in on the inside.",
                Stage.FINISH);
        return written();
    }

    private void toeUp(boolean toeFirst, HeelWhen heelWhen) {
        if (toeFirst) {
            beginAtToe();
        } else {
            begin(
                    "Cast on " + stitches
                            + " stitches with waste yarn, change to the working yarn and join to a round. The toe is"
                            + " picked up from the waste yarn later.",
                    stitches);
        }
        int foot = plan.tube().footRounds().count();
        int leg = plan.tube().legRounds().count();
        rounds("foot", "Foot", foot, "Knit.");
        line();
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, leg);
            rounds("leg-begun", "Leg, begun", past, "Knit.");
            hold("leg-held", "The leg waits");
            heel();
            resume("leg-taken-up", "The leg goes on");
            rounds("leg", "Leg", leg - past, "Knit.");
        } else {
            rounds("leg", "Leg", leg, "Knit.");
        }
        count("tube-count", "The tube");
        cuff();
        bindOff();
        if (heelWhen == HeelWhen.AT_ONCE) {
            if (!toeFirst) {
                toe(true);
            }
        } else {
            heelAndToe(heelWhen, !toeFirst);
        }
    }

    private void cuffDown(HeelWhen heelWhen) {
        begin("Cast on " + stitches + " stitches, loosely, and join to a round.", stitches);
        cuff();
        int foot = plan.tube().footRounds().count();
        rounds("leg", "Leg", plan.tube().legRounds().count(), "Knit.");
        line();
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, foot);
            rounds("foot-begun", "Foot, begun", past, "Knit.");
            hold("foot-held", "The foot waits");
            heel();
            resume("foot-taken-up", "The foot goes on");
            rounds("foot", "Foot", foot - past, "Knit.");
            count("tube-count", "The tube");
            toe(false);
            return;
        }
        rounds("foot", "Foot", foot, "Knit.");
        count("tube-count", "The tube");
        if (heelWhen == HeelWhen.LAST) {
            toe(false);
            heel();
        } else {
            hold("foot-held", "The toe waits");
            heel();
            toe(true);
        }
    }

    /** A piece that is cut out of a tube; both its edges are on needles then. */
    private void readyTube() {
        String piece = plan.tube()
                .cut()
                .map(cut -> cut.pieceRounds().count() + " rounds long")
                .orElse("for one sock");
        add(new LapStep(
                "piece",
                Doing.CUT,
                "Cut the piece",
                "The piece is " + piece + ". At each end: needles through a round,"
                        + " leave the next one out, needles through the one after. Snip one stitch of the round left out and unpick"
                        + " it all the way round.",
                0,
                List.of(new Press("Both ends are on needles or a thread", stitches)),
                OptionalInt.of(half),
                true,
                Optional.of(Stage.OPEN)));
        cuff();
        bindOff();
    }

    private void heelAndToe(HeelWhen heelWhen, boolean toeWaits) {
        if (heelWhen == HeelWhen.LAST && toeWaits) {
            toe(true);
            heel();
            return;
        }
        heel();
        if (toeWaits) {
            toe(true);
        }
    }

    // --- the parts -------------------------------------------------------------------------------------------------

    private void beginAtToe() {
        if (plan.tube().toeStart() == ToeStart.SHORT_ROWS) {
            begin("Cast on " + half + " stitches with waste yarn and change to the working yarn.", half);
            shape("toe", "Toe", plan.toe(), toeRounds(true), List.of());
            pickUp(
                    "toe-other-side",
                    "The other side",
                    "Pick up the " + (stitches - half) + " loops that wait on the waste yarn and join to a round.",
                    stitches - half);
            if (!toeRounds(false).isEmpty()) {
                shape("toe-plain", "Toe, plain", plan.toe(), toeRounds(false), List.of());
            }
            return;
        }
        int tip = 2 * plan.toe().closingSide().count();
        begin("Begin closed with " + tip + " stitches, " + tip / 2 + " on each of two needles.", tip);
        shape("toe", "Toe", plan.toe(), plan.toe().list(), List.of());
    }

    /** The short rows of a toe, or its rounds: these need the loops of the other side too. */
    private List<ShapingRound> toeRounds(boolean shortRows) {
        return plan.toe().list().stream()
                .filter(round -> (round.kind() == ShapingRound.Kind.SHORT_ROW) == shortRows)
                .toList();
    }

    private void line() {
        Opening opening = plan.opening();
        OpeningWay way = opening.way();
        String here =
                switch (way) {
                    case SNIP ->
                        "Knit the round that is unpicked later; a marker in its stitch "
                                + opening.snip().orElseThrow().count() + " of the sole's " + half
                                + " helps to find it.";
                    case LIFELINES ->
                        "Run a thread through the " + half + " loops of the sole. Knit one round. Run another thread"
                                + " through the " + half + " loops of the next.";
                    case WASTE_ONE_LINE ->
                        "Leave the working yarn. Knit the " + half
                                + " sole stitches with waste yarn, long tails outside,"
                                + " slide them back and knit them again with the working yarn.";
                    case WASTE_TWO_LINES ->
                        "Knit across the " + half
                                + " sole stitches with waste yarn, turn, purl back, and go on with the"
                                + " working yarn from where it waited.";
                };
        add(step(
                "line",
                Doing.LINE,
                "The heel's line",
                here,
                List.of(new Press("The line is in", loops())),
                Stage.KNIT));
    }

    private void count(String id, String title) {
        add(new LapStep(
                id,
                Doing.CHECK,
                title + ": count",
                "Count both sides: " + half + " and " + half + ".",
                loops(),
                List.of(new Press(half + " and " + half, loops())),
                OptionalInt.of(half),
                false,
                Optional.empty()));
    }

    private void cuff() {
        int number = plan.cuff().rounds().count();
        String rib = "Rib, " + plan.cuff().rib().title() + ".";
        List<Press> presses = new ArrayList<>(repeated(number, rib));
        if (plan.cuff().firstRoundPlain() && number > 0) {
            presses.set(0, new Press("Knit plain: the colour changes here.", loops(), loops()));
        }
        if (number > 0) {
            add(step("cuff", Doing.ROUNDS, "Cuff", rib, presses, Stage.KNIT));
        }
    }

    private void bindOff() {
        add(step(
                "bind-off",
                Doing.CLOSE,
                "Bind off",
                "Bind off loosely with a stretchy bind-off and join the last loop to the"
                        + " first. First test: it goes over the heel.",
                List.of(new Press("Bound off", 0)),
                Stage.KNIT));
    }

    private void heel() {
        Opening opening = plan.opening();
        int below = opening.below().count();
        int above = opening.above().count();
        add(step(
                "heel-pick-up-below",
                Doing.PICK_UP,
                "Pick up below",
                "Below the line, pick up the same leg of every stitch: " + below
                        + " loops. A needle a size thinner helps.",
                List.of(new Press(below + " below", below)),
                Stage.OPEN));
        add(step(
                "heel-pick-up-above",
                Doing.PICK_UP,
                "Pick up above",
                "Leave the line's row out, and pick up " + above + " loops in the row above it.",
                List.of(new Press(above + " above", below + above)),
                Stage.OPEN));
        add(new LapStep(
                "heel-count",
                Doing.CHECK,
                "Count both needles",
                opening.way().cuts()
                        ? "Nothing is cut before both needles hold " + half + "."
                        : "Nothing is drawn out before both needles hold " + half + ".",
                loops(),
                List.of(new Press(half + " and " + half, loops())),
                OptionalInt.of(half),
                false,
                Optional.of(Stage.OPEN)));
        open(opening);
        int rounds = opening.cornerRounds();
        List<Integer> corners =
                opening.counts().stream().skip(1).map(LiveCount::stitches).toList();
        shape("heel", "Heel", plan.heel(), plan.heel().list(), rounds == 0 ? List.of() : corners);
        close("heel", plan.heel(), plan.heelGraft());
    }

    private void open(Opening opening) {
        opening.snip()
                .ifPresent(snip -> add(new LapStep(
                        "snip",
                        Doing.CUT,
                        "Cut",
                        "One hand flat inside the tube. Snip one leg" + " of stitch " + snip.count() + " of the " + half
                                + " in the row between the needles, and nothing else.",
                        loops(),
                        List.of(new Press("Stitch " + snip.count() + " is cut", loops())),
                        OptionalInt.of(half),
                        true,
                        Optional.of(Stage.OPEN))));
        int out = opening.comesOut().count();
        String what = opening.way().cuts() ? "Unpick to both sides: " : "Draw the waste yarn out: ";
        add(step(
                "unpick",
                Doing.UNPICK,
                opening.way().cuts() ? "Unpick" : "Waste yarn out",
                what + out + " stitches come out.",
                List.of(new Press(out + " stitches are out", loops())),
                Stage.OPEN));
        int live = opening.live().count();
        boolean extra = opening.corners() == Corners.PICK_UP;
        add(step(
                "corners",
                Doing.CORNERS,
                "Corners",
                extra
                        ? "Pick up " + (live - loops()) / 2 + " extra loops at each corner: " + live
                                + " loops are live."
                        : "At each corner the last stitches stay in the row, so that no hole forms: "
                                + opening.corners().title() + ".",
                List.of(new Press(live + " loops are live", live)),
                Stage.OPEN));
    }

    /** The toe; where it waits, its loops are taken up first. */
    private void toe(boolean waits) {
        if (waits) {
            pickUp(
                    "toe-pick-up",
                    "Pick up the toe",
                    "Put the toe's " + stitches + " loops on the needles, " + half + " on each"
                            + " side, in line with the corners of the heel.",
                    stitches);
        }
        shape("toe", "Toe", plan.toe(), plan.toe().list(), List.of());
        close("toe", plan.toe(), plan.toeGraft());
    }
}
