package roundpocket.core.lap;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Stage;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.StripePlan;
import roundpocket.core.plan.StripePlan.ColourRound;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Counted;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.work.Edge;
import roundpocket.core.work.ReadyWork;
import roundpocket.core.work.Work;

/**
 * What is done to a ready tube before and between cuff, heel and toe. What is left over lies between the two pieces: the
 * first has its cut rim at the cuff, the second at the toe, and both lie the same way.
 */
final class ReadyTubeSteps {
    private final SockPlan plan;
    private final TubeCut cut;
    private final int stitches;
    private final int half;
    private final StepWriter out;

    private static final String TRY_ENDS =
            "Try both ends: open what closes each, draw the first half st through, and pull a"
                    + " little. Plain knitting unravels from either end, rib only from the end that was knitted last, an edge that was"
                    + " cast on or bound off from neither. Then put each end on a thread again.";

    /** Colours are reckoned from the bands that were entered, and drift; rounds are there to be counted. */
    private static final String BY_COUNT = "; where it doesn’t, go by the count.";

    ReadyTubeSteps(SockPlan plan, StepWriter out) {
        this.plan = plan;
        this.cut = plan.tube().cut().orElseThrow();
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
        this.out = out;
    }

    /** The tube is counted, its yarn ravelled where it is needed, and each piece cut off. */
    void cutPieces() {
        int piece = piece();
        if (cut.cut() == Cut.PIECES) {
            take(
                    StepName.READY_COUNT,
                    "Count both pieces",
                    Stage.OPEN,
                    piece,
                    "Count once around each piece: " + stitches
                            + " sts. Then count along a column, spare rounds left out: " + piece
                            + " rounds in each. Lay them with their toes at the same end.");
            return;
        }
        take(
                StepName.READY_COUNT,
                "Count the tube",
                Stage.OPEN,
                cut.tubeRounds().count(),
                "Count once around the tube: " + stitches
                        + " sts. Choose the end that becomes the toe of the first sock; the toe of the second lies the"
                        + " same way. See which way the Vs of the sts point at that end, and note it. " + TRY_ENDS);
        cut.ravelled()
                .ifPresent(rounds -> out.one(
                        StepName.READY_RAVEL,
                        Doing.UNPICK,
                        "Unravel yarn",
                        Stage.OPEN,
                        "Done",
                        new ReadyWork.Ravel(rounds.count(), YarnRole.MAIN)));
        for (int number = 1; number <= cut.cuts(); number++) {
            cutOff(number, piece);
        }
    }

    /** Rounds of a piece; where the tube is too short for two of them, which is refused before it is begun, what it has. */
    private int piece() {
        int there = cut.tubeRounds().count() - cut.ravelled().map(Step::count).orElse(0);
        int wanted = cut.pieceRounds().count();
        return cut.cut() == Cut.PIECES ? wanted : Math.min(wanted, there - 1);
    }

    private void take(StepName name, String title, Stage stage, int rounds, String how) {
        out.one(name, Doing.CHECK, title, stage, "Done", new ReadyWork.Take(rounds, stitches, how));
    }

    private void cutOff(int number, int piece) {
        boolean first = number == 1;
        String from = first ? "end that becomes the first toe" : "other end of the tube";
        out.one(
                first ? StepName.RIMS_1 : StepName.RIMS_2,
                Doing.PICK_UP,
                cut.cuts() == 1 ? "Needles beside the cut" : "Needles beside cut " + number,
                Stage.OPEN,
                "Both edges are held",
                new ReadyWork.HoldRims(
                        piece, stitches, from, Amount.mm(cut.pieceLength().value()), atTheCut(first)));
        out.one(
                first ? StepName.RIMS_COUNT_1 : StepName.RIMS_COUNT_2,
                Doing.CHECK,
                "Count both edges",
                Stage.OPEN,
                stitches + " and " + stitches,
                new ReadyWork.CountRims(stitches));
        out.one(
                first ? StepName.CUT_1 : StepName.CUT_2,
                Doing.CUT,
                cut.cuts() == 1 ? "Cut the tube" : "Cut " + number,
                Stage.OPEN,
                "The piece is off",
                new ReadyWork.CutRound(piece));
    }

    /** What is seen of a striped tube where a piece ends, spare rounds left out; empty for one of a single colour. */
    private String atTheCut(boolean first) {
        Optional<StripePlan> stripes = plan.stripes().filter(any -> !any.oneColour());
        int toe = plan.toe().shaping().rounds().count();
        int leg = plan.tube().rounds().leg().count();
        return stripes.map(colours -> {
                    List<ColourRound> laid = colours.socks().get(first ? 0 : 1).tube();
                    ColourRound last =
                            laid.get(first ? toe + plan.tube().rounds().foot().count() + leg - 1 : toe);
                    String colour = colours.bands().get(last.middleBand()).name();
                    int spare = cut.spareRounds().count();
                    String without = spare == 0
                            ? "The piece"
                            : "Without its " + spare + (spare == 1 ? " spare round" : " spare rounds") + " the piece";
                    return first
                            ? " " + without + " should end after the " + Sentence.ordinal(last.inBand())
                                    + " round of the " + Sentence.ordinal(last.nth()) + " " + colour + BY_COUNT
                            : " " + without + " should begin at its toe with " + colour + BY_COUNT;
                })
                .orElse("");
    }

    /** The second sock's piece was cut off with the first. */
    void secondPiece() {
        take(
                StepName.SECOND_PIECE,
                "The second piece",
                Stage.KNIT,
                cut.pieceRounds().count(),
                "Take the second piece, the toe at the same end as in the first: its Vs point the same way. It follows the"
                        + " first round for round; nothing more is cut off.");
    }

    /** The cuff's stitches come onto the needles; the first piece has its cut rim there. */
    void cuffEnd(int sock) {
        out.one(
                StepName.CUFF_ON,
                Doing.PICK_UP,
                "The cuff’s end",
                Stage.KNIT,
                stitches + " sts are on",
                new ReadyWork.OntoNeedles(Edge.CUFF_END, spare(sock == 1), ""));
    }

    /** The toe's stitches come onto the needles; the second piece has its cut rim there. */
    void toeEnd(int sock) {
        out.one(
                StepName.TOE_PICK_UP,
                Doing.PICK_UP,
                "The toe’s end",
                Stage.KNIT,
                stitches + " sts are on",
                new ReadyWork.OntoNeedles(Edge.TOE_END, spare(sock == 2), ", in the columns you marked"));
    }

    /** Rounds that come off a rim first; empty where nobody knows. */
    private Optional<Integer> spare(boolean cutRim) {
        if (cut.cut() == Cut.PIECES) {
            return Optional.empty();
        }
        return Optional.of(cutRim ? cut.spareRounds().count() : 0);
    }

    /** Where the heel is opened: found by counting, since nobody marked it while knitting. */
    void findLine(int sock) {
        int below = plan.tube()
                .heelLine()
                .countedFrom(CountFrom.START_OF_LEG)
                .rounds()
                .count();
        boolean fromToe = plan.tube().heelLine().count().from().atTheToe();
        Counted counted = plan.tube().heelLine().countedFrom(fromToe ? CountFrom.END_OF_TOE : CountFrom.START_OF_LEG);
        boolean spares = !out.work().has(Work.Done.TOE_CLOSED)
                && spare(sock == 2).filter(none -> none == 0).isEmpty();
        String from = fromToe
                ? (out.work().has(Work.Done.TOE_CLOSED) ? "where the toe begins" : "the toe’s end")
                        + (spares ? ", spare rounds left out," : "") + " count {rounds} up"
                : "the start of the leg, just below the cuff, count {rounds} down";
        out.one(
                StepName.FIND_LINE,
                Doing.LINE,
                "Find the heel line",
                Stage.OPEN,
                "The heel line is marked",
                new ReadyWork.FindLine(
                        below,
                        half,
                        plan.opening().snip().orElseThrow().count(),
                        counted.rounds().count(),
                        Amount.mm(counted.length().value()),
                        from));
    }

    /** With the heel last, the toe has no corners to go by. */
    void columns() {
        out.one(StepName.COLUMNS, Doing.CHECK, "Mark the sides", Stage.KNIT, "Done", new ReadyWork.MarkColumns(half));
    }
}
