package roundpocket.app.plans;

import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.core.plan.LegYarn;
import roundpocket.core.plan.RoleYarn;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SectionYarn;
import roundpocket.core.plan.YarnNeed;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.yarn.Enough;
import roundpocket.core.yarn.Left;

/** The yarn of a pair as it is handed out. */
final class YarnViews {
    private YarnViews() {}

    /**
     * The yarn of the pair.
     *
     * @param factor what weighing says of the model; 1 before anything was weighed
     * @param heelReserve grams to put by for both heels
     * @param leg how far the leg may go, where the main yarn at hand is known
     */
    public record YarnNeedView(
            FigureView loopLength,
            FigureView factor,
            List<SectionYarnView> sections,
            FigureView heelTail,
            @Nullable FigureView toeTail,
            FigureView sockMetres,
            FigureView sockGrams,
            FigureView pairMetres,
            FigureView pairGrams,
            List<RoleYarnView> roles,
            FigureView heelReserve,
            @Nullable LegYarnView leg) {
        static YarnNeedView of(Workings w, YarnNeed yarn) {
            return new YarnNeedView(
                    w.figure(yarn.loopLength()),
                    w.figure(yarn.factor()),
                    yarn.sections().stream().map(s -> SectionYarnView.of(w, s)).toList(),
                    w.figure(yarn.heelTail()),
                    w.figure(yarn.toeTail()),
                    w.figure(yarn.sockMetres()),
                    w.figure(yarn.sockGrams()),
                    w.figure(yarn.pairMetres()),
                    w.figure(yarn.pairGrams()),
                    yarn.roles().stream().map(r -> RoleYarnView.of(w, r)).toList(),
                    w.figure(yarn.heelReserve()),
                    yarn.leg().map(leg -> LegYarnView.of(w, leg)).orElse(null));
        }
    }

    /** What one section of one sock takes. */
    public record SectionYarnView(
            Section section, YarnRole role, String title, FigureView stitches, FigureView metres, FigureView grams) {
        static SectionYarnView of(Workings w, SectionYarn section) {
            return new SectionYarnView(
                    section.section(),
                    section.role(),
                    section.section().title(),
                    w.figure(section.stitches()),
                    w.figure(section.metres()),
                    w.figure(section.grams()));
        }
    }

    /** What the pair takes of one yarn, and what is left of it where it was weighed. */
    public record RoleYarnView(
            YarnRole role,
            String title,
            FigureView sockGrams,
            FigureView pairGrams,
            @Nullable LeftView left,
            @Nullable LeftView afterTwoPairs) {
        static RoleYarnView of(Workings w, RoleYarn role) {
            return new RoleYarnView(
                    role.role(),
                    role.role().title(),
                    w.figure(role.sockGrams()),
                    w.figure(role.pairGrams()),
                    role.left().map(left -> LeftView.of(w, left)).orElse(null),
                    role.afterTwoPairs().map(left -> LeftView.of(w, left)).orElse(null));
        }
    }

    /** What is left, below nothing what is missing, and whether it will do. */
    public record LeftView(
            FigureView atHand, FigureView left, FigureView margin, Enough enough, String words, String meaning) {
        static LeftView of(Workings w, Left left) {
            return new LeftView(
                    w.figure(left.atHand()),
                    w.figure(left.left()),
                    w.figure(left.margin()),
                    left.enough(),
                    left.enough().words(),
                    left.enough().meaning());
        }
    }

    /** How far the leg may go on one sock's cake. */
    public record LegYarnView(
            FigureView cake,
            FigureView stopWeight,
            FigureView perRound,
            FigureView longestRounds,
            FigureView longestLeg) {
        static LegYarnView of(Workings w, LegYarn leg) {
            return new LegYarnView(
                    w.figure(leg.cake()),
                    w.figure(leg.stopWeight()),
                    w.figure(leg.perRound()),
                    w.figure(leg.longestRounds()),
                    w.figure(leg.longestLeg()));
        }
    }
}
