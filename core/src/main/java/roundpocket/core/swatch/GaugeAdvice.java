package roundpocket.core.swatch;

import java.util.Optional;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Named;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What to do when the swatch is off the gauge that was hoped for. The other way out, to keep the needle and change the
 * stitches by fours, is what a plan does by itself.
 *
 * @param wanted the gauge that was hoped for
 * @param offBy measured over wanted, less one
 * @param verdict what that means for the needle
 * @param tryNext the needle to try, where the present one is known and has a neighbour
 */
public record GaugeAdvice(Step wanted, Step offBy, Verdict verdict, Optional<NeedleSize> tryNext) {
    /** What being off the gauge means for the needle. */
    public enum Verdict implements Named {
        ON_GAUGE("close enough for this swatch: go ahead"),
        THICKER("more stitches than the target: try a thicker needle, or more stitches in the tube"),
        THINNER("fewer stitches than the target: try a thinner needle, or fewer stitches in the tube");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        @Override
        public String title() {
            return words;
        }
    }

    static GaugeAdvice of(Given wanted, Step measured, Optional<NeedleSize> needle) {
        Step offBy = Computed.of("off the target gauge by", Unit.PERCENT, GaugeRules.OFF_BY.of(measured, wanted));
        Verdict verdict = Math.abs(offBy.value()) <= offBy.plusMinus95()
                ? Verdict.ON_GAUGE
                : offBy.value() > 0 ? Verdict.THICKER : Verdict.THINNER;
        Optional<NeedleSize> next =
                switch (verdict) {
                    case ON_GAUGE -> Optional.empty();
                    case THICKER -> needle.flatMap(NeedleSize::thicker);
                    case THINNER -> needle.flatMap(NeedleSize::thinner);
                };
        return new GaugeAdvice(wanted, offBy, verdict, next);
    }
}
