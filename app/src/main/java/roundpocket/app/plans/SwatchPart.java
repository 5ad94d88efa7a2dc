package roundpocket.app.plans;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import roundpocket.app.kept.Required;
import roundpocket.core.explain.Problems;
import roundpocket.core.swatch.Reading;
import roundpocket.core.swatch.Swatch;

/**
 * A swatch.
 *
 * @param stitches one to 20 readings of stitches
 * @param rounds one to 20 readings of rounds
 */
public record SwatchPart(List<ReadingPart> stitches, List<ReadingPart> rounds) {
    public Swatch toCore() {
        Problems problems = new Problems();
        List<Reading> stitchReadings = readings(problems, "stitches", stitches);
        List<Reading> roundReadings = readings(problems, "rounds", rounds);
        problems.throwIfAny();
        return new Swatch(stitchReadings, roundReadings);
    }

    private static List<Reading> readings(Problems problems, String field, @Nullable List<ReadingPart> parts) {
        List<Reading> readings = new ArrayList<>();
        List<ReadingPart> present = parts == null ? List.of() : parts;
        for (int i = 0; i < present.size(); i++) {
            String at = field + "[" + i + "]";
            ReadingPart part = present.get(i);
            problems.collect(at, () -> Required.part(part).toCore()).ifPresent(readings::add);
        }
        return readings;
    }
}
