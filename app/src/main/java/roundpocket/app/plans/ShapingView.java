package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.WorkedRound;
import roundpocket.core.shaping.Close;
import roundpocket.core.shaping.Leaning;
import roundpocket.core.shaping.PhasePlan;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound.Kind;
import roundpocket.core.shaping.ShapingSchool;

/**
 * A heel or a toe.
 *
 * @param begun whether it is worked from its tip by increases, or begun in short rows
 * @param graftLoops loops on each needle at the close; none where it is begun at its tip
 * @param list the rounds or rows in the order of work
 */
public record ShapingView(
        ShapingSchool school,
        String title,
        String description,
        String goodFor,
        Leaning leaning,
        Close close,
        String closeTitle,
        boolean begun,
        FigureView plainRounds,
        List<PhaseView> phases,
        FigureView closingSide,
        @Nullable FigureView graftLoops,
        FigureView decreaseRounds,
        FigureView rounds,
        FigureView depth,
        FigureView stitchesWorked,
        List<RoundView> list) {

    static ShapingView of(Workings w, Shaping shaping, List<WorkedRound> rounds) {
        return new ShapingView(
                shaping.school(),
                shaping.school().title(),
                shaping.school().description(),
                shaping.school().goodFor(),
                shaping.choice().leaningTaken(),
                shaping.close(),
                shaping.close().title(),
                shaping.begun(),
                w.figure(shaping.plainRounds()),
                shaping.phases().stream().map(phase -> PhaseView.of(w, phase)).toList(),
                w.figure(shaping.closingSide()),
                w.figure(shaping.graftLoops()),
                w.figure(shaping.decreaseRounds()),
                w.figure(shaping.rounds()),
                w.figure(shaping.depth()),
                w.figure(shaping.stitchesWorked()),
                rounds.stream().map(RoundView::of).toList());
    }

    /** One rhythm; {@code otherSide} is what the other parity would leave, where the target is not reached by twos. */
    public record PhaseView(
            FigureView every,
            @Nullable FigureView target,
            FigureView decreases,
            FigureView side,
            @Nullable Integer otherSide) {
        static PhaseView of(Workings w, PhasePlan phase) {
            return new PhaseView(
                    w.figure(phase.every()),
                    w.figure(phase.target()),
                    w.figure(phase.decreases()),
                    w.figure(phase.side()),
                    phase.otherSide().isPresent() ? phase.otherSide().getAsInt() : null);
        }
    }

    /** One round of a heel or a toe; the instruction is for each side. */
    public record RoundView(
            int number,
            Kind kind,
            int side,
            int stitches,
            int cumulativeStitches,
            double cumulativeG,
            String instruction) {
        static RoundView of(WorkedRound worked) {
            return new RoundView(
                    worked.round().number(),
                    worked.round().kind(),
                    worked.round().side(),
                    worked.round().stitches(),
                    worked.round().cumulative(),
                    worked.cumulativeG(),
                    worked.round().instruction());
        }
    }
}
