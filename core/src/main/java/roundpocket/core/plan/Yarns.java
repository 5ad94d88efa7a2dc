package roundpocket.core.plan;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.stripe.Striping;
import roundpocket.core.yarn.Yarn;

/**
 * The yarns of a pair.
 *
 * @param main the main yarn
 * @param contrast a second yarn, where there is one
 * @param contrastSections what is knitted from the second yarn: any of toe, heel and cuff
 * @param striping how the main yarn changes colour, where it does
 */
public record Yarns(Yarn main, Optional<Yarn> contrast, Set<Section> contrastSections, Optional<Striping> striping) {
    private static final Set<Section> MAY_CONTRAST = EnumSet.of(Section.TOE, Section.HEEL, Section.CUFF);

    public Yarns {
        contrastSections = Set.copyOf(contrastSections);
        if (!MAY_CONTRAST.containsAll(contrastSections)) {
            throw refusal(
                    "contrast.sections",
                    "Toe, heel and cuff can be knitted from a second yarn; foot and leg are the main yarn’s.",
                    "Leave foot and leg out of the contrast.");
        }
        if (contrast.isPresent() == contrastSections.isEmpty()) {
            throw refusal(
                    "contrast.missing",
                    contrast.isPresent()
                            ? "There is a second yarn, and nothing is knitted from it."
                            : "Toe, heel or cuff are to be knitted from a second yarn, and there is none.",
                    "Name the second yarn and what is knitted from it, or neither.");
        }
    }

    /** Yarns of one colour each. */
    public Yarns(Yarn main, Optional<Yarn> contrast, Set<Section> contrastSections) {
        this(main, contrast, contrastSections, Optional.empty());
    }

    public Yarns withMain(Yarn other) {
        return new Yarns(other, contrast, contrastSections, striping);
    }

    public Yarns striped(Striping other) {
        return new Yarns(main, contrast, contrastSections, Optional.of(other));
    }

    private static Refusal refusal(String code, String template, String remedy) {
        return new Refusal(List.of(new Problem(code, "contrastSections", template, remedy, Map.of())));
    }

    /** One yarn for everything. */
    public static Yarns one(Yarn yarn) {
        return new Yarns(yarn, Optional.empty(), Set.of());
    }

    /** The yarn that a section is knitted from. */
    public YarnRole of(Section section) {
        return contrastSections.contains(section) ? YarnRole.CONTRAST : YarnRole.MAIN;
    }
}
