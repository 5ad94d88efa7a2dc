package roundpocket.core.lap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.yarn.WeighIn;

/**
 * A cake as it was weighed, and what was knitted by then.
 *
 * @param id its own
 * @param sock the sock that was being knitted
 * @param grams what the cake weighed, 1 to 2000 g
 * @param shared whether both socks are knitted from it
 * @param fresh whether it is another cake than before
 * @param stitches stitches of the main yarn that were knitted from it by then, on one sock or on both
 */
public record Weighing(String id, int sock, double grams, boolean shared, boolean fresh, int stitches) {
    private static final Limit GRAMS = new Limit(
            "lap.weigh.range",
            1,
            2000,
            Unit.GRAMS,
            "A cake of {found} cannot be: {min} to {max}.",
            "Weigh the cake alone, in grams; tare the bowl first.");

    /** A scale may show a cake heavier than before by its own step, and damp air adds a little. */
    private static final double HEAVIER_G = 2;

    /** A stretch that took so much more or less than the model says was misread. */
    private static final double MOST_TIMES = 3;

    /** Differences below this say nothing on a scale of whole grams. */
    private static final double SMALLEST_TELLING_G = 4;

    public Weighing {
        Problems problems = new Problems();
        problems.checkRange("grams", grams, GRAMS);
        problems.throwIfAny();
    }

    static Weighing of(Happening.Weighed weighed, PairWork pair) {
        SockWork own = pair.sock(weighed.sock());
        SockWork other = pair.other(weighed.sock());
        int stitches = own.course().mainStitches(own.position());
        if (weighed.shared()) {
            stitches += other.course().mainStitches(other.position());
        }
        return new Weighing(weighed.id(), weighed.sock(), weighed.grams(), weighed.shared(), weighed.fresh(), stitches);
    }

    /** Whether it is a weighing of the same cake, unless that is a fresh one. */
    boolean sameCake(Weighing other) {
        return shared == other.shared && (shared || sock == other.sock);
    }

    /** What went since an earlier weighing of the cake; nothing where nothing was knitted or nothing went. */
    Optional<WeighIn> since(Weighing earlier) {
        int worked = stitches - earlier.stitches;
        double used = earlier.grams - grams;
        return worked >= 1 && used >= 1 ? Optional.of(WeighIn.ofStitches(worked, used)) : Optional.empty();
    }

    void refuseUnlessAfter(Weighing last, Course course) {
        if (grams > last.grams + HEAVIER_G) {
            throw refusal(
                    "lap.weigh.heavier",
                    "The cake weighed {before} last time and weighs {found} now.",
                    "Say that it is another cake, if it is; or weigh it again without the bowl.",
                    Map.of("before", Amount.grams(last.grams), "found", Amount.grams(grams)));
        }
        double perStitch = course.plan().yarn().sockGrams().value()
                / course.plan().yarn().sections().stream()
                        .mapToDouble(section -> section.stitches().value())
                        .sum();
        double expected = (stitches - last.stitches) * perStitch;
        double used = last.grams - grams;
        if (used > Math.max(SMALLEST_TELLING_G, MOST_TIMES * expected)
                || expected > Math.max(SMALLEST_TELLING_G, MOST_TIMES * used)) {
            throw refusal(
                    "lap.weigh.unlikely",
                    "Since the last weighing {used} went, and what was counted since takes about {expected}.",
                    "Weigh again; see that the counter is where the knitting is; or say that it is another cake.",
                    Map.of("used", Amount.grams(used), "expected", Amount.grams(Math.max(0, expected))));
        }
    }

    private static Refusal refusal(String code, String template, String remedy, Map<String, Amount> amounts) {
        return new Refusal(List.of(new Problem(code, "grams", template, remedy, amounts)));
    }
}
