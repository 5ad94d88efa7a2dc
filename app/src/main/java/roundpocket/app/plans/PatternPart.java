package roundpocket.app.plans;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problems;
import roundpocket.core.pattern.Motif;
import roundpocket.core.pattern.PatternChart;
import roundpocket.core.pattern.PatternChoice;
import roundpocket.core.pattern.PatternPlace;

/**
 * What is patterned. What is left out is as usual.
 *
 * @param place where the pattern stands
 * @param motif what is repeated
 * @param width stitches of a repeat
 * @param height rounds of a repeat
 * @param rows the repeat written out, a line a round, the first round first
 * @param edge plain stitches at either edge of the instep
 * @param pause plain rounds from the heel line on
 * @param whole whether the leg ends with a whole repeat
 * @param swatched whether the swatch was knitted in the pattern
 */
public record PatternPart(
        @Nullable PatternPlace place,
        @Nullable Motif motif,
        @Nullable Integer width,
        @Nullable Integer height,
        @Nullable String rows,
        @Nullable Integer edge,
        @Nullable Integer pause,
        @Nullable Boolean whole,
        @Nullable Boolean swatched) {
    PatternChoice toCore() {
        Problems problems = new Problems();
        Optional<PatternChart> chart =
                rows == null || rows.isBlank() ? Optional.empty() : problems.collect("", () -> PatternChart.read(rows));
        problems.throwIfAny();
        return new PatternChoice(
                Optional.ofNullable(place),
                Optional.ofNullable(motif),
                Present.count(width),
                Present.count(height),
                chart,
                Present.count(edge),
                Present.count(pause),
                Optional.ofNullable(whole),
                Optional.ofNullable(swatched));
    }
}
