package roundpocket.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.yarn.Left;
import roundpocket.core.yarn.YarnModel;

/**
 * The yarn of a pair.
 *
 * @param loopLength length of one loop, in millimetres
 * @param factor what weighing says of the model: 1 before anything was weighed
 * @param sections the sections of one sock
 * @param heelTail tail for closing the heel, in millimetres
 * @param toeTail tail for closing the toe, in millimetres; none where it is begun at its tip
 * @param sockStitches stitches in one sock
 * @param sockMetres metres in one sock
 * @param sockGrams grams in one sock
 * @param pairMetres metres in the pair
 * @param pairGrams grams in the pair
 * @param roles the same by yarn
 * @param heelGrams grams in one heel with its tails
 * @param heelReserve grams to set aside for both heels, in their yarn
 * @param models what a stitch of each yarn takes
 * @param leg how far the leg may go; only where the main yarn at hand is known and the leg is knitted from it
 */
public record YarnNeed(
        Step loopLength,
        Step factor,
        List<SectionYarn> sections,
        Step heelTail,
        Optional<Step> toeTail,
        Step sockStitches,
        Step sockMetres,
        Step sockGrams,
        Step pairMetres,
        Step pairGrams,
        List<RoleYarn> roles,
        Step heelGrams,
        Step heelReserve,
        Map<YarnRole, YarnModel> models,
        Optional<LegYarn> leg) {
    public YarnNeed {
        models = Map.copyOf(models);
        sections = List.copyOf(sections);
        roles = List.copyOf(roles);
    }

    /** What a section takes; empty where nothing is knitted for it. */
    public Optional<SectionYarn> find(Section section) {
        return sections.stream().filter(s -> s.section() == section).findFirst();
    }

    /** What a section takes. */
    public SectionYarn of(Section section) {
        return find(section).orElseThrow();
    }

    public RoleYarn of(YarnRole role) {
        return roles.stream().filter(r -> r.role() == role).findFirst().orElseThrow();
    }

    /** What is left of the main yarn; empty where nobody said what is at hand. */
    public Optional<Left> left() {
        return of(YarnRole.MAIN).left();
    }
}
