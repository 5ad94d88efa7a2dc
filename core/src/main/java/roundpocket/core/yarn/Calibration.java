package roundpocket.core.yarn;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What weighing says of the model: the factor by which this knitter, on this yarn, uses more or less than it predicts.
 *
 * <p>The prior 1 ± 0.10 and each weighed stretch are weighted by the inverse of their variance; the factor is the
 * weighted least-squares estimate with the prior as one more observation.
 */
final class Calibration {
    static final Constant UNWEIGHED = new Constant(
            "yarn.factor-prior",
            "factor before any weighing",
            1,
            Unit.NUMBER,
            0.10,
            Source.memory("knitters differ by about 10 %"));
    static final Constant WHOLE_GRAMS = Constant.of(
            "yarn.whole-grams",
            "standard uncertainty of a difference on a scale that shows whole grams",
            0.41,
            Unit.GRAMS,
            Source.derived("two readings, each out by up to half a gram either way: one gram over √6"));

    private Calibration() {}

    /** The factor; {@code stretches} are what was weighed of this yarn, against the model before any factor. */
    static Step factor(List<Weighed> stretches) {
        if (stretches.isEmpty()) {
            return UNWEIGHED.step();
        }
        List<Step> triples = new ArrayList<>();
        List<Step> pairs = new ArrayList<>();
        for (Weighed stretch : stretches) {
            triples.addAll(List.of(stretch.predicted(), stretch.used(), stretch.unsure()));
            pairs.addAll(List.of(stretch.predicted(), stretch.unsure()));
        }
        return Computed.of("factor from weighing", Unit.NUMBER, YarnRules.FACTOR.of(triples))
                .fittedWithin(
                        Computed.of("uncertainty of the factor", Unit.NUMBER, YarnRules.FACTOR_UNCERTAINTY.of(pairs)));
    }
}
