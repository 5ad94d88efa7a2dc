package roundpocket.core.lap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Stage;
import roundpocket.core.lap.LapStep.Press;
import roundpocket.core.measure.Amount;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Counted;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.TubeCut;

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

    ReadyTubeSteps(SockPlan plan, StepWriter out) {
        this.plan = plan;
        this.cut = plan.tube().cut().orElseThrow();
        this.stitches = plan.stitchCount().stitches().count();
        this.half = plan.stitchCount().half().count();
        this.out = out;
    }

    /** The tube is counted, its yarn ravelled where it is needed, and each piece cut off. */
    void cutPieces() {
        if (cut.cut() == Cut.PIECES) {
            firstPiece();
            return;
        }
        out.one(
                Doing.CHECK,
                StepName.READY_COUNT,
                "Count the tube",
                "Count once around the tube: " + stitches
                        + " sts. Choose the end that becomes the toe of the first sock;"
                        + " the toe of the second lies the same way.",
                Stage.OPEN);
        cut.ravelled()
                .ifPresent(rounds -> out.one(
                        Doing.UNPICK,
                        StepName.READY_RAVEL,
                        "Unravel yarn",
                        "Unravel " + rounds.count() + " rounds from the far end and wind them up: they are the yarn for"
                                + " heels, toes and cuffs. Put the end on a thread again.",
                        Stage.OPEN));
        for (int number = 1; number <= cut.cuts(); number++) {
            cutOff(number);
        }
    }

    private void firstPiece() {
        out.one(
                Doing.CHECK,
                StepName.READY_COUNT,
                "Count both pieces",
                "Count once around each piece: " + stitches + " sts. Then count along a column, spare rounds left out: "
                        + cut.pieceRounds().count() + " rounds in each. Lay them with their toes at the same end.",
                Stage.OPEN);
    }

    private void cutOff(int number) {
        String from = number == 1
                ? "From the end that becomes the first toe, count "
                : "From the other end of the tube, count ";
        out.add(out.step(
                        number == 1 ? StepName.RIMS_1 : StepName.RIMS_2,
                        Doing.PICK_UP,
                        cut.cuts() == 1 ? "Needles beside the cut" : "Needles beside cut " + number,
                        from
                                + "{rounds}, {length} on the tape. Run a needle or a thread through the last of"
                                + " these rounds,"
                                + " skip one round, and run another through the round after it.",
                        List.of(new Press("Both rims are held", 2 * stitches)),
                        Stage.OPEN)
                .with(Map.of(
                        "rounds", Amount.rounds(cut.pieceRounds().value()),
                        "length", Amount.mm(cut.pieceLength().value()))));
        out.check(
                number == 1 ? StepName.RIMS_COUNT_1 : StepName.RIMS_COUNT_2,
                "Count both rims",
                "Don’t cut until both needles have " + stitches + " sts.",
                stitches,
                Stage.OPEN);
        out.add(new LapStep(
                number == 1 ? StepName.CUT_1 : StepName.CUT_2,
                Doing.CUT,
                cut.cuts() == 1 ? "Cut the tube" : "Cut " + number,
                "Snip one st of the round between the needles and unpick that round all the way around. Both rims"
                        + " can wait"
                        + " on threads.",
                Map.of(),
                out.loops(),
                List.of(new Press("The piece is off", 0)),
                OptionalInt.of(stitches),
                true,
                Optional.of(Stage.OPEN),
                Sharing.EACH));
    }

    /** The second sock's piece was cut off with the first. */
    void secondPiece() {
        out.one(
                Doing.CHECK,
                StepName.SECOND_PIECE,
                "The second piece",
                "Take the second piece, the toe at the same end as in the first. It follows the first round for round;"
                        + " nothing more is cut off.",
                Stage.KNIT);
    }

    /** The cuff's stitches come onto the needles; the first piece has its cut rim there. */
    void cuffEnd(int sock) {
        out.pickUp(
                StepName.CUFF_ON,
                "The cuff’s end",
                "Put the " + stitches + " sts at the cuff’s end on the needles." + spare(sock == 1),
                stitches);
    }

    /** The toe's stitches come onto the needles; the second piece has its cut rim there. */
    void toeEnd(int sock) {
        out.pickUp(
                StepName.TOE_PICK_UP,
                "The toe’s end",
                "Put the " + stitches + " sts at the toe’s end on two needles, " + half
                        + " on each, in the columns you marked." + spare(sock == 2),
                stitches);
    }

    private String spare(boolean cutRim) {
        if (cut.cut() == Cut.PIECES) {
            return " Unravel its spare rounds first, where it has any; their yarn is the tail to weave in.";
        }
        int rounds = cut.spareRounds().count();
        return cutRim
                ? (rounds == 1
                        ? " Unravel the spare round first; its yarn is the tail to weave in."
                        : " Unravel the " + rounds + " spare rounds first; their yarn is the tail to weave in.")
                : "";
    }

    /** Where the heel is opened: found from the leg's start, since nobody marked it while knitting. */
    void findLine() {
        Counted counted = plan.tube().heelLine().countedFrom(CountFrom.START_OF_LEG);
        Step rounds = counted.rounds();
        int snip = plan.opening().snip().orElseThrow().count();
        out.add(out.step(
                        StepName.FIND_LINE,
                        Doing.LINE,
                        "Find the heel line",
                        "From the start of the leg, just below the cuff, count {rounds} down: {length} on the tape."
                                + " The next"
                                + " round is the heel line. Choose the "
                                + half + " sts of the sole, mark st " + snip
                                + " of them and the columns at both ends; the toe keeps to those columns.",
                        List.of(new Press("The heel line is marked", out.loops())),
                        Stage.OPEN)
                .with(Map.of(
                        "rounds", Amount.rounds(rounds.value()),
                        "length", Amount.mm(counted.length().value()))));
    }

    /** With the heel last, the toe has no corners to go by. */
    void columns() {
        out.one(
                Doing.CHECK,
                StepName.COLUMNS,
                "Mark the sides",
                "Mark two columns of sts from cuff to toe, " + half
                        + " sts apart: the sole’s two sides. Toe and heel keep to" + " them.",
                Stage.KNIT);
    }
}
