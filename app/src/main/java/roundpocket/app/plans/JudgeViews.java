package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.PlanView.RoomView;
import roundpocket.app.plans.PlanView.StitchCountView;
import roundpocket.app.plans.YarnViews.LegYarnView;
import roundpocket.core.judge.Answers;
import roundpocket.core.judge.Answers.FittingFoot;
import roundpocket.core.judge.Answers.PlainRounds;
import roundpocket.core.judge.Caution;
import roundpocket.core.judge.Doubt;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.judge.Stage;
import roundpocket.core.measure.LengthUnit;

/** Doubts, cautions and answers as they are handed out. */
final class JudgeViews {
    private JudgeViews() {}

    /**
     * What a careful friend would say.
     *
     * @param field path of the word that cures it
     * @param message what is doubtful, why and what would help
     */
    public record DoubtView(
            Weight weight,
            String weightWords,
            String code,
            String field,
            String message,
            @Nullable FigureView figure) {
        static DoubtView of(Workings w, Doubt doubt, LengthUnit lengths) {
            return new DoubtView(
                    doubt.weight(),
                    doubt.weight().words(),
                    doubt.code(),
                    doubt.said().field(),
                    doubt.said().message(lengths),
                    w.figure(doubt.figure()));
        }
    }

    /** A caution and the steps of the work it belongs to. */
    public record CautionView(Caution caution, String title, String text, List<Stage> stages) {
        static CautionView of(Caution caution) {
            return new CautionView(caution, caution.title(), caution.text(), List.copyOf(caution.stages()));
        }
    }

    /** The answers, each where it was asked. */
    public record AnswersView(
            @Nullable StitchCountView stitches,
            @Nullable LegYarnView leg,
            @Nullable PlainRoundsView plainRounds,
            @Nullable FittingFootView fits) {
        static AnswersView of(Workings w, Answers answers) {
            return new AnswersView(
                    answers.stitches().map(s -> StitchCountView.of(w, s)).orElse(null),
                    answers.leg().map(leg -> LegYarnView.of(w, leg)).orElse(null),
                    answers.plainRounds().map(p -> PlainRoundsView.of(w, p)).orElse(null),
                    answers.fits().map(f -> FittingFootView.of(w, f)).orElse(null));
        }
    }

    /** The fewest plain rounds for a wanted stretch; without {@code fewest} even the tried ones do not do. */
    public record PlainRoundsView(
            FigureView wanted, @Nullable Integer fewest, RoomView tried) {
        static PlainRoundsView of(Workings w, PlainRounds plain) {
            return new PlainRoundsView(
                    w.figure(plain.wanted()),
                    plain.fewest().isPresent() ? plain.fewest().getAsInt() : null,
                    RoomView.of(w, plain.tried()));
        }
    }

    /** The foot that a finished sock fits. */
    public record FittingFootView(
            FigureView length, FigureView girth, FigureView smallestGirth, FigureView largestGirth, FigureView leg) {
        static FittingFootView of(Workings w, FittingFoot foot) {
            return new FittingFootView(
                    w.figure(foot.length()),
                    w.figure(foot.girth()),
                    w.figure(foot.smallestGirth()),
                    w.figure(foot.largestGirth()),
                    w.figure(foot.leg()));
        }
    }
}
