package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import roundpocket.core.opening.OpeningWay;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.plan.Section;

/**
 * What can be done of a pair in a given time, by her own pace, and what is needed for it besides the knitting.
 *
 * @param minutes the time
 * @param words what gets done in it
 * @param bring what to take along, as it is needed
 */
public record Outing(int minutes, String words, List<String> bring) {
    /** The times that are told: a bus, a lesson, an hour, an evening. */
    private static final List<Integer> TOLD = List.of(20, 40, 60, 120);

    private static final double MINUTES_IN_AN_HOUR = 60;

    public Outing {
        bring = List.copyOf(bring);
    }

    /** For each of the told times; none where both socks are done. */
    public static List<Outing> of(PairWork pair, int sock) {
        SockWork work = pair.sock(sock);
        return work.finished()
                ? List.of()
                : TOLD.stream().map(minutes -> of(pair, work, minutes)).toList();
    }

    private static Outing of(PairWork pair, SockWork work, int minutes) {
        Schedule schedule = Schedule.of(pair);
        double pace = schedule.stitchesPerHour().value() / MINUTES_IN_AN_HOUR;
        List<LapStep> steps = work.course().lap().steps();
        LapPlan.Place begin = work.course().lap().at(work.position());
        Set<String> bring = new LinkedHashSet<>();
        double left = minutes;
        int rounds = 0;
        int presses = 0;
        int at = begin.step();
        int done = begin.done();
        while (at < steps.size()) {
            LapStep step = steps.get(at);
            double takes = takes(step, done, pace, pair.order());
            if (takes > left && presses > 0) {
                break;
            }
            needs(step, done, work).ifPresent(bring::add);
            left -= takes;
            presses++;
            rounds += step.doing().paced() ? 1 : 0;
            done++;
            if (done == step.presses().size()) {
                at++;
                done = 0;
            }
        }
        // Who arrives at a step wants to have what it needs.
        if (at < steps.size() && done == 0) {
            needs(steps.get(at), 0, work).ifPresent(bring::add);
        }
        String pacing = schedule.measured() ? "" : " (average speed)";
        return new Outing(
                minutes,
                "In " + minutes + " minutes" + pacing + ": " + what(steps, begin, at, done, rounds, presses),
                new ArrayList<>(bring));
    }

    private static double takes(LapStep step, int done, double stitchesAMinute, KnitOrder order) {
        if (step.doing().paced()) {
            boolean both = order == KnitOrder.TWO_AT_A_TIME && step.sharing() == Sharing.BOTH;
            return step.presses().get(done).stitches() * (both ? 2 : 1) / stitchesAMinute;
        }
        return step.doing() == Doing.GRAFT
                ? LapRules.GRAFT_MOVE.step().value()
                : LapRules.SINGLE_STEP.step().value();
    }

    private static String what(List<LapStep> steps, LapPlan.Place begin, int at, int done, int rounds, int presses) {
        String so = rounds == 0 ? "" : rounds + (rounds == 1 ? " round" : " rounds");
        if (at == steps.size()) {
            return (so.isEmpty() ? "" : so + ", and ") + "this sock is done.";
        }
        String there = lower(steps.get(at).title());
        if (at == begin.step()) {
            return rounds > 0
                    ? "about " + so + " of the " + part(steps.get(at)) + "."
                    : presses + (presses == 1 ? " move" : " moves") + " of the graft.";
        }
        String where = done == 0 ? "you’ll reach “" + there + "”" : "on into the " + part(steps.get(at));
        return (so.isEmpty() ? "" : "about " + so + ", ") + where + ".";
    }

    private static Optional<String> needs(LapStep step, int done, SockWork work) {
        String words = step.presses().get(done).words();
        if (words.contains("Join the contrast yarn")) {
            return Optional.of("the contrast yarn");
        }
        if (words.contains("Join the main yarn")) {
            return Optional.of("the main yarn");
        }
        OpeningWay way = work.course().plan().opening().way();
        return switch (step.doing()) {
            case BEGIN -> step.instruction().contains("waste yarn") ? Optional.of("waste yarn") : Optional.empty();
            case LINE ->
                Optional.of(
                        switch (way) {
                            case SNIP -> "a marker";
                            case LIFELINES -> "two threads and a blunt needle";
                            case WASTE_ONE_LINE, WASTE_TWO_LINES -> "waste yarn";
                        });
            case HOLD -> Optional.of("a thread");
            case PICK_UP -> Optional.of("spare needles");
            case CUT -> Optional.of("small scissors");
            case GRAFT, FINISH -> Optional.of("a blunt needle");
            default -> Optional.empty();
        };
    }

    /** What is knitted or sewn in a step of many presses. */
    private static String part(LapStep step) {
        return step.section().map(Section::title).orElse("graft");
    }

    private static String lower(String title) {
        return title.substring(0, 1).toLowerCase(Locale.ROOT) + title.substring(1);
    }
}
