package roundpocket.core.ready;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.plan.Yarns;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.Yarn;

/** The one other cake that heels, toes and cuffs of several pairs are knitted from. */
final class ContrastCake {
    private static final Set<Section> SECTIONS = EnumSet.of(Section.TOE, Section.HEEL, Section.CUFF);
    private static final Yarn CAKE = new Yarn(420, 100, OptionalDouble.empty());

    private ContrastCake() {}

    /** The yarns of a pair whose heels, toes and cuffs are of it. */
    static Yarns beside(Yarn tube) {
        return new Yarns(tube, Optional.of(CAKE), SECTIONS);
    }

    /** Grams that a pair takes of it; none where it has yarn of the tube. */
    static Optional<Step> need(TubeWish.Needs pair) {
        return pair.shortest().yarn().roles().stream()
                .filter(role -> role.role() == YarnRole.CONTRAST)
                .findFirst()
                .map(RoleYarn::pairGrams);
    }

    /** What several pairs leave of so many grams; empty where none takes of it, or nobody knows what there is. */
    static Optional<Left> left(OptionalDouble grams, List<TubeWish.Needs> pairs) {
        List<Step> needs =
                pairs.stream().map(ContrastCake::need).flatMap(Optional::stream).toList();
        if (grams.isEmpty() || needs.isEmpty()) {
            return Optional.empty();
        }
        Step atHand = Given.measured("the other cake", grams.getAsDouble(), Unit.GRAMS, "contrastG");
        return Optional.of(Left.inTurn(atHand, needs).get(needs.size() - 1));
    }
}
