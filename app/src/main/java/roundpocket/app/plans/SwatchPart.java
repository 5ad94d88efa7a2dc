package roundpocket.app.plans;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.swatch.Fabric;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.swatch.TubeReading;

/**
 * A swatch.
 *
 * @param stitches one to 20 readings of stitches
 * @param rounds one to 20 readings of rounds
 * @param fabric what else is known of it
 */
public record SwatchPart(
        List<ReadingPart> stitches,
        List<ReadingPart> rounds,
        @Nullable FabricPart fabric) {
    /** A swatch of which only the counts are known. */
    public SwatchPart(List<ReadingPart> stitches, List<ReadingPart> rounds) {
        this(stitches, rounds, null);
    }

    /** As the core has it, without what was read on the tube. */
    public static SwatchPart of(Swatch swatch) {
        return new SwatchPart(
                swatch.stitches().stream().map(ReadingPart::of).toList(),
                swatch.rounds().stream().map(ReadingPart::of).toList(),
                swatch.fabric().equals(Fabric.UNTOLD) ? null : FabricPart.of(swatch.fabric()));
    }

    public Swatch toCore() {
        return toCore(Optional.empty());
    }

    Swatch toCore(Optional<TubeReading> onTheTube) {
        Problems problems = new Problems();
        List<Reading> stitchReadings = SpecPart.each(problems, "stitches", stitches, ReadingPart::toCore);
        List<Reading> roundReadings = SpecPart.each(problems, "rounds", rounds, ReadingPart::toCore);
        Optional<Fabric> told = Optional.ofNullable(fabric).flatMap(part -> problems.collect("fabric", part::toCore));
        problems.throwIfAny();
        return new Swatch(stitchReadings, roundReadings, told.orElse(Fabric.UNTOLD), onTheTube);
    }
}
