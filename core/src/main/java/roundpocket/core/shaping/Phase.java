package roundpocket.core.shaping;

import java.util.Map;
import java.util.OptionalInt;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * A stretch of a shaping with one rhythm: a decrease round, then plain ones. Either so many times, or until so many
 * stitches are left on each side.
 *
 * @param every one decrease round in so many, 1 to 10
 * @param times decrease rounds, 1 to 100; or empty
 * @param until stitches wanted on each needle at its end, 4 to 200; or empty
 */
public record Phase(int every, OptionalInt times, OptionalInt until) {
    private static final Limit EVERY = new Limit(
            "shaping.phase.every",
            1,
            10,
            Unit.ROUNDS,
            "Decrease every {min} to {max} (you entered {found}).",
            "1 is every round, 2 is every second.");
    private static final Limit TIMES = new Limit(
            "shaping.phase.times",
            1,
            100,
            Unit.NUMBER,
            "Decrease rounds must be {min} to {max} (you entered {found}).",
            "Say how often the decrease round comes.");
    private static final Limit UNTIL = new Limit(
            "shaping.phase.until",
            4,
            200,
            Unit.STITCHES,
            "Stop at {min} to {max} on each needle (you entered {found}).",
            "8 is usual before a graft and 4 before a cinch.");

    public Phase {
        Problems problems = new Problems();
        problems.checkRange("every", every, EVERY);
        times.ifPresent(n -> problems.checkRange("times", n, TIMES));
        until.ifPresent(side -> problems.checkRange("until", side, UNTIL));
        if (times.isPresent() == until.isPresent()) {
            problems.add(new Problem(
                    "shaping.phase.end",
                    "until",
                    "A phase ends either after so many decrease rounds or at so many stitches on each needle.",
                    "Give one of the two.",
                    Map.of("found", new Amount(times.isPresent() ? 2 : 0, Unit.NUMBER))));
        }
        problems.throwIfAny();
    }

    public static Phase times(int every, int times) {
        return new Phase(every, OptionalInt.of(times), OptionalInt.empty());
    }

    public static Phase until(int every, int side) {
        return new Phase(every, OptionalInt.empty(), OptionalInt.of(side));
    }
}
