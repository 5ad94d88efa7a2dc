package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Step;
import roundpocket.core.judge.Caution;
import roundpocket.core.judge.Doubt;
import roundpocket.core.judge.Doubt.Weight;
import roundpocket.core.judge.Stage;
import roundpocket.core.measure.Sentence;

/** Doubts and cautions as they are handed out. */
final class JudgeViews {
    private JudgeViews() {}

    /**
     * What a careful friend would say.
     *
     * @param field path of the word that cures it
     * @param said what is doubtful, why and what would help
     */
    public record DoubtView(
            Weight weight,
            String weightWords,
            String code,
            String field,
            Sentence said,
            @Nullable Step figure) {
        static DoubtView of(Doubt doubt) {
            return new DoubtView(
                    doubt.weight(),
                    doubt.weight().title(),
                    doubt.code(),
                    doubt.said().field(),
                    doubt.said().said(),
                    doubt.figure().orElse(null));
        }
    }

    /** A caution and the steps of the work it belongs to. */
    public record CautionView(Caution caution, String title, String text, List<Stage> stages) {
        static CautionView of(Caution caution) {
            return new CautionView(caution, caution.title(), caution.description(), List.copyOf(caution.stages()));
        }
    }
}
