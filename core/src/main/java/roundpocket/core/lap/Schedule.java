package roundpocket.core.lap;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.KnitOrder;
import roundpocket.core.yarn.YarnModel;

/**
 * How long what is left of a pair takes.
 *
 * @param stitchesPerHour the pace that it is reckoned with
 * @param measured whether that pace is the knitter's own, from the counter
 * @param parts what is left, in the order of work
 * @param hours hours of all of it
 */
public record Schedule(Step stitchesPerHour, boolean measured, List<Part> parts, Step hours) {
    private static final Limit MINUTES = new Limit(
            "lap.sitting.minutes",
            10,
            960,
            Unit.NUMBER,
            "Knit {min} to {max} minutes at a time (you entered {found}).",
            "An evening is 60 to 120.");

    /** More sittings than these are no schedule. */
    private static final int MOST_SITTINGS = 1000;

    public Schedule {
        parts = List.copyOf(parts);
    }

    /**
     * A part of the work that is left.
     *
     * @param sock 1 or 2
     * @param title what is done
     * @param hours how long it takes
     */
    public record Part(int sock, String title, Step hours) {}

    /**
     * One time of sitting down to knit.
     *
     * @param minutes how long; the last may be shorter
     * @param from the part that it begins with
     * @param to the part that it ends in
     */
    public record Sitting(int minutes, Part from, Part to) {}

    /** What is left of a pair, one sock after the other. */
    public static Schedule of(PairWork pair) {
        OptionalDouble own = pace(pair);
        Step pace = own.isPresent()
                ? Given.measured("stitches in an hour, by the counter", own.getAsDouble(), Unit.STITCHES, "pace")
                : LapRules.USUAL_PACE.step();
        List<Part> parts = new ArrayList<>();
        for (int sock = 1; sock <= 2; sock++) {
            parts(sock, pair.sock(sock), pace, parts);
        }
        Step hours = parts.isEmpty()
                ? Given.tried("hours left", 0, Unit.NUMBER)
                : YarnModel.sum(
                        "hours left",
                        Unit.NUMBER,
                        parts.stream().map(Part::hours).toList());
        return new Schedule(pace, own.isPresent(), parts, hours);
    }

    /** The pace of the sock that was knitted last, or of the other where that one tells nothing yet. */
    private static OptionalDouble pace(PairWork pair) {
        OptionalDouble second = pair.sock(2).stitchesPerHour();
        OptionalDouble own = second.isPresent() ? second : pair.sock(1).stitchesPerHour();
        // A round of either sock was knitted between two presses.
        boolean both = pair.order() == KnitOrder.TWO_AT_A_TIME && own.isPresent();
        return both ? OptionalDouble.of(2 * own.getAsDouble()) : own;
    }

    private static void parts(int sock, SockWork work, Step pace, List<Part> parts) {
        int left = work.position();
        for (LapStep step : work.course().lap().steps()) {
            int done = Math.max(0, Math.min(step.presses().size(), left));
            left -= step.presses().size();
            if (done < step.presses().size()) {
                parts.add(new Part(sock, step.title(), hours(step, done, pace)));
            }
        }
    }

    private static Step hours(LapStep step, int done, Step pace) {
        List<LapStep.Press> rest = step.presses().subList(done, step.presses().size());
        String label = "hours of " + step.title().toLowerCase(Locale.ROOT);
        if (step.doing().paced()) {
            int stitches = rest.stream().mapToInt(LapStep.Press::stitches).sum();
            return Computed.of(
                    label,
                    Unit.NUMBER,
                    LapRules.HOURS.of(Given.tried("stitches left of " + step.title(), stitches, Unit.STITCHES), pace));
        }
        Step each = step.doing() == Doing.GRAFT ? LapRules.GRAFT_MOVE.step() : LapRules.SINGLE_STEP.step();
        return Computed.of(
                label, Unit.NUMBER, LapRules.MINUTES.of(Given.tried("presses left", rest.size(), Unit.NUMBER), each));
    }

    /** The work cut into sittings of so many minutes, 10 to 960; none where nothing is left. */
    public List<Sitting> sittings(int minutes) {
        Problems problems = new Problems();
        problems.checkRange("minutes", minutes, MINUTES);
        problems.throwIfAny();
        double left = hours.value() * 60;
        if (left > (double) minutes * MOST_SITTINGS) {
            throw new Refusal(List.of(new Problem(
                    "lap.sitting.number",
                    "minutes",
                    "At {minutes} minutes at a time that would be more than {max} times.",
                    "Plan to knit longer at a time.",
                    Map.of(
                            "minutes", new Amount(minutes, Unit.NUMBER),
                            "max", new Amount(MOST_SITTINGS, Unit.NUMBER)))));
        }
        List<Sitting> sittings = new ArrayList<>();
        for (double begun = 0; begun < left - 0.5; begun += minutes) {
            double end = Math.min(left, begun + minutes);
            sittings.add(new Sitting((int) Math.ceil(end - begun), at(begun), at(end)));
        }
        return sittings;
    }

    /** The part that is being worked on after so many minutes. */
    private Part at(double minutes) {
        double passed = 0;
        for (Part part : parts) {
            passed += part.hours().value() * 60;
            if (minutes < passed) {
                return part;
            }
        }
        return parts.get(parts.size() - 1);
    }
}
