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
 * @param sock which of two unlike socks the plan is shown for, 1 or 2; usually the first
 */
public record QuestionsPart(
        @Nullable Double wantedEase,
        @Nullable Double atHandG,
        @Nullable Double wantedStretch,
        @Nullable FinishedPart finished,
        @Nullable Integer sock) {
    Questions toCore() {
        Problems problems = new Problems();
        Optional<Finished> made =
                Optional.ofNullable(finished).flatMap(part -> problems.collect("finished", part::toCore));
        problems.throwIfAny();
        return new Questions(
                Present.number(wantedEase),
                Present.number(atHandG),
                Present.number(wantedStretch),
                made,
                Present.count(sock));
    }
}
