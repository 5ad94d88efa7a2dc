package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.StepWriter.Drafted;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.shaping.ShapingRound;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Way;
import roundpocket.core.work.BeginWork;
import roundpocket.core.work.BeginWork.Start;
import roundpocket.core.work.Edge;
import roundpocket.core.work.FinishWork;
import roundpocket.core.work.Operation;
import roundpocket.core.work.Rows;
import roundpocket.core.work.TubeWork;

/** The steps of one sock, section by section. */
final class Steps {
    /** Rounds knitted past the line before a heel at once is opened: its loops need some fabric to hold them. */
    private static final int PAST_THE_LINE = 10;

    private final SockPlan plan;
    private final int sock;
    private final int stitches;
    private final int half;
    /** The end of the tube that is on the needles while it is knitted. */
    private final Edge end;
    /** Where a round of the tube is to begin. */
    private final RoundStart wanted;

    private final StepWriter out;
    private final ShapeSteps shapes;
    private final HeelSteps heel;
    private final PatternWords pattern;

    Steps(SockPlan plan, int sock) {
        this.plan = plan;
        this.sock = sock;
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
        this.end = plan.tube().way() == Way.CUFF_DOWN ? Edge.TOE_END : Edge.CUFF_END;
        this.wanted = plan.technique().roundStartTaken();
        this.out = new StepWriter(plan, atHand(plan, sock));
        this.shapes = new ShapeSteps(plan, out, new WindOffs(plan, sock));
        this.heel = new HeelSteps(plan, out, shapes);
        this.pattern = new PatternWords(plan);
    }

    /** The balls there are before the first step: the main yarn of a tube without a contrast is still in it. */
    private static Set<YarnRole> atHand(SockPlan plan, int sock) {
        boolean ravelled =
                sock == 1 && plan.tube().cut().flatMap(cut -> cut.ravelled()).isPresent();
        Set<YarnRole> all = EnumSet.noneOf(YarnRole.class);
        all.addAll(plan.yarn().models().keySet());
        if (ravelled) {
            all.remove(YarnRole.MAIN);
        }
        return all;
    }

    LapPlan all(HeelWhen heelWhen) {
        boolean toeFirst = plan.toe().shaping().begun()
                || plan.tube().toeStart().toeFirst() && plan.tube().way() == Way.TOE_UP;
        switch (plan.tube().way()) {
            case TOE_UP -> toeUp(toeFirst, heelWhen);
            case CUFF_DOWN -> cuffDown(heelWhen);
            case READY_TUBE -> readyTube(heelWhen);
        }
        heel.cornersLater();
        finish(StepName.ENDS, "Ends", Stage.FINISH, new FinishWork.WeaveIn());
        finish(StepName.WASH, "Wash", Stage.WEAR, new FinishWork.Wash());
        return new LapPlan(out.begun(), out.written());
    }

    private void finish(StepName name, String title, Stage stage, Operation operation) {
        out.one(name, Doing.FINISH, title, stage, "Done", operation);
    }

    /** The old heel comes off at its first round; the loops of the tube beneath it are what the new one begins with. */
    List<LapStep> newHeel() {
        heel.old();
        finish(StepName.ENDS, "Ends", Stage.FINISH, new FinishWork.WeaveIn());
        return out.written();
    }

    private void toeUp(boolean toeFirst, HeelWhen heelWhen) {
        if (toeFirst) {
            beginAtToe();
        } else {
            castOn(Section.FOOT, Start.OPEN_ROUND, stitches, List.of());
        }
        int foot = plan.tube().rounds().foot().count();
        int leg = plan.tube().rounds().leg().count();
        tube(Section.FOOT, StepName.FOOT, "Foot", 0, foot);
        heel.line(end);
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, leg);
            tube(Section.LEG, StepName.LEG_BEGUN, "Leg, first rounds", 0, past);
            out.hold(StepName.LEG_HELD, "Put the leg on hold", end, Section.HEEL);
            heel.all();
            takeUp(StepName.LEG_TAKEN_UP, "Back to the leg");
            tube(Section.LEG, StepName.LEG, "Leg", past, leg);
        } else {
            tube(Section.LEG, StepName.LEG, "Leg", 0, leg);
        }
        countTube();
        cuff();
        bindOff();
        if (heelWhen == HeelWhen.LAST && !toeFirst) {
            toeFromWaste();
            heel.all();
            return;
        }
        if (heelWhen != HeelWhen.AT_ONCE) {
            heel.all();
        }
        if (!toeFirst) {
            toeFromWaste();
        }
    }

    private void cuffDown(HeelWhen heelWhen) {
        castOn(Section.CUFF, Start.EDGE, stitches, List.of(new BeginWork.EdgeStays()));
        cuff();
        int foot = plan.tube().rounds().foot().count();
        tube(Section.LEG, StepName.LEG, "Leg", 0, plan.tube().rounds().leg().count());
        heel.line(end);
        if (heelWhen == HeelWhen.AT_ONCE) {
            int past = Math.min(PAST_THE_LINE, foot);
            tube(Section.FOOT, StepName.FOOT_BEGUN, "Foot, first rounds", 0, past);
            out.hold(StepName.FOOT_HELD, "Put the foot on hold", end, Section.HEEL);
            heel.all();
            takeUp(StepName.FOOT_TAKEN_UP, "Back to the foot");
            tube(Section.FOOT, StepName.FOOT, "Foot", past, foot);
            countTube();
            toe();
            return;
        }
        tube(Section.FOOT, StepName.FOOT, "Foot", 0, foot);
        countTube();
        if (heelWhen == HeelWhen.LAST) {
            toe();
            heel.all();
        } else {
            out.hold(StepName.FOOT_HELD, "Put the foot on hold", end, Section.HEEL);
            heel.all();
            takeUp(StepName.TOE_PICK_UP, "On to the toe");
            toe();
        }
    }

    private void takeUp(StepName name, String title) {
        out.one(name, Doing.PICK_UP, title, Stage.KNIT, stitches + " sts are on", new TubeWork.TakeUp(end));
    }

    // --- a ready tube ----------------------------------------------------------------------------------------------

    /** All cuts are made with the first sock; the second begins with its piece. */
    private void readyTube(HeelWhen heelWhen) {
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
            ready.findLine(sock);
            heel.all();
        } else {
            ready.findLine(sock);
            heel.all();
            ready.toeEnd(sock);
            toe();
        }
    }

    // --- the parts -------------------------------------------------------------------------------------------------

    private void castOn(Section first, Start start, int number, List<Operation> more) {
        Provisional provisional = plan.technique().provisionalTaken();
        List<Operation> all = new ArrayList<>();
        RoundStart begins =
                switch (start) {
                    case EDGE, OPEN_ROUND -> wanted;
                    case CLOSED -> wanted == RoundStart.MIDDLE ? RoundStart.SOLE : wanted;
                    case OPEN_HALF -> RoundStart.SOLE;
                };
        all.add(new BeginWork.CastOn(start, number, half, out.roleOf(first), provisional, begins));
        all.addAll(more);
        out.one(StepName.BEGIN, Doing.BEGIN, "Cast on", Stage.KNIT, number + " sts are on", all);
    }

    /** Rounds of foot or leg, {@code from} to {@code to} of them. */
    private void tube(Section section, StepName name, String title, int from, int to) {
        boolean first = from == 0 && section == Section.FOOT && plan.tube().way() == Way.TOE_UP;
        RoundStart begins = first ? wanted : out.work().begins();
        List<PatternWords.Due> due = pattern.of(section, begins, from, to);
        boolean plain = due.stream().allMatch(round -> round.pattern() == 0);
        YarnRole role = out.roleOf(section);
        List<Drafted> rounds = IntStream.range(0, due.size())
                .mapToObj(i -> new Drafted(
                        List.of(new TubeWork.Round(
                                end,
                                section,
                                Rows.Kind.ROUND,
                                role,
                                from + i + 1,
                                due.get(i).pattern(),
                                due.get(i).words())),
                        stitches,
                        due.get(i).pattern()))
                .toList();
        out.rounds(name, title, plain ? "Knit." : "Work in pattern.", end, begins, rounds);
    }

    private void beginAtToe() {
        List<Operation> closed = List.of(new BeginWork.TipClosed());
        List<ShapingRound> all = plan.toe().shaping().list();
        if (plan.tube().toeStart() != ToeStart.SHORT_ROWS) {
            castOn(
                    Section.TOE,
                    Start.CLOSED,
                    2 * plan.toe().shaping().closingSide().count(),
                    closed);
            shapes.rounds(StepName.TOE, "Toe", Section.TOE, end, all);
            return;
        }
        castOn(Section.TOE, Start.OPEN_HALF, half, List.of());
        shapes.rounds(
                StepName.TOE,
                "Toe",
                Section.TOE,
                end,
                all.stream()
                        .filter(round -> round.kind() == ShapingRound.Kind.SHORT_ROW)
                        .toList());
        out.one(
                StepName.TOE_OTHER_SIDE,
                Doing.PICK_UP,
                "The other half",
                Stage.KNIT,
                stitches + " sts are on",
                List.of(
                        new TubeWork.FromWaste(end, false, plan.technique().provisionalTaken()),
                        new BeginWork.TipClosed()));
        shapes.rounds(
                StepName.TOE_PLAIN,
                "Toe, plain",
                Section.TOE,
                end,
                all.stream()
                        .filter(round -> round.kind() != ShapingRound.Kind.SHORT_ROW)
                        .toList());
    }

    private void countTube() {
        out.one(
                StepName.TUBE_COUNT,
                Doing.CHECK,
                "Count the tube",
                Stage.KNIT,
                half + " and " + half,
                new TubeWork.CountTube(end, half, out.work().rounds()));
    }

    private void cuff() {
        String rib = plan.cuff().rib().instruction() + ".";
        YarnRole role = out.roleOf(Section.CUFF);
        // The purl bumps of the first round would show the other colour; an edge that is cast on would roll.
        boolean plain = plan.cuff().firstRoundPlain() && plan.tube().way() != Way.CUFF_DOWN;
        List<Drafted> rounds = IntStream.rangeClosed(1, plan.cuff().rounds().count())
                .mapToObj(number -> new Drafted(
                        new TubeWork.Round(
                                end,
                                Section.CUFF,
                                Rows.Kind.ROUND,
                                role,
                                number,
                                0,
                                plain && number == 1 ? "Knit this round plain: the yarn changes here." : rib),
                        stitches))
                .toList();
        out.rounds(StepName.CUFF, "Cuff", rib, end, rounds);
    }

    private void bindOff() {
        out.one(
                StepName.BIND_OFF,
                Doing.CLOSE,
                "Bind off",
                Stage.KNIT,
                "Bound off",
                new TubeWork.BindOff(
                        end,
                        out.roleOf(Section.CUFF),
                        stitches,
                        plan.cuff().rounds().count()));
    }

    private void toeFromWaste() {
        out.through(Sharing.TOE_THROUGH);
        out.one(
                StepName.TOE_PICK_UP,
                Doing.PICK_UP,
                "Pick up the toe",
                Stage.KNIT,
                stitches + " sts are on",
                new TubeWork.FromWaste(Edge.TOE_END, true, plan.technique().provisionalTaken()));
        toe();
        out.inCommon();
    }

    /** The close of a toe is one sock's to its end: a graft goes on on the sock that it was begun on. */
    private void toe() {
        shapes.rounds(
                StepName.TOE,
                "Toe",
                Section.TOE,
                Edge.TOE_END,
                plan.toe().shaping().list());
        out.through(Sharing.TOE_THROUGH);
        shapes.close(Section.TOE);
        out.inCommon();
    }
}
