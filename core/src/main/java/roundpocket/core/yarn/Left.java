package roundpocket.core.yarn;

import java.util.ArrayList;
import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Spread;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * What is left of a yarn when something has been knitted from it, and whether that will come out.
 *
 * @param atHand grams at hand
 * @param needed grams needed
 * @param left grams left; below nothing it is what is missing
 * @param margin left in standard uncertainties
 * @param enough the margin in words
 */
public record Left(Step atHand, Step needed, Step left, Step margin, Enough enough) {
    public static Left of(String label, Step atHand, Step needed) {
        Step left = Computed.of(label, Unit.GRAMS, YarnRules.LEFT_OVER.of(atHand, needed));
        Step margin = Computed.of("margin of " + label, Unit.NUMBER, YarnRules.MARGIN.of(left, Spread.of(needed)));
        return new Left(atHand, needed, left, margin, Enough.of(margin.value()));
    }

    /**
     * What is left of one yarn after several things, knitted one after the other. Where the model of the yarn errs, it
     * errs the same way for all of them, so what is unsure of each is added up and not evened out.
     *
     * @param atHand grams at hand
     * @param needs grams of each, in the order they are knitted
     * @return what is left after each, in the same order
     */
    public static List<Left> inTurn(Step atHand, List<Step> needs) {
        List<Left> lefts = new ArrayList<>();
        for (int i = 1; i <= needs.size(); i++) {
            List<Step> soFar = needs.subList(0, i);
            Step needed = i == 1 ? needs.get(0) : YarnModel.sum("grams of " + i + " pairs", Unit.GRAMS, soFar);
            Step unsure = YarnModel.sum(
                    "unsure of all of them",
                    Unit.GRAMS,
                    soFar.stream().<Step>map(Spread::of).toList());
            String label = "left after " + i + (i == 1 ? " pair" : " pairs");
            Step left = Computed.of(label, Unit.GRAMS, YarnRules.LEFT_OVER.of(atHand, needed));
            Step margin = Computed.of("margin of " + label, Unit.NUMBER, YarnRules.MARGIN.of(left, unsure));
            lefts.add(new Left(atHand, needed, left, margin, Enough.of(margin.value())));
        }
        return lefts;
    }
}
