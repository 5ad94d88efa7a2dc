package roundpocket.core.lap;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Knot;
import roundpocket.core.stripe.Repeat;
import roundpocket.core.stripe.Thread;

/**
 * What to wind off before the second sock.
 *
 * @param metres how much
 * @param said what to do, in words
 */
public record WindOff(Step metres, Sentence said) {
    private static final List<String> TIMES = List.of("", "second ", "third ", "fourth ", "fifth ");

    /** What to wind off once the first sock is done and before the second is begun; empty where nothing is. */
    public static Optional<WindOff> of(PairWork pair) {
        boolean between = pair.sock(1).finished() && pair.sock(2).position() == 0;
        return between ? pair.windOff().map(metres -> new WindOff(metres, said(pair, metres))) : Optional.empty();
    }

    private static Sentence said(PairWork pair, Step metres) {
        Course course = pair.sock(1).course();
        Repeat repeat = Repeat.of(
                course.spec().yarns().striping().orElseThrow(),
                course.plan().yarn().models().get(YarnRole.MAIN));
        LapColours first = pair.colours(1).orElseThrow();
        if (first.onwards(repeat, metres.value() + 1).lostAt(metres.value(), 0)) {
            return untilItBegins(
                    repeat, toTheKnot(first, metres), Beginning.wantedPlace(repeat, Beginning.colours(pair, 1)));
        }
        return new Sentence(
                "Wind off {much} before you cast on the second sock"
                        + until(repeat, first, metres)
                                .map(band -> ": until the " + band + " is gone.")
                                .orElse("."),
                Map.of("much", new Amount(metres.value(), Unit.METRES)));
    }

    /** Metres to the last knot in what is wound off; 0 where none lies in it. */
    private static double toTheKnot(LapColours first, Step metres) {
        return first.ahead().stream()
                .mapToDouble(Knot::atM)
                .filter(at -> at <= metres.value())
                .max()
                .orElse(0);
    }

    /** Behind a knot nobody knows how much it will be: one looks until the colour comes. */
    private static Sentence untilItBegins(Repeat repeat, double toTheKnot, double wanted) {
        int band = repeat.bandAt(wanted);
        double more = wanted - repeat.startOf(band);
        Map<String, Amount> amounts = new HashMap<>();
        amounts.put("most", new Amount(toTheKnot + repeat.metres().value(), Unit.METRES));
        String said = "Before you cast on the second sock, wind off "
                + (toTheKnot > 0 ? "to the knot that comes, and on " : "")
                + "until the " + repeat.striping().bands().get(band).called()
                + " begins: {most} at most.";
        if (more < repeat.stitchM()) {
            return new Sentence(said, amounts);
        }
        amounts.put("more", new Amount(more, Unit.METRES));
        return new Sentence(said + " From there wind off {more} more.", amounts);
    }

    /** The colour that has gone by then, with how often it comes; empty where that ends inside a band. */
    private static Optional<String> until(Repeat repeat, LapColours first, Step metres) {
        double hair = repeat.stitchM();
        Thread thread = first.onwards(repeat, metres.value() + 1);
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
        String name = repeat.striping().bands().get(gone).called();
        return Optional.of(TIMES.get((int) Math.min(TIMES.size() - 1, Math.max(0, times - 1))) + name);
    }
}
