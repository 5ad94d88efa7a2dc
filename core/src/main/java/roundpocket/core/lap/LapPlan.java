package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import roundpocket.core.plan.Section;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.tube.HeelWhen;
import roundpocket.core.work.Operation;
import roundpocket.core.work.Work;

/**
 * Every step of one sock in the order of work.
 *
 * @param begun the work before the first of them
 * @param steps the steps
 */
public record LapPlan(Work begun, List<LapStep> steps) {
    public LapPlan {
        steps = List.copyOf(steps);
    }

    /** The steps of the first sock of a plan, or of its second: a ready tube is cut with the first. */
    public static LapPlan of(SockPlan plan, HeelWhen heelWhen, int sock) {
        return new Steps(plan, sock).all(heelWhen);
    }

    /** The steps by which the heel of a sock that is worn is cut off and knitted new. */
    public static List<LapStep> newHeel(SockPlan plan) {
        return new Steps(plan, 2).newHeel();
    }

    /** The work as it is after so many presses, from 0 to all of them. */
    public Work workAt(int position) {
        Work work = begun;
        int left = position;
        for (LapStep step : steps) {
            for (LapStep.Press press : step.presses()) {
                if (left == 0) {
                    return work;
                }
                left--;
                for (Operation each : press.operations()) {
                    work = each.on(work);
                }
            }
        }
        return work;
    }

    /** The work before each press, step by step. */
    public List<List<Work>> before() {
        List<List<Work>> all = new ArrayList<>();
        Work work = begun;
        for (LapStep step : steps) {
            List<Work> here = new ArrayList<>();
            for (LapStep.Press press : step.presses()) {
                here.add(work);
                for (Operation each : press.operations()) {
                    work = each.on(work);
                }
            }
            all.add(here);
        }
        return all;
    }

    /** Whether a ready tube is cut by a position; of a second sock it is from the start. */
    boolean cutBy(int position) {
        Place place = at(position);
        return steps.stream().limit(place.step()).anyMatch(step -> step.name() == StepName.CUT_1)
                || steps.get(0).name() == StepName.SECOND_PIECE;
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
        Map<Section, Double> shares = new EnumMap<>(Section.class);
        progress(position).forEach((section, progress) -> shares.put(section, progress.share()));
        return shares;
    }

    /** Rounds of each section that are done, and all it has; a section that is not knitted here is left out. */
    public Map<Section, Progress> progress(int position) {
        Map<Section, Progress> all = new EnumMap<>(Section.class);
        int left = position;
        for (LapStep step : steps) {
            int presses = step.presses().size();
            int here = Math.max(0, Math.min(presses, left));
            step.section().ifPresent(section -> all.merge(section, new Progress(here, presses), Progress::plus));
            left -= presses;
        }
        return all;
    }

    /** Stitches worked by a position, in the sections that are asked for. */
    public int stitches(int position, Set<Section> sections) {
        int worked = 0;
        int left = position;
        for (LapStep step : steps) {
            int here = Math.max(0, Math.min(step.presses().size(), left));
            if (step.yarnSection().filter(sections::contains).isPresent()) {
                worked += step.presses().subList(0, here).stream()
                        .mapToInt(LapStep.Press::stitches)
                        .sum();
            }
            left -= step.presses().size();
        }
        return worked;
    }

    /**
     * Where somebody is in another plan of the same sock who is at {@code position} in this one: in the same step, as far
     * in it as it goes.
     */
    public int carried(int position, LapPlan other) {
        Place place = at(position);
        List<Integer> starts = other.starts();
        for (int i = place.step(); i < steps.size(); i++) {
            StepName name = steps.get(i).name();
            for (int j = 0; j < starts.size(); j++) {
                LapStep there = other.steps.get(j);
                if (there.name() == name) {
                    int done = i == place.step() ? place.done() : 0;
                    return starts.get(j) + Math.min(done, there.presses().size());
                }
            }
        }
        return other.presses();
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
     * How far a section is.
     *
     * @param done presses of it that are done
     * @param all presses it has
     */
    public record Progress(int done, int all) {
        Progress plus(Progress more) {
            return new Progress(done + more.done, all + more.all);
        }

        /** From 0 to 1. */
        public double share() {
            return (double) done / all;
        }

        public boolean begun() {
            return done > 0;
        }

        public boolean complete() {
            return done == all;
        }
    }

    /**
     * A place in the work.
     *
     * @param step which step, from 0; as many as there are when all is done
     * @param done presses of it that are done
     */
    public record Place(int step, int done) {}
}
