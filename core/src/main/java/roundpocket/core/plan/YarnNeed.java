package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.explain.Step;

/**
 * The yarn of a pair.
 *
 * @param loopLength length of one loop, in millimetres
 * @param sections the sections of one sock
 * @param heelTail tail for the heel's graft, in millimetres
 * @param toeTail tail for the toe's graft, in millimetres
 * @param sockMetres metres in one sock
 * @param sockGrams grams in one sock
 * @param pairMetres metres in the pair
 * @param pairGrams grams in the pair
 * @param leftOver grams left of what is at hand; negative is what is missing; empty where nothing was weighed
 */
public record YarnNeed(
        Step loopLength,
        List<SectionYarn> sections,
        Step heelTail,
        Step toeTail,
        Step sockMetres,
        Step sockGrams,
        Step pairMetres,
        Step pairGrams,
        Optional<Step> leftOver) {
    public YarnNeed {
        sections = List.copyOf(sections);
    }

    public SectionYarn of(Section section) {
        return sections.stream().filter(s -> s.section() == section).findFirst().orElseThrow();
    }
}
