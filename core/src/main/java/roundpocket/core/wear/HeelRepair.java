package roundpocket.core.wear;

import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.lap.LapPlan;
import roundpocket.core.lap.LapStep;
import roundpocket.core.plan.SockPlan;

/**
 * The heel of a worn sock cut off and knitted new: a reason for this construction. Common practice, no source.
 *
 * @param steps what is done, in its order
 * @param yarn grams to have for both heels with their tails
 */
public record HeelRepair(List<LapStep> steps, Step yarn) {
    public HeelRepair {
        steps = List.copyOf(steps);
    }

    /** The repair of a sock that was knitted by {@code plan}. */
    public static HeelRepair of(SockPlan plan) {
        return new HeelRepair(LapPlan.newHeel(plan), plan.yarn().heelReserve());
    }
}
