package roundpocket.core.lap;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Striping;
import roundpocket.core.stripe.Thread;

/**
 * What to wind off before the second sock.
 *
 * @param metres how much
 * @param until the colour that has gone by then, with how often it comes; empty where it ends inside a band
 */
public record WindOff(Step metres, Optional<String> until) {
    private static final List<String> TIMES = List.of("", "second ", "third ", "fourth ", "fifth ");

    /** What to wind off once the first sock is done and before the second is begun; empty where nothing is. */
    public static Optional<WindOff> of(PairWork pair) {
        boolean between = pair.sock(1).finished() && pair.sock(2).position() == 0;
        return between ? pair.windOff().map(metres -> new WindOff(metres, until(pair, metres))) : Optional.empty();
    }

    private static Optional<String> until(PairWork pair, Step metres) {
        Course course = pair.sock(1).course();
        Striping striping = course.spec().yarns().striping().orElseThrow();
        Repeat repeat = Repeat.of(striping, course.plan().yarn().models().get(YarnRole.MAIN));
        double from = pair.colours(1).orElseThrow().endPlace();
        double hair = repeat.stitchM();
        Thread thread = Thread.forwards(repeat, from, List.of(), metres.value() + 1);
        List<Thread.Change> passed = thread.changes(0, metres.value() + hair);
        if (passed.isEmpty() || Math.abs(passed.get(passed.size() - 1).atM() - metres.value()) > hair) {
            return Optional.empty();
        }
        int gone = passed.size() == 1
                ? thread.bandAt(0)
                : passed.get(passed.size() - 2).band();
        long times = passed.stream()
                        .limit(passed.size() - 1L)
                        .filter(change -> change.band() == gone)
                        .count()
                + (thread.bandAt(0) == gone ? 1 : 0);
        String name = striping.bands().get(gone).called();
        return Optional.of(TIMES.get((int) Math.min(TIMES.size() - 1, Math.max(0, times - 1))) + name);
    }

    /** What to do. */
    public Sentence said() {
        return new Sentence(
                "Wind off {much} before you cast on the second sock"
                        + until.map(band -> ": until the " + band + " is gone.").orElse("."),
                Map.of("much", new Amount(metres.value(), Unit.METRES)));
    }
}
