package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.judge.Questions;
import roundpocket.core.judge.Questions.Finished;

/**
 * Questions that go the other way.
 *
 * @param wantedEase which stitch count gives this ease, a ratio from 0 to 0.25
 * @param atHandG which leg do so many grams of the main yarn allow
 * @param wantedStretch which plain rounds give the heel this stretch, a ratio from 0 to 1
 * @param finished which foot does this sock fit
 */
public record QuestionsPart(
        @Nullable Double wantedEase,
        @Nullable Double atHandG,
        @Nullable Double wantedStretch,
        @Nullable FinishedPart finished) {
    Questions toCore() {
        Problems problems = new Problems();
        Optional<Finished> sock =
                Optional.ofNullable(finished).flatMap(part -> problems.collect("finished", part::toCore));
        problems.throwIfAny();
        return new Questions(Present.number(wantedEase), Present.number(atHandG), Present.number(wantedStretch), sock);
    }
}
