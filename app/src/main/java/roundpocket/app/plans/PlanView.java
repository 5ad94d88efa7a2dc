package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.opening.Opening;
import roundpocket.core.plan.AxisRound;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnNeed;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.tube.Tube;

/**
 * A plan as it is handed out. Every figure points to its working in {@code steps}.
 *
 * @param outline the sock flat on the table, to scale
 * @param axis the rounds on the tape
 * @param steps all workings, numbered by position; inputs stand before what is made from them
 */
public record PlanView(
        GaugeView gauge,
        ChoicesView choices,
        StitchCountView stitchCount,
        ShapingView toe,
        ShapingView heel,
        TubeView tube,
        OpeningView opening,
        YarnNeedView yarn,
        Outline outline,
        List<AxisRound> axis,
        List<StepView> steps) {

    /** The plan with all its workings. */
    public static PlanView of(SockPlan plan) {
        Workings w = new Workings();
        return new PlanView(
                new GaugeView(
                        w.figure(plan.gauge().stitches()), w.figure(plan.gauge().rounds())),
                new ChoicesView(
                        w.figure(plan.choices().ease()),
                        w.figure(plan.choices().leg()),
                        w.figure(plan.choices().cuff())),
                StitchCountView.of(w, plan.stitchCount()),
                ShapingView.of(w, plan.toe()),
                ShapingView.of(w, plan.heel()),
                TubeView.of(w, plan.tube()),
                OpeningView.of(w, plan.opening()),
                YarnNeedView.of(w, plan.yarn()),
                plan.outline(),
                plan.axis(),
                w.steps());
    }

    /** Stitches and rounds in 10 cm. */
    public record GaugeView(FigureView stitches, FigureView rounds) {}

    /** The choices as they were taken, usual values filled in. */
    public record ChoicesView(FigureView ease, FigureView leg, FigureView cuff) {}

    /** The stitch count and its neighbours. */
    public record StitchCountView(
            FigureView ideal,
            FigureView stitches,
            FigureView half,
            FigureView finishedGirth,
            FigureView realEase,
            List<NeighbourView> neighbours) {
        static StitchCountView of(Workings w, StitchCount count) {
            return new StitchCountView(
                    w.figure(count.ideal()),
                    w.figure(count.stitches()),
                    w.figure(count.half()),
                    w.figure(count.finishedGirth()),
                    w.figure(count.realEase()),
                    count.neighbours().stream()
                            .map(n -> new NeighbourView(n.stitches(), w.figure(n.realEase())))
                            .toList());
        }
    }

    /** A stitch count that could be taken, with the ease it gives. */
    public record NeighbourView(int stitches, FigureView realEase) {}

    /** A heel or a toe. */
    public record ShapingView(
            String school,
            String description,
            String goodFor,
            FigureView plainRounds,
            FigureView closingSide,
            FigureView decreaseRounds,
            FigureView rounds,
            FigureView depth,
            FigureView stitchesWorked,
            List<RoundView> list) {
        static ShapingView of(Workings w, Shaping shaping) {
            return new ShapingView(
                    shaping.school().title(),
                    shaping.school().description(),
                    shaping.school().goodFor(),
                    w.figure(shaping.plainRounds()),
                    w.figure(shaping.closingSide()),
                    w.figure(shaping.decreaseRounds()),
                    w.figure(shaping.rounds()),
                    w.figure(shaping.depth()),
                    w.figure(shaping.stitchesWorked()),
                    shaping.list().stream()
                            .map(r -> new RoundView(r.number(), r.decrease(), r.side(), r.stitches(), r.instruction()))
                            .toList());
        }
    }

    /** One round of a heel or a toe; the instruction is for each side. */
    public record RoundView(int number, boolean decrease, int side, int stitches, String instruction) {}

    /** Where everything lies. */
    public record TubeView(
            FigureView footRounds,
            FigureView openingRound,
            FigureView openingFromStart,
            FigureView openingFromToe,
            FigureView markersBeforeOpening,
            FigureView legRounds,
            FigureView tubeRounds,
            FigureView tubeLength,
            FigureView cuffDepth,
            FigureView allRounds,
            FigureView allLength,
            FigureView sockFoot) {
        static TubeView of(Workings w, Tube tube) {
            return new TubeView(
                    w.figure(tube.footRounds()),
                    w.figure(tube.openingRound()),
                    w.figure(tube.openingFromStart()),
                    w.figure(tube.openingFromToe()),
                    w.figure(tube.markersBeforeOpening()),
                    w.figure(tube.legRounds()),
                    w.figure(tube.tubeRounds()),
                    w.figure(tube.tubeLength()),
                    w.figure(tube.cuffDepth()),
                    w.figure(tube.allRounds()),
                    w.figure(tube.allLength()),
                    w.figure(tube.sockFoot()));
        }
    }

    /** The opening of the heel. */
    public record OpeningView(
            FigureView wasteStitches,
            FigureView below,
            FigureView above,
            FigureView live,
            FigureView cornerStitches,
            FigureView comesOut) {
        static OpeningView of(Workings w, Opening opening) {
            return new OpeningView(
                    w.figure(opening.wasteStitches()),
                    w.figure(opening.below()),
                    w.figure(opening.above()),
                    w.figure(opening.live()),
                    w.figure(opening.cornerStitches()),
                    w.figure(opening.comesOut()));
        }
    }

    /** The yarn of the pair; {@code leftOver} only where the yarn at hand is known. */
    public record YarnNeedView(
            FigureView loopLength,
            List<SectionYarnView> sections,
            FigureView heelTail,
            FigureView toeTail,
            FigureView sockMetres,
            FigureView sockGrams,
            FigureView pairMetres,
            FigureView pairGrams,
            @Nullable FigureView leftOver) {
        static YarnNeedView of(Workings w, YarnNeed yarn) {
            return new YarnNeedView(
                    w.figure(yarn.loopLength()),
                    yarn.sections().stream()
                            .map(s -> new SectionYarnView(
                                    s.section(),
                                    s.section().title(),
                                    w.figure(s.stitches()),
                                    w.figure(s.metres()),
                                    w.figure(s.grams())))
                            .toList(),
                    w.figure(yarn.heelTail()),
                    w.figure(yarn.toeTail()),
                    w.figure(yarn.sockMetres()),
                    w.figure(yarn.sockGrams()),
                    w.figure(yarn.pairMetres()),
                    w.figure(yarn.pairGrams()),
                    yarn.leftOver().map(w::figure).orElse(null));
        }
    }

    /** What one section of one sock takes. */
    public record SectionYarnView(
            Section section, String title, FigureView stitches, FigureView metres, FigureView grams) {}
}
