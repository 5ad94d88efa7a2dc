package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.finish.Needle;
import roundpocket.core.finish.Rib;

/**
 * Cuff and graft. What is left out is as usual.
 *
 * @param cuffRounds rounds of the cuff, 4 to 120
 * @param rib the ribbing
 * @param graftSetUp whether a set-up opens the graft
 * @param yarnAt the needle at which the yarn waits
 */
public record FinishPart(
        @Nullable Integer cuffRounds,
        @Nullable Rib rib,
        @Nullable Boolean graftSetUp,
        @Nullable Needle yarnAt) {
    /** Everything as usual. */
    static final FinishPart USUAL = new FinishPart(null, null, null, null);

    FinishPart withCuffRounds(int rounds) {
        return new FinishPart(rounds, rib, graftSetUp, yarnAt);
    }

    FinishChoice toCore() {
        return new FinishChoice(
                Present.count(cuffRounds),
                Optional.ofNullable(rib),
                Optional.ofNullable(graftSetUp),
                Optional.ofNullable(yarnAt));
    }
}
