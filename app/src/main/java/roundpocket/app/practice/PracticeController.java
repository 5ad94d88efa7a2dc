package roundpocket.app.practice;

import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.laps.GraftMoveView;
import roundpocket.core.finish.Move;
import roundpocket.core.finish.Needle;
import roundpocket.core.practice.CutDrill;
import roundpocket.core.practice.GraftDrill;
import roundpocket.core.practice.GraftDrill.LoopState;
import roundpocket.core.practice.PickUpDrill;
import roundpocket.core.practice.ReadingDrill;
import roundpocket.core.practice.TurnDrill;
import roundpocket.core.practice.Verdict;
import roundpocket.core.shaping.Turning;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;

/** Pieces to practise on, over HTTP. A piece is named by its parameters, so nothing is kept between two guesses. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    /** Of the made-up pieces. */
    private static final Gauge GAUGE = new Swatch(List.of(new Reading(30, 100)), List.of(new Reading(42, 100))).gauge();

    /**
     * A graft, once so many of its moves are made.
     *
     * @param moves all its moves
     * @param choices the four that there are to guess from
     * @param front loops of the front needle, from the right
     * @param back loops of the back needle, from the right
     * @param made the moves that are made
     */
    record GraftPiece(
            int moves,
            List<MoveChoice> choices,
            List<LoopState> front,
            List<LoopState> back,
            List<GraftMoveView> made) {}

    /** One of the moves, in words. */
    record MoveChoice(Move move, Needle needle, boolean knitwise, boolean off, String words) {}

    /**
     * A line to pick up along.
     *
     * @param columns stitches in a row
     * @param rows rows of the piece
     * @param line the row that comes out, from 0 at the bottom
     * @param row the row that is picked up
     * @param words what is to be done
     */
    record PickUpPiece(int columns, int rows, int line, int row, String words) {}

    /**
     * A heel line to open.
     *
     * @param columns stitches in a row
     * @param rows rows of the piece
     * @param line the row that comes out, from 0 at the bottom; the rows beside it are on the needles
     * @param corner stitches of it that stay at each end
     */
    record CutPiece(int columns, int rows, int line, int corner) {}

    /**
     * A heel or toe half knitted.
     *
     * @param school how it is shaped
     * @param how what that means
     * @param rows its last rounds, the earliest first; which of them decrease is for the reader to find
     */
    record ReadingPiece(String school, String how, List<ReadingRow> rows) {}

    /** A round as it is drawn: its stitches, and whether its outermost ones lie over two of the round below. */
    record ReadingRow(int stitches, boolean decrease) {}

    /**
     * Short rows half worked.
     *
     * @param how how they are turned, and how the gap is closed
     * @param turned how often each stitch was turned at and is not worked off yet, from the right
     * @param knit whether the next row is knitted, from the right
     * @param back whether the rows grow again
     */
    record TurnPiece(String how, List<Integer> turned, boolean knit, boolean back) {}

    /** What a guess is worth: whether it is right, and why. */
    record VerdictView(boolean right, String words) {
        static VerdictView of(Verdict verdict) {
            return new VerdictView(verdict.right(), verdict.words());
        }
    }

    /** A graft, once {@code done} of its moves are made. */
    @GetMapping("/graft")
    GraftPiece graft(
            @RequestParam int loops, @RequestParam boolean setUp, @RequestParam Needle yarnAt, @RequestParam int done) {
        GraftDrill drill = GraftDrill.of(loops, setUp, yarnAt);
        int moves = drill.graft().list().size();
        int made = Math.max(0, Math.min(moves, done));
        List<List<LoopState>> needles = drill.needles(made);
        return new GraftPiece(
                moves,
                Arrays.stream(Move.values())
                        .map(move -> new MoveChoice(move, move.needle(), move.knitwise(), move.off(), move.words()))
                        .toList(),
                needles.get(0),
                needles.get(1),
                GraftMoveView.of(drill.graft().list().subList(0, made)));
    }

    /** What a guess at the next move is worth. */
    @GetMapping("/graft/guess")
    VerdictView guessMove(
            @RequestParam int loops,
            @RequestParam boolean setUp,
            @RequestParam Needle yarnAt,
            @RequestParam int done,
            @RequestParam Move move) {
        return VerdictView.of(GraftDrill.of(loops, setUp, yarnAt).judge(done, move));
    }

    /** A heel line to open. */
    @GetMapping("/cut")
    CutPiece cut(@RequestParam int columns) {
        CutDrill drill = new CutDrill(columns);
        return new CutPiece(drill.columns(), drill.rows(), drill.line(), drill.corner());
    }

    /** What a cut is worth. */
    @GetMapping("/cut/guess")
    VerdictView guessCut(@RequestParam int columns, @RequestParam int row, @RequestParam int column) {
        return VerdictView.of(new CutDrill(columns).judgeCut(row, column));
    }

    /** What it is worth to unpick up to a stitch. */
    @GetMapping("/cut/stop")
    VerdictView guessStop(@RequestParam int columns, @RequestParam int row, @RequestParam int column) {
        return VerdictView.of(new CutDrill(columns).judgeStop(row, column));
    }

    /** A line to pick up along; the seed decides where it lies. */
    @GetMapping("/pick-up")
    PickUpPiece pickUp(@RequestParam int columns, @RequestParam long seed, @RequestParam boolean left) {
        PickUpDrill drill = PickUpDrill.of(columns, seed, left);
        String side = left ? "left" : "right";
        String words = "Working from " + side + " to " + (left ? "right" : "left") + ", pick up the " + side
                + " leg of each stitch in the row just " + (drill.below() ? "below" : "above") + " the line.";
        return new PickUpPiece(drill.columns(), drill.rows(), drill.line(), drill.row(), words);
    }

    /** What a leg is worth that is taken after {@code done} right ones. */
    @GetMapping("/pick-up/guess")
    VerdictView guessLeg(
            @RequestParam int columns,
            @RequestParam long seed,
            @RequestParam boolean left,
            @RequestParam int done,
            @RequestParam int row,
            @RequestParam int column,
            @RequestParam boolean leftLeg) {
        return VerdictView.of(PickUpDrill.of(columns, seed, left).judge(done, row, column, leftLeg));
    }

    /** A heel or toe half knitted; the seed decides which, and how far. */
    @GetMapping("/reading")
    ReadingPiece reading(@RequestParam long seed) {
        ReadingDrill drill = ReadingDrill.of(seed, GAUGE);
        return new ReadingPiece(
                drill.school().title(),
                drill.school().description(),
                drill.rows().stream()
                        .map(row -> new ReadingRow(row.stitches(), row.decrease()))
                        .toList());
    }

    /** What it is worth to take a round, from 0 at the bottom, for the last with decreases. */
    @GetMapping("/reading/last")
    VerdictView guessLast(@RequestParam long seed, @RequestParam int row) {
        return VerdictView.of(ReadingDrill.of(seed, GAUGE).judgeLast(row));
    }

    /** What it is worth to take the next round for one with decreases, or for a plain one. */
    @GetMapping("/reading/next")
    VerdictView guessNext(@RequestParam long seed, @RequestParam boolean decrease) {
        return VerdictView.of(ReadingDrill.of(seed, GAUGE).judgeNext(decrease));
    }

    /** Short rows half worked; the seed decides how far. */
    @GetMapping("/turn")
    TurnPiece turn(@RequestParam Turning turning, @RequestParam long seed) {
        TurnDrill drill = TurnDrill.of(turning, seed);
        return new TurnPiece(turning.description(), drill.turned(), drill.knit(), drill.back());
    }

    /** What it is worth to turn behind a stitch, counted from the right. */
    @GetMapping("/turn/guess")
    VerdictView guessTurn(@RequestParam Turning turning, @RequestParam long seed, @RequestParam int column) {
        return VerdictView.of(TurnDrill.of(turning, seed).judge(column));
    }
}
