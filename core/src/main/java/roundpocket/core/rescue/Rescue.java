package roundpocket.core.rescue;

import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.lap.Doing;
import roundpocket.core.lap.LapStep;
import roundpocket.core.lap.StepName;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.work.ShapeWork;

/** What is at hand when something is wrong in a step. */
public final class Rescue {
    private Rescue() {}

    /** What can have happened in a step of a sock, the likeliest first; never empty. */
    public static List<Mishap> in(LapStep step, SockPlan plan) {
        return Stream.of(Mishap.values())
                .filter(mishap -> mishap.happensIn(step.doing()))
                .filter(mishap -> fits(mishap, step, plan))
                .toList();
    }

    /** What belongs to one end of the sock, or to one way of opening it, is left out elsewhere. */
    private static boolean fits(Mishap mishap, LapStep step, SockPlan plan) {
        boolean toe = step.name().part().filter(Section.TOE::equals).isPresent();
        boolean waste = step.name() == StepName.WASTE_OUT;
        return switch (mishap) {
            // decreases that wind round the toe have no sides to lie at
            case TOE_TURNED ->
                (toe || step.doing() == Doing.FINISH)
                        && !plan.toe().shaping().school().inSections();
            case HOLE -> !toe;
            case ROW_GAP, WRAP_LOST, TURNED_EARLY -> inShortRows(step);
            case WHICH_DECREASE, UNEQUAL -> step.doing() != Doing.SHAPE || !inShortRows(step);
            case WASTE_STUCK -> waste;
            case LEG_CUT -> !waste;
            case TWISTED_JOIN ->
                step.doing() == Doing.BEGIN || step.name() == StepName.FOOT || step.name() == StepName.CUFF;
            case TOO_TIGHT, EDGE_STEP -> step.doing() == Doing.FINISH || step.name() == StepName.BIND_OFF;
            case EARS ->
                step.doing() == Doing.GRAFT || step.name() == StepName.HEEL_EAR || step.name() == StepName.TOE_EAR;
            default -> true;
        };
    }

    /** Whether it is worked in rows that turn, and not in rounds. */
    private static boolean inShortRows(LapStep step) {
        return step.presses().stream()
                .flatMap(press -> press.operations().stream())
                .anyMatch(operation -> operation instanceof ShapeWork.Row);
    }
}
