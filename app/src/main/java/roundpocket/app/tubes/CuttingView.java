package roundpocket.app.tubes;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.plans.BandPart;
import roundpocket.core.cut.CutAim;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.Passing;
import roundpocket.core.measure.Sentence;
import roundpocket.core.ready.Along;
import roundpocket.core.ready.CutPlan;
import roundpocket.core.ready.CutPlan.CutPair;
import roundpocket.core.ready.Remnant;
import roundpocket.core.ready.TubeBand;
import roundpocket.core.ready.Wished;

/**
 * A tube, what is wished for from it, and the ways to cut it.
 *
 * @param rounds its rounds
 * @param length its length, in millimetres
 * @param repeat rounds of one repeat of its stripes, where it has any
 * @param colour the colour of its yarn, where it has no stripes
 * @param colours the bands of one repeat
 * @param bands where they lie along the tube
 * @param spareRounds rounds more than needed at each cut rim
 * @param wishes what each wish needs
 * @param plans ways to cut it, the best first
 * @param none why there is none, where there are wishes
 * @param whole the tube as one remnant: what it would make without being cut for anybody
 */
public record CuttingView(
        Step rounds,
        Step length,
        @Nullable Step repeat,
        @Nullable String colour,
        List<BandPart> colours,
        List<TubeBand> bands,
        int spareRounds,
        List<WishedView> wishes,
        List<CutPlanView> plans,
        @Nullable Sentence none,
        Remnant whole) {

    /**
     * What a wish needs of the tube.
     *
     * @param name whose it is
     * @param figures what it needs and how it fits; nothing where it has no room in any tube
     * @param problems why it has none
     */
    public record WishedView(String name, Wished.@Nullable Needed figures, List<Sentence> problems) {
        static WishedView of(Wished wished) {
            return new WishedView(wished.name(), wished.figures().orElse(null), said(wished.problems()));
        }
    }

    /**
     * A way to cut it.
     *
     * @param title what it is called
     * @param description what it looks to
     * @param along the tube from end to end
     * @param pairs the pairs that it gives
     * @param cuts how often it is cut
     * @param pieces rounds of all pieces
     * @param rims rounds unpicked at cuts, and the spare ones beside them
     * @param unravelled rounds unravelled
     * @param left rounds that are left over
     * @param remnants what is left, the longest first
     * @param leftOut the wishes that are not met, each with what is missing
     * @param reasons why it is cut so
     * @param gives what it gives and gives up beside the best cut
     * @param proven whether every other way was looked at or ruled out
     */
    public record CutPlanView(
            CutAim aim,
            String title,
            String description,
            List<Along> along,
            List<CutPair> pairs,
            int cuts,
            Step pieces,
            Step rims,
            Step unravelled,
            Step left,
            List<Remnant> remnants,
            List<Sentence> leftOut,
            List<Sentence> reasons,
            List<Sentence> gives,
            boolean proven) {
        static CutPlanView of(CutPlan plan) {
            return new CutPlanView(
                    plan.aim(),
                    plan.aim().title(),
                    plan.aim().description(),
                    plan.along(),
                    plan.pairs(),
                    plan.cuts(),
                    plan.pieces(),
                    plan.rims(),
                    plan.unravelled(),
                    plan.left(),
                    plan.remnants(),
                    plan.leftOut().stream().map(out -> out.why().said()).toList(),
                    said(plan.reasons()),
                    said(plan.gives()),
                    plan.proven());
        }
    }

    /**
     * How a tube fits somebody.
     *
     * @param name whose feet they are
     * @param footId the feet
     * @param ease negative ease at the ball
     * @param passing whether it goes over the heel
     * @param leg the leg that the whole tube leaves, in millimetres
     * @param problem why it does not fit at all
     */
    public record TubeFitView(
            java.util.UUID footId,
            String name,
            @Nullable Step ease,
            @Nullable Passing passing,
            @Nullable Step leg,
            @Nullable Sentence problem) {}

    static List<Sentence> said(List<Problem> problems) {
        return problems.stream().map(Problem::said).toList();
    }
}
