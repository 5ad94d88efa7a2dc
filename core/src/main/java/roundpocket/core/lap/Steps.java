package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;

/** The steps of one sock, section by section. */
final class Steps {
    /** Rounds knitted past the line before a heel at once is opened: its loops need some fabric to hold them. */
    private static final int PAST_THE_LINE = 10;

    private final SockPlan plan;
    private final int stitches;
    private final int half;
    private final StepWriter out;
    private final HeelSteps heel;
    private final PatternWords pattern;

    Steps(SockPlan plan) {
        this.plan = plan;
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
        this.out = new StepWriter(plan);
        this.heel = new HeelSteps(plan, out);
        this.pattern = new PatternWords(plan);
    }

    List<LapStep> all(HeelWhen heelWhen, int sock) {
        boolean toeFirst = plan.toe().shaping().begun()
                || plan.tube().toeStart().toeFirst() && plan.tube().way() == Way.TOE_UP;
        switch (plan.tube().way()) {
            case TOE_UP -> toeUp(toeFirst, heelWhen);
            case CUFF_DOWN -> cuffDown(heelWhen);
            case READY_TUBE -> readyTube(heelWhen, sock);
        }
        heel.cornersLater();
        out.one(
                Doing.FINISH,
                StepName.ENDS,
                "Ends",
                "Weave the ends in on the inside, over 6 to 8 sts, on the instep and not under the sole. Leave a little of"
                        + " each until the first wash.",
                Stage.FINISH);
        out.one(
                Doing.FINISH,
                StepName.WASH,
                "Wash",
                "Wash it and dry it flat on a form. Then wear it, and note how it fits.",
                Stage.WEAR);
        return out.written();
    }

    /** The old heel comes off at its first round; the loops of the tube beneath it are what the new one begins with. */
    List<LapStep> newHeel() {
        heel.old();
        out.one(
                Doing.FINISH,
                StepName.ENDS,
                "Ends",
                "Close the corners with the beginning of the yarn, and weave the ends in on the inside.",
                Stage.FINISH);
        return out.written();
    }

    private void toeUp(boolean toeFirst, HeelWhen heelWhen) {
        if (toeFirst) {
            beginAtToe();
        } else {
            out.begin(
                    "Cast on",
                    plan.technique().provisionalTaken().begin(stitches) + " Join in the round. " + halves()
                            + " The toe is picked up there later.",
                    stitches,
                    Section.FOOT);
        }
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        foot(0, foot);
        heel.line();
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, leg);
            out.rounds(StepName.LEG_BEGUN, "Leg, begun", pattern.of(Section.LEG, 0, past));
            out.hold(StepName.LEG_HELD, "The leg waits");
            heel.all();
            out.resume(StepName.LEG_TAKEN_UP, "The leg goes on");
            leg(past, leg);
        } else {
            leg(0, leg);
        }
        countTube();
        cuff();
        bindOff();
        if (heelWhen == HeelWhen.AT_ONCE) {
            if (!toeFirst) {
                toeFromWaste();
            }
        } else if (heelWhen == HeelWhen.LAST && !toeFirst) {
            toeFromWaste();
            heel.all();
        } else {
            heel.all();
            if (!toeFirst) {
                toeFromWaste();
            }
        }
    }

    /** Which half of a round is which. */
    private String halves() {
        return "The first " + half + " sts of a round are the sole, the other " + half + " the instep.";
    }

    private void cuffDown(HeelWhen heelWhen) {
        out.begin(
                "Cast on",
                "Cast on " + stitches + " sts loosely and join in the round. " + halves()
                        + " The edge must go over the heel.",
                stitches,
                Section.CUFF);
        cuff();
        int foot = plan.tube().rounds().foot().count();
        leg(0, plan.tube().rounds().leg().count());
        heel.line();
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, foot);
            out.rounds(StepName.FOOT_BEGUN, "Foot, begun", pattern.of(Section.FOOT, 0, past));
            out.hold(StepName.FOOT_HELD, "The foot waits");
            heel.all();
            out.resume(StepName.FOOT_TAKEN_UP, "The foot goes on");
            foot(past, foot);
            countTube();
            toe();
            return;
        }
        foot(0, foot);
        countTube();
        if (heelWhen == HeelWhen.LAST) {
            toe();
            heel.all();
        } else {
            out.hold(StepName.FOOT_HELD, "The toe waits");
            heel.all();
            out.resume(StepName.TOE_PICK_UP, "The toe");
            toe();
        }
    }

    // --- a ready tube ----------------------------------------------------------------------------------------------

    /** All cuts are made with the first sock; the second begins with its piece. */
    private void readyTube(HeelWhen heelWhen, int sock) {
        ReadyTubeSteps ready = new ReadyTubeSteps(plan, out);
        if (sock == 1) {
            ready.cutPieces();
        } else {
            ready.secondPiece();
        }
        ready.cuffEnd(sock);
        cuff();
        bindOff();
        if (heelWhen == HeelWhen.LAST) {
            ready.columns();
            ready.toeEnd(sock);
            toe();
            ready.findLine();
            heel.all();
        } else {
            ready.findLine();
            heel.all();
            ready.toeEnd(sock);
            toe();
        }
    }

    private void foot(int from, int to) {
        out.rounds(StepName.FOOT, "Foot", pattern.of(Section.FOOT, from, to));
    }

    private void leg(int from, int to) {
        out.rounds(StepName.LEG, "Leg", pattern.of(Section.LEG, from, to));
    }

    // --- the parts -------------------------------------------------------------------------------------------------

    private void beginAtToe() {
        if (plan.tube().toeStart() == ToeStart.SHORT_ROWS) {
            out.begin(
                    "Cast on",
                    plan.technique().provisionalTaken().begin(half) + " They are the instep’s half of the toe.",
                    half,
                    Section.TOE);
            out.shape(StepName.TOE, "Toe", plan.toe().shaping(), toeRounds(true));
            out.pickUp(
                    StepName.TOE_OTHER_SIDE,
                    "The other half",
                    "Pick up the " + (stitches - half) + " sts where you cast on. "
                            + plan.technique().provisionalTaken().undo() + " Join in the round. " + halves(),
                    stitches - half);
            if (!toeRounds(false).isEmpty()) {
                out.shape(StepName.TOE_PLAIN, "Toe, plain", plan.toe().shaping(), toeRounds(false));
            }
            return;
        }
        int tip = 2 * plan.toe().shaping().closingSide().count();
        out.begin(
                "Cast on",
                "Begin closed with " + tip + " sts, " + tip / 2
                        + " on each of two needles. The first needle is the sole," + " the other the instep.",
                tip,
                Section.TOE);
        out.shape(
                StepName.TOE, "Toe", plan.toe().shaping(), plan.toe().shaping().list());
    }

    /** The short rows of a toe, or its rounds: these need the loops of the other side too. */
    private List<ShapingRound> toeRounds(boolean shortRows) {
        return plan.toe().shaping().list().stream()
                .filter(round -> (round.kind() == ShapingRound.Kind.SHORT_ROW) == shortRows)
                .toList();
    }

    private void countTube() {
        out.check(
                StepName.TUBE_COUNT,
                "Count the tube",
                "Count both halves: " + half + " and " + half + " sts.",
                half,
                Stage.KNIT);
    }

    private void cuff() {
        int number = plan.cuff().rounds().count();
        String rib = plan.cuff().rib().instruction() + ".";
        List<Press> presses = new ArrayList<>(out.repeated(number, rib));
        if (plan.cuff().firstRoundPlain() && number > 0) {
            presses.set(0, new Press("Knit this round plain: the yarn changes here.", out.loops(), out.loops()));
        }
        if (number > 0) {
            out.add(out.step(
                    StepName.CUFF, Doing.ROUNDS, "Cuff", rib, out.joining(StepName.CUFF, presses), Stage.KNIT));
        }
    }

    private void bindOff() {
        out.add(out.step(
                StepName.BIND_OFF,
                Doing.CLOSE,
                "Bind off",
                "Bind off loosely with a stretchy bind-off and join the last st to the first. Test it now: it must go over"
                        + " the heel.",
                List.of(new Press("Bound off", 0)),
                Stage.KNIT));
        out.yarnCut();
    }

    private void toeFromWaste() {
        out.through(Sharing.TOE_THROUGH);
        out.pickUp(
                StepName.TOE_PICK_UP,
                "Pick up the toe",
                "Put the toe’s " + stitches + " sts on two needles, " + half
                        + " on each, in line with the corners of the heel. "
                        + plan.technique().provisionalTaken().undo(),
                stitches);
        toe();
        out.inCommon();
    }

    private void toe() {
        out.shape(
                StepName.TOE, "Toe", plan.toe().shaping(), plan.toe().shaping().list());
        out.close(Section.TOE, plan.toe().shaping(), plan.toe().graft(), tail(plan, Section.TOE));
    }

    /** The tail that closes a heel or a toe. */
    static Amount tail(SockPlan plan, Section section) {
        Step tail = section == Section.HEEL
                ? plan.yarn().heelTail()
                : plan.yarn().toeTail().orElse(plan.yarn().heelTail());
        return Amount.mm(tail.value());
    }

    static Map<String, Amount> length(Step length) {
        return Map.of("length", Amount.mm(length.value()));
    }
}
