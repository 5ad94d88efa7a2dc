package roundpocket.core.swatch;

import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Unit;

/**
 * What else is known of the measured fabric.
 *
 * @param state what it had been through; washed where nobody said
 * @param inTheRound whether it was worked in the round, where that is known
 * @param needleMm the needle it was knitted on, 1 to 8 mm
 * @param wantedStitches the stitch gauge that was hoped for, 5 to 100 stitches in 10 cm
 */
public record Fabric(
        Optional<FabricState> state,
        Optional<Boolean> inTheRound,
        OptionalDouble needleMm,
        OptionalDouble wantedStitches) {
    /** Nothing else is known. */
    public static final Fabric UNTOLD =
            new Fabric(Optional.empty(), Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());

    private static final Limit NEEDLE = new Limit(
            "swatch.needle.range",
            1,
            8,
            Unit.NUMBER,
            "The needle must be {min} to {max} mm (you entered {found}).",
            "Look for the number on the needle or on a gauge plate.");
    private static final Limit WANTED = new Limit(
            "swatch.wanted.range",
            5,
            100,
            Unit.STITCHES_PER_10CM,
            "The gauge must be {min} to {max} (that would be {found}).",
            "Check the number and whether it is over 10 cm or 4 in.");

    public Fabric {
        Problems problems = new Problems();
        needleMm.ifPresent(mm -> problems.checkRange("needleMm", mm, NEEDLE));
        wantedStitches.ifPresent(wanted -> problems.checkRange("wantedStitches", wanted, WANTED));
        problems.throwIfAny();
    }

    Optional<Given> wanted() {
        return wantedStitches.isEmpty()
                ? Optional.empty()
                : Optional.of(Given.measured(
                        "target stitch gauge",
                        wantedStitches.getAsDouble(),
                        Unit.STITCHES_PER_10CM,
                        "swatch.fabric.wantedStitches"));
    }

    Optional<NeedleSize> needle() {
        return needleMm.isEmpty() ? Optional.empty() : NeedleSize.of(needleMm.getAsDouble());
    }
}
