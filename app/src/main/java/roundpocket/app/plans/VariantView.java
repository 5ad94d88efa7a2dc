package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Sentence;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;

/**
 * What one variant of a plan would give, in the few figures by which variants are told apart; or why it cannot be.
 *
 * @param figures the figures, where a plan can be made
 * @param refused why none can be made; empty where one can
 */
public record VariantView(@Nullable VariantFigures figures, List<Sentence> refused) {

    static VariantView of(SpecPart spec) {
        try {
            return new VariantView(VariantFigures.of(spec.plan()), List.of());
        } catch (Refusal refusal) {
            return new VariantView(null, refusal.said());
        }
    }

    /**
     * The figures of a variant.
     *
     * @param stitches stitches in the tube
     * @param ease how much smaller than the foot, as a ratio
     * @param openingRounds rounds to the heel line, from where this knitter counts
     * @param openingMm the same on the tape
     * @param tubeRounds rounds of the tube
     * @param heelRounds rounds of the heel
     * @param heelClose stitches on each side at its close
     * @param toeRounds rounds of the toe
     * @param toeClose stitches on each side at its close
     * @param legRounds rounds between heel line and cuff
     * @param footOutMm how much longer than wanted the sock's foot comes out
     * @param heelStretch how far the heel stretches, as a ratio
     * @param passing stretch to pass the heel
     * @param pickedUp live loops in the first round of the heel
     * @param pairG grams in the pair
     * @param mainG grams of the main yarn in the pair
     */
    public record VariantFigures(
            int stitches,
            double ease,
            int openingRounds,
            double openingMm,
            int tubeRounds,
            int heelRounds,
            int heelClose,
            int toeRounds,
            int toeClose,
            int legRounds,
            double footOutMm,
            double heelStretch,
            double passing,
            int pickedUp,
            double pairG,
            double mainG) {
        static VariantFigures of(SockPlan plan) {
            return new VariantFigures(
                    plan.stitchCount().stitches().count(),
                    plan.stitchCount().realEase().value(),
                    plan.tube().heelLine().count().rounds().count(),
                    plan.tube().heelLine().count().length().value(),
                    plan.tube().rounds().tube().count(),
                    plan.heel().shaping().rounds().count(),
                    plan.heel().shaping().closingSide().count(),
                    plan.toe().shaping().rounds().count(),
                    plan.toe().shaping().closingSide().count(),
                    plan.tube().rounds().leg().count(),
                    plan.tube().lengths().footDifference().value(),
                    plan.fit().heelRoom().stretch().value(),
                    plan.fit().passing().ratio().value(),
                    plan.opening().live().count(),
                    plan.yarn().pairGrams().value(),
                    plan.yarn().of(YarnRole.MAIN).pairGrams().value());
        }
    }
}
