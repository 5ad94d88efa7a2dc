package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;

/**
 * Every step of one sock in the order of work.
 *
 * @param steps the steps
 */
public record LapPlan(List<LapStep> steps) {
    public LapPlan {
        steps = List.copyOf(steps);
    }

    /**
     * The steps of a plan. A heel at once, where the tube was there before, is knitted after the cuff like any other.
     */
    public static LapPlan of(SockPlan plan, HeelWhen heelWhen) {
        return new LapPlan(new Steps(plan).all(heelWhen));
    }

    /** All presses of the sock. */
    public int presses() {
        return steps.stream().mapToInt(step -> step.presses().size()).sum();
    }

    /** Where somebody is who has pressed so many times, from 0 to all presses. */
    public Place at(int position) {
        int left = position;
        for (int i = 0; i < steps.size(); i++) {
            int presses = steps.get(i).presses().size();
            if (left < presses) {
                return new Place(i, left);
            }
            left -= presses;
        }
        return new Place(steps.size(), 0);
    }

    /** How much of each section is knitted, from 0 to 1; a section that is not knitted here is left out. */
    public Map<Section, Double> knitted(int position) {
        Map<Section, Integer> done = new EnumMap<>(Section.class);
        Map<Section, Integer> all = new EnumMap<>(Section.class);
        int left = position;
        for (LapStep step : steps) {
            int presses = step.presses().size();
            int here = Math.max(0, Math.min(presses, left));
            step.section().ifPresent(section -> {
                done.merge(section, here, Integer::sum);
                all.merge(section, presses, Integer::sum);
            });
            left -= presses;
        }
        Map<Section, Double> shares = new EnumMap<>(Section.class);
        all.forEach((section, presses) -> shares.put(section, (double) done.get(section) / presses));
        return shares;
    }

    /** The position at which each step begins, in their order. */
    public List<Integer> starts() {
        List<Integer> starts = new ArrayList<>();
        int position = 0;
        for (LapStep step : steps) {
            starts.add(position);
            position += step.presses().size();
        }
        return starts;
    }

    /**
     * A place in the work.
     *
     * @param step which step, from 0; as many as there are when all is done
     * @param done presses of it that are done
     */
    public record Place(int step, int done) {}
}
