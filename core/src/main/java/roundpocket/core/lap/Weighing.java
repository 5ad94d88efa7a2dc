package roundpocket.core.lap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.SockPlan;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Weighed;

/**
 * Yarn as it was weighed, and what was knitted from it by then.
 *
 * @param id its own
 * @param sock the sock that was being knitted
 * @param role which yarn it was
 * @param grams what it weighed, 1 to 2000 g
 * @param shared whether both socks are knitted from it
 * @param fresh whether it is another cake than before
 * @param sure whether it was weighed again after it had been doubted
 * @param stitches stitches of this yarn that were knitted by then, on one sock or on both
 */
public record Weighing(
        String id, int sock, YarnRole role, double grams, boolean shared, boolean fresh, boolean sure, int stitches) {
    private static final Limit GRAMS = new Limit(
            "lap.weigh.range",
            1,
            2000,
            Unit.GRAMS,
            "The yarn must weigh {min} to {max} (you entered {found}).",
            "Weigh the yarn alone, in grams; tare the bowl first.");

    /** A scale may show a cake heavier than before by its own step, and damp air adds a little. */
    private static final double HEAVIER_G = 2;

    /** The least that a stretch is reckoned with. */
    private static final double LEAST_USED_G = 0.1;

    public Weighing {
        Problems problems = new Problems();
        problems.checkRange("grams", grams, GRAMS);
        problems.throwIfAny();
    }

    static Weighing of(KnitEvent.Weighed weighed, PairWork pair) {
        SockWork own = pair.sock(weighed.sock());
        SockWork other = pair.other(weighed.sock());
        int stitches = own.stitches(weighed.role());
        if (weighed.shared()) {
            stitches += other.stitches(weighed.role());
        }
        return new Weighing(
                weighed.id(),
                weighed.sock(),
                weighed.role(),
                weighed.grams(),
                weighed.shared(),
                weighed.fresh(),
                weighed.sure(),
                stitches);
    }

    /** Whether it is a weighing of the same cake, unless that is a fresh one. */
    boolean sameCake(Weighing other) {
        return role == other.role && shared == other.shared && (shared || sock == other.sock);
    }

    /** What went since an earlier weighing of the cake; nothing where nothing was knitted or nothing went. */
    Optional<WeighIn> since(Weighing earlier) {
        int worked = stitches - earlier.stitches;
        double used = earlier.grams - grams;
        return worked >= 1 && used >= LEAST_USED_G
                ? Optional.of(WeighIn.ofStitches(worked, used, role == YarnRole.CONTRAST))
                : Optional.empty();
    }

    /** The same weight as if the other sock’s yarn had been on the scale. */
    Weighing ofTheOther(PairWork pair) {
        SockWork other = pair.other(sock);
        return new Weighing(id, other.number(), role, grams, shared, fresh, sure, other.stitches(role));
    }

    /** Whether it may follow on an earlier weighing of the same cake. */
    boolean goesAfter(Weighing last, SockPlan plan) {
        return grams <= last.grams + HEAVIER_G && beside(last, plan).believable();
    }

    void refuseUnlessAfter(Weighing last, SockPlan plan) {
        if (grams > last.grams + HEAVIER_G) {
            throw refusal(
                    "lap.weigh.heavier",
                    "The yarn weighed {before} last time and weighs {found} now.",
                    "If it is a new ball, say so; or weigh it again without the bowl.",
                    Map.of("before", Amount.grams(last.grams), "found", Amount.grams(grams)));
        }
        Weighed beside = beside(last, plan);
        if (!sure && !beside.believable()) {
            throw refusal(
                    "lap.weigh.unlikely",
                    "You have used {used} since the last weighing; about {expected} was expected for what you knitted.",
                    "Weigh again and check your place. Or say that it is a new ball, or that the weight is right.",
                    Map.of(
                            "used", Amount.grams(last.grams - grams),
                            "expected",
                                    Amount.grams(Math.round(beside.predicted().value()))));
        }
    }

    /** What went since an earlier weighing of the cake, beside what the model expects. */
    Weighed beside(Weighing last, SockPlan plan) {
        return plan.yarn()
                .models()
                .get(role)
                .weighing(
                        Given.tried("stitches knitted since", Math.max(0, stitches - last.stitches), Unit.STITCHES),
                        Given.measured("went since", last.grams - grams, Unit.GRAMS, "grams"));
    }

    private static Refusal refusal(String code, String template, String remedy, Map<String, Amount> amounts) {
        return new Refusal(List.of(new Problem(code, "grams", template, remedy, amounts)));
    }
}
