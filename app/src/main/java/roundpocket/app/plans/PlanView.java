package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.JudgeViews.AnswersView;
import roundpocket.app.plans.JudgeViews.CautionView;
import roundpocket.app.plans.JudgeViews.DoubtView;
import roundpocket.app.plans.StepView.RuleView;
import roundpocket.app.plans.TubeViews.OpeningView;
import roundpocket.app.plans.TubeViews.TubeView;
import roundpocket.app.plans.YarnViews.YarnNeedView;
import roundpocket.core.finish.Graft;
import roundpocket.core.finish.Graft.GraftMove;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;
import roundpocket.core.foot.Measures;
import roundpocket.core.judge.Answers;
import roundpocket.core.judge.Caution;
import roundpocket.core.judge.Doubts;
import roundpocket.core.judge.Questions;
import roundpocket.core.measure.LengthUnit;
import roundpocket.core.plan.AxisRound;
import roundpocket.core.plan.CuffPlan;
import roundpocket.core.plan.Fit;
import roundpocket.core.plan.Outline;
import roundpocket.core.plan.Replan;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.GaugeAdvice;
import roundpocket.core.swatch.GaugeAdvice.Verdict;

/**
 * A plan as it is handed out. Every figure points to its working in {@code steps}.
 *
 * @param outline the sock flat on the table, to scale
 * @param axis the rounds on the tape
 * @param doubts what a careful friend would say, heaviest first
 * @param cautions where the work can hurt someone, with the steps of the work they belong to
 * @param answers the answers to what was asked besides
 * @param steps all workings, numbered by position; inputs stand before what is made from them
 * @param rules the rules that the workings name
 */
public record PlanView(
        MeasuresView foot,
        GaugeView gauge,
        @Nullable GaugeAdviceView gaugeAdvice,
        ChoicesView choices,
        StitchCountView stitchCount,
        ShapingView toe,
        ShapingView heel,
        FitView fit,
        TubeView tube,
        OpeningView opening,
        CuffView cuff,
        @Nullable GraftView heelGraft,
        @Nullable GraftView toeGraft,
        YarnNeedView yarn,
        @Nullable ReplanView replan,
        Outline outline,
        List<AxisRound> axis,
        List<DoubtView> doubts,
        List<CautionView> cautions,
        AnswersView answers,
        List<StepView> steps,
        List<RuleView> rules) {

    /** The plan of a specification with all its workings, said in the reader's unit of length. */
    public static PlanView of(SpecPart part, LengthUnit lengths) {
        SockSpec spec = part.toCore();
        return of(spec, spec.plan(), part.questionsAsked(), lengths);
    }

    /** A plan that was made already. */
    public static PlanView of(SockSpec spec, SockPlan plan, Questions questions, LengthUnit lengths) {
        Workings w = new Workings();
        return new PlanView(
                MeasuresView.of(w, plan.foot()),
                new GaugeView(
                        w.figure(plan.gauge().stitches()), w.figure(plan.gauge().rounds())),
                plan.gaugeAdvice().map(a -> GaugeAdviceView.of(w, a)).orElse(null),
                new ChoicesView(
                        w.figure(plan.ease()),
                        w.figure(plan.leg()),
                        w.figure(plan.cuff().rounds())),
                StitchCountView.of(w, plan.stitchCount()),
                ShapingView.of(w, plan.toe(), plan.toeRounds()),
                ShapingView.of(w, plan.heel(), plan.heelRounds()),
                FitView.of(w, plan.fit()),
                TubeView.of(w, plan.tube()),
                OpeningView.of(w, plan.opening()),
                CuffView.of(plan.cuff()),
                plan.heelGraft().map(g -> GraftView.of(w, g)).orElse(null),
                plan.toeGraft().map(g -> GraftView.of(w, g)).orElse(null),
                YarnNeedView.of(w, plan.yarn()),
                plan.replan().map(r -> ReplanView.of(w, r)).orElse(null),
                plan.outline(),
                plan.axis(),
                Doubts.of(spec, plan).stream()
                        .map(doubt -> DoubtView.of(w, doubt, lengths))
                        .toList(),
                Caution.of(plan).stream().map(CautionView::of).toList(),
                AnswersView.of(w, Answers.of(spec, plan, questions)),
                w.steps(),
                w.rules());
    }

    /** The measures that the pair is planned on. */
    public record MeasuresView(
            FigureView length,
            FigureView ballGirth,
            FigureView heelDiagonal,
            FigureView legGirth,
            boolean lengthEstimated,
            boolean ballGuessed,
            boolean diagonalEstimated,
            boolean legEstimated) {
        static MeasuresView of(Workings w, Measures foot) {
            return new MeasuresView(
                    w.figure(foot.length()),
                    w.figure(foot.ballGirth()),
                    w.figure(foot.heelDiagonal()),
                    w.figure(foot.legGirth()),
                    foot.lengthEstimated(),
                    foot.ballGuessed(),
                    foot.diagonalEstimated(),
                    foot.legEstimated());
        }
    }

    /** Stitches and rounds in 10 cm. */
    public record GaugeView(FigureView stitches, FigureView rounds) {}

    /** What to do about the needle; {@code tryMm} and {@code tryUs} name the next one. */
    public record GaugeAdviceView(
            FigureView offBy,
            Verdict verdict,
            String words,
            @Nullable Double tryMm,
            @Nullable String tryUs) {
        static GaugeAdviceView of(Workings w, GaugeAdvice advice) {
            return new GaugeAdviceView(
                    w.figure(advice.offBy()),
                    advice.verdict(),
                    advice.verdict().words(),
                    advice.tryNext().map(size -> size.mm()).orElse(null),
                    advice.tryNext().map(size -> size.us()).orElse(null));
        }
    }

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

    /**
     * How the sock sits.
     *
     * @param over how far the heel stretches beyond what is comfortable
     * @param sits what that means, as far as the measures can tell
     * @param advised the fewest plain rounds with which it is comfortable, 12 where even they do not do
     * @param options what other plain rounds give
     * @param edgeGirth around the cuff's edge in its rib
     * @param easeAtLeg how much smaller than the leg that is
     */
    public record FitView(
            FigureView room,
            FigureView stretch,
            FigureView stretchAtBall,
            FigureView limit,
            FigureView over,
            HeelRoom.Sits sits,
            String sitsWords,
            int advised,
            boolean advisedDo,
            List<RoomView> options,
            FigureView passing,
            Passing.Verdict passes,
            String passesWords,
            FigureView edgeGirth,
            FigureView easeAtLeg,
            boolean legEstimated) {
        static FitView of(Workings w, Fit fit) {
            HeelRoom room = fit.heelRoom();
            return new FitView(
                    w.figure(room.room()),
                    w.figure(room.stretch()),
                    w.figure(room.stretchAtBall()),
                    w.figure(room.limit()),
                    w.figure(room.over()),
                    room.sits(),
                    room.sits().words(),
                    room.advised(),
                    room.advisedDo(),
                    room.options().stream().map(o -> RoomView.of(w, o)).toList(),
                    w.figure(fit.passing().ratio()),
                    fit.passing().verdict(),
                    fit.passing().verdict().words(),
                    w.figure(fit.edgeGirth()),
                    w.figure(fit.easeAtLeg()),
                    fit.legEstimated());
        }
    }

    /** What so many plain rounds give the heel. */
    public record RoomView(int plainRounds, FigureView room, FigureView stretch, boolean easy) {
        static RoomView of(Workings w, HeelRoom.Option option) {
            return new RoomView(
                    option.plainRounds(), w.figure(option.room()), w.figure(option.stretch()), option.easy());
        }
    }

    /** The cuff. */
    public record CuffView(Rib rib, String ribTitle, boolean closes, boolean firstRoundPlain) {
        static CuffView of(CuffPlan cuff) {
            return new CuffView(cuff.rib(), cuff.rib().title(), cuff.closes(), cuff.firstRoundPlain());
        }
    }

    /** A graft, move by move. */
    public record GraftView(FigureView loops, boolean setUp, Needle yarnAt, FigureView moves, List<GraftMove> list) {
        static GraftView of(Workings w, Graft graft) {
            return new GraftView(
                    w.figure(graft.loops()), graft.setUp(), graft.yarnAt(), w.figure(graft.moves()), graft.list());
        }
    }

    /** What the second gauge reading changes. */
    public record ReplanView(
            FigureView swatchRounds,
            FigureView openingBefore,
            FigureView openingNow,
            FigureView tubeBefore,
            FigureView tubeNow,
            FigureView done,
            FigureView left) {
        static ReplanView of(Workings w, Replan replan) {
            return new ReplanView(
                    w.figure(replan.swatchRounds()),
                    w.figure(replan.openingBefore()),
                    w.figure(replan.openingNow()),
                    w.figure(replan.tubeBefore()),
                    w.figure(replan.tubeNow()),
                    w.figure(replan.done()),
                    w.figure(replan.left()));
        }
    }
}
