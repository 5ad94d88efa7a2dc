package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.tube.LegFrom;
import roundpocket.core.tube.ReadyTube;
import roundpocket.core.tube.ToeStart;
import roundpocket.core.tube.TubeChoice;
import roundpocket.core.tube.Way;

/**
 * How one comes by the tube, and its leg. What is left out is as usual.
 *
 * @param way toe-up, cuff-down or from a ready tube
 * @param toeStart how a toe-up tube begins
 * @param readyTube the tube that is there already
 * @param legMm leg, cuff included, 20 to 600 mm
 * @param legRounds the same in rounds instead, 10 to 600
 * @param legFrom where the leg is measured from
 */
public record TubePart(
        @Nullable Way way,
        @Nullable ToeStart toeStart,
        @Nullable ReadyTubePart readyTube,
        @Nullable Double legMm,
        @Nullable Integer legRounds,
        @Nullable LegFrom legFrom) {
    /** Everything as usual. */
    static final TubePart USUAL = new TubePart(null, null, null, null, null, null);

    TubePart withLegMm(double mm) {
        return new TubePart(way, toeStart, readyTube, mm, null, legFrom);
    }

    TubeChoice toCore() {
        Problems problems = new Problems();
        Optional<ReadyTube> ready =
                Optional.ofNullable(readyTube).flatMap(part -> problems.collect("readyTube", part::toCore));
        problems.throwIfAny();
        return new TubeChoice(
                Optional.ofNullable(way),
                Optional.ofNullable(toeStart),
                ready,
                Present.number(legMm),
                Present.count(legRounds),
                Optional.ofNullable(legFrom));
    }
}
