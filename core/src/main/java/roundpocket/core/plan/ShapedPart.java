package roundpocket.core.plan;

import java.util.List;
import java.util.Optional;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Graft;
import roundpocket.core.shaping.Shaping;

/**
 * A heel or a toe.
 *
 * @param shaping how it is shaped
 * @param worked its rounds, one by one, with what they have taken
 * @param graft how it is grafted, where it is
 */
public record ShapedPart(Shaping shaping, List<WorkedRound> worked, Optional<Graft> graft) {

    public ShapedPart {
        worked = List.copyOf(worked);
    }

    static ShapedPart of(String name, Shaping shaping, FinishChoice finish, SectionYarn yarn) {
        Optional<Graft> graft =
                shaping.grafted() ? shaping.graftLoops().map(loops -> Graft.of(name, loops, finish)) : Optional.empty();
        return new ShapedPart(shaping, WorkedRound.of(shaping, yarn), graft);
    }

    /** Whether it is grafted with a length of its own. */
    public boolean ownLength() {
        return graft.filter(any -> Graft.ownLength(
                        any.setUp(), any.yarnAt(), shaping.school().inRounds()))
                .isPresent();
    }
}
