package roundpocket.core.plan;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingRound;

/**
 * One round of a heel or a toe with what it has taken by its end.
 *
 * @param round the round
 * @param cumulativeG grams from the first round of the heel or toe to this one
 */
public record WorkedRound(ShapingRound round, double cumulativeG) {
    static List<WorkedRound> of(Shaping shaping, SectionYarn yarn) {
        double perStitch = yarn.grams().value()
                / shaping.list().get(shaping.list().size() - 1).cumulative();
        List<WorkedRound> rounds = new ArrayList<>();
        for (ShapingRound round : shaping.list()) {
            rounds.add(new WorkedRound(round, round.cumulative() * perStitch));
        }
        return rounds;
    }
}
