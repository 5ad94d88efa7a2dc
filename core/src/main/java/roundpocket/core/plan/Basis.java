package roundpocket.core.plan;

import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.finish.FinishChoice;
import roundpocket.core.foot.Measures;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.swatch.GaugeAdvice;

/**
 * What a plan starts from.
 *
 * @param foot the measures it is for
 * @param ease how much smaller than the foot it is wanted, as a ratio
 * @param leg the leg as it was wished for, or where it is what is left, that, in millimetres or rounds
 * @param gauge the gauge
 * @param gaugeAdvice what to do about the needle, where a gauge was hoped for
 */
public record Basis(Measures foot, Step ease, Step leg, Gauge gauge, Optional<GaugeAdvice> gaugeAdvice) {
    /** Rounds of the cuff where the knitter chooses none. */
    int usualCuff() {
        return FinishChoice.usual().cuff(foot.length(), gauge.rounds()).count();
    }
}
