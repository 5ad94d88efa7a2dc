package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.Way;

/**
 * One figure that two courses of a sock have otherwise.
 *
 * @param label what it is
 * @param before what it is by the one
 * @param after what it is by the other
 */
public record Difference(String label, Step before, Step after) {
    /** What differs, the most telling first. */
    public static List<Difference> between(SockPlan one, SockPlan other) {
        List<Difference> all = new ArrayList<>();
        all.add(new Difference(
                "Round gauge", one.gauge().rounds(), other.gauge().rounds()));
        if (one.tube().way() != Way.READY_TUBE) {
            all.add(new Difference(
                    "To the heel line",
                    one.tube().count().rounds(),
                    other.tube().count().rounds()));
            all.add(new Difference("Foot", one.tube().footRounds(), other.tube().footRounds()));
            all.add(new Difference("Leg", one.tube().legRounds(), other.tube().legRounds()));
        }
        all.add(new Difference("Cuff", one.cuff().rounds(), other.cuff().rounds()));
        all.add(new Difference("Heel", one.heel().rounds(), other.heel().rounds()));
        all.add(new Difference("Tube", one.tube().tubeRounds(), other.tube().tubeRounds()));
        all.add(new Difference(
                "Tube on the tape", one.tube().tubeLength(), other.tube().tubeLength()));
        all.add(new Difference(
                "The sock’s foot", one.tube().sockFoot(), other.tube().sockFoot()));
        all.add(new Difference(
                "Yarn of the pair", one.yarn().pairGrams(), other.yarn().pairGrams()));
        return all.stream().filter(Difference::tells).toList();
    }

    /** Less than a thousandth is no difference. */
    private boolean tells() {
        double most = Math.max(Math.abs(before.value()), Math.abs(after.value()));
        return Math.abs(before.value() - after.value()) > most / 1000;
    }
}
