package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.opening.Corners;
import roundpocket.core.opening.Opening;
import roundpocket.core.opening.Opening.LiveCount;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.tube.CountFrom;
import roundpocket.core.tube.Counted;
import roundpocket.core.tube.Cut;
import roundpocket.core.tube.Placing;
import roundpocket.core.tube.PlacingSchool;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.Tube;
import roundpocket.core.tube.TubeCut;
import roundpocket.core.tube.Way;

/** Tube and opening as they are handed out. */
final class TubeViews {
    private TubeViews() {}

    /**
     * Where everything lies.
     *
     * @param legIsResult whether the leg is what half a tube leaves or a mark on the foot says, and not a wish
     * @param placing where the heel opens, by the chosen school
     * @param placings where every school would open it
     * @param counts the opening, counted from every place that knitters count from
     * @param count the opening, counted from where this knitter counts
     */
    public record TubeView(
            Way way,
            String wayTitle,
            ToeStart toeStart,
            FigureView target,
            FigureView legAbove,
            boolean legIsResult,
            PlacingView placing,
            List<PlacingView> placings,
            FigureView footRounds,
            FigureView openingRound,
            FigureView openingFromToe,
            List<CountedView> counts,
            CountedView count,
            FigureView legRounds,
            FigureView sacrificed,
            FigureView tubeRounds,
            FigureView tubeLength,
            FigureView tradeLength,
            FigureView cuffDepth,
            FigureView allRounds,
            FigureView allLength,
            FigureView sockFoot,
            FigureView footDifference,
            @Nullable CutView cut) {
        static TubeView of(Workings w, Tube tube) {
            return new TubeView(
                    tube.way(),
                    tube.way().title(),
                    tube.toeStart(),
                    w.figure(tube.target()),
                    w.figure(tube.legAbove()),
                    tube.legIsResult(),
                    PlacingView.of(w, tube.placing()),
                    tube.placings().stream().map(p -> PlacingView.of(w, p)).toList(),
                    w.figure(tube.footRounds()),
                    w.figure(tube.openingRound()),
                    w.figure(tube.openingFromToe()),
                    tube.counts().stream().map(c -> CountedView.of(w, c)).toList(),
                    CountedView.of(w, tube.count()),
                    w.figure(tube.legRounds()),
                    w.figure(tube.sacrificed()),
                    w.figure(tube.tubeRounds()),
                    w.figure(tube.tubeLength()),
                    w.figure(tube.tradeLength()),
                    w.figure(tube.cuffDepth()),
                    w.figure(tube.allRounds()),
                    w.figure(tube.allLength()),
                    w.figure(tube.sockFoot()),
                    w.figure(tube.footDifference()),
                    tube.cut().map(cut -> CutView.of(w, cut)).orElse(null));
        }
    }

    /** Where one school opens the heel, the heel that suits it, and how much longer the foot comes out with yours. */
    public record PlacingView(
            PlacingSchool school,
            String title,
            String description,
            String goodFor,
            FigureView distance,
            FigureView openingRound,
            FigureView assumedHeel,
            FigureView outBy) {
        static PlacingView of(Workings w, Placing placing) {
            return new PlacingView(
                    placing.school(),
                    placing.school().title(),
                    placing.school().description(),
                    placing.school().goodFor(),
                    w.figure(placing.distance()),
                    w.figure(placing.openingRound()),
                    w.figure(placing.assumedHeel()),
                    w.figure(placing.outBy()));
        }
    }

    /** The opening, counted from one place. */
    public record CountedView(CountFrom from, String title, FigureView rounds, FigureView length, FigureView markers) {
        static CountedView of(Workings w, Counted counted) {
            return new CountedView(
                    counted.from(),
                    counted.from().title(),
                    w.figure(counted.rounds()),
                    w.figure(counted.length()),
                    w.figure(counted.markers()));
        }
    }

    /** How a ready tube gives two socks. */
    public record CutView(
            Cut cut,
            FigureView tubeRounds,
            @Nullable FigureView ravelled,
            FigureView spareRounds,
            FigureView pieceRounds,
            FigureView pieceLength,
            int cuts,
            FigureView remnantRounds,
            FigureView remnantLength) {
        static CutView of(Workings w, TubeCut cut) {
            return new CutView(
                    cut.cut(),
                    w.figure(cut.tubeRounds()),
                    w.figure(cut.ravelled()),
                    w.figure(cut.spareRounds()),
                    w.figure(cut.pieceRounds()),
                    w.figure(cut.pieceLength()),
                    cut.cuts(),
                    w.figure(cut.remnantRounds()),
                    w.figure(cut.remnantLength()));
        }
    }

    /** The opening of the heel; {@code counts} are the live loops at the pick-up and after the first rounds. */
    public record OpeningView(
            OpeningWay way,
            String wayTitle,
            String wayDescription,
            Corners corners,
            String cornersTitle,
            FigureView line,
            FigureView below,
            FigureView above,
            FigureView live,
            @Nullable FigureView cornerStitches,
            FigureView comesOut,
            @Nullable FigureView snip,
            FigureView heelSide,
            List<LiveCount> counts) {
        static OpeningView of(Workings w, Opening opening) {
            return new OpeningView(
                    opening.way(),
                    opening.way().title(),
                    opening.way().description(),
                    opening.corners(),
                    opening.corners().title(),
                    w.figure(opening.line()),
                    w.figure(opening.below()),
                    w.figure(opening.above()),
                    w.figure(opening.live()),
                    w.figure(opening.cornerStitches()),
                    w.figure(opening.comesOut()),
                    w.figure(opening.snip()),
                    w.figure(opening.heelSide()),
                    opening.counts());
        }
    }
}
