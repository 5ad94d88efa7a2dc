package roundpocket.app.plans;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import roundpocket.app.plans.JudgeViews.CautionView;
import roundpocket.app.plans.JudgeViews.DoubtView;
import roundpocket.core.judge.Answers;
import roundpocket.core.judge.Caution;
import roundpocket.core.judge.Doubts;
import roundpocket.core.judge.Questions;
import roundpocket.core.judge.Supply;
import roundpocket.core.plan.Recipe;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.SockSpec;

/**
 * A plan as the core has it, and what is to be said of it.
 *
 * @param plan the plan; its parts stand beside the rest
 * @param recipe what the knitter decides: as it is taken, as is usual, and what else could be
 * @param doubts what a careful friend would say, heaviest first
 * @param cautions where the work can hurt someone, with the steps of the work they belong to
 * @param supplies what to have at hand for the pair
 * @param answers the answers to what was asked besides
 */
public record PlanView(
        @JsonUnwrapped SockPlan plan,
        Recipe recipe,
        List<DoubtView> doubts,
        List<CautionView> cautions,
        List<Supply> supplies,
        Answers answers) {

    /** The plan of a specification said in the reader's unit of length. */
    public static PlanView of(SpecPart part) {
        SockSpec spec = part.toCore();
        Questions asked = part.questionsAsked();
        int sock = asked.sockAsked();
        return of(spec, spec.plan(sock), asked);
    }

    /** A plan that was made already. */
    public static PlanView of(SockSpec spec, SockPlan plan, Questions questions) {
        return new PlanView(
                plan,
                Recipe.of(spec, plan),
                Doubts.of(spec, questions.sockAsked(), plan).stream()
                        .map(doubt -> DoubtView.of(doubt))
                        .toList(),
                Caution.of(plan).stream().map(CautionView::of).toList(),
                Supply.of(spec, plan),
                Answers.of(spec.forSock(questions.sockAsked()), plan, questions));
    }
}
