package roundpocket.app.laps;

import java.util.List;
import roundpocket.core.pattern.PatternChart;
import roundpocket.core.pattern.PatternRow;
import roundpocket.core.plan.PatternPlan;

/**
 * A pattern beside the needles.
 *
 * @param width stitches of a repeat
 * @param height rounds of a repeat
 * @param rows the repeat written out, the first round first; empty where only its size is known
 */
public record LapPatternView(int width, int height, List<PatternRow> rows) {
    static LapPatternView of(PatternPlan plan) {
        return new LapPatternView(
                plan.made().width().count(),
                plan.made().height().count(),
                plan.made().chart().map(PatternChart::rows).orElse(List.of()));
    }
}
