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
                "Round gauge",
                one.basis().gauge().rounds(),
                other.basis().gauge().rounds()));
        if (one.tube().way() != Way.READY_TUBE) {
            all.add(new Difference(
                    "To the heel line",
                    one.tube().heelLine().count().rounds(),
                    other.tube().heelLine().count().rounds()));
            all.add(new Difference(
                    "Foot", one.tube().rounds().foot(), other.tube().rounds().foot()));
            all.add(new Difference(
                    "Leg", one.tube().rounds().leg(), other.tube().rounds().leg()));
        }
        all.add(new Difference("Cuff", one.cuff().rounds(), other.cuff().rounds()));
        all.add(new Difference(
                "Heel", one.heel().shaping().rounds(), other.heel().shaping().rounds()));
        all.add(new Difference(
                "Tube", one.tube().rounds().tube(), other.tube().rounds().tube()));
        all.add(new Difference(
                "Tube on the tape",
                one.tube().lengths().tube(),
                other.tube().lengths().tube()));
        all.add(new Difference(
                "The sock’s foot",
                one.tube().lengths().foot(),
                other.tube().lengths().foot()));
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
