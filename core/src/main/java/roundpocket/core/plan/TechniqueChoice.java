package roundpocket.core.plan;

import java.util.Optional;
import roundpocket.core.shaping.Turning;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.tube.Provisional;
import roundpocket.core.tube.RoundStart;

/**
 * How the hands do what can be done in several ways. What is left empty is as usual.
 *
 * @param turning how a short row is turned; usually with a wrap
 * @param provisional how stitches are begun that are to be live again; usually on waste yarn
 * @param roundStart where a round of the tube begins; usually with the sole
 * @param heelWhen when the heel is knitted; usually after the tube
 */
public record TechniqueChoice(
        Optional<Turning> turning,
        Optional<Provisional> provisional,
        Optional<RoundStart> roundStart,
        Optional<HeelWhen> heelWhen) {
    /** Everything as usual. */
    public static TechniqueChoice usual() {
        return new TechniqueChoice(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Short rows turned so. */
    public static TechniqueChoice of(Turning turning) {
        return new TechniqueChoice(Optional.of(turning), Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** Live stitches begun so. */
    public static TechniqueChoice of(Provisional provisional) {
        return new TechniqueChoice(Optional.empty(), Optional.of(provisional), Optional.empty(), Optional.empty());
    }

    /** Rounds begun so. */
    public static TechniqueChoice of(RoundStart roundStart) {
        return new TechniqueChoice(Optional.empty(), Optional.empty(), Optional.of(roundStart), Optional.empty());
    }

    /** The heel knitted then. */
    public static TechniqueChoice of(HeelWhen heelWhen) {
        return new TechniqueChoice(Optional.empty(), Optional.empty(), Optional.empty(), Optional.of(heelWhen));
    }

    public Turning turningTaken() {
        return turning.orElse(Turning.WRAP);
    }

    public Provisional provisionalTaken() {
        return provisional.orElse(Provisional.WASTE_ROWS);
    }

    public RoundStart roundStartTaken() {
        return roundStart.orElse(RoundStart.SOLE);
    }

    public HeelWhen heelWhenTaken() {
        return heelWhen.orElse(HeelWhen.AFTER_TUBE);
    }
}
