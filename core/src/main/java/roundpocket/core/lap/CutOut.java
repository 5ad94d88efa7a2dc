package roundpocket.core.lap;

import java.util.Map;
import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Sentence;
import roundpocket.core.measure.Unit;
import roundpocket.core.plan.YarnRole;
import roundpocket.core.stripe.Repeat;

/**
 * What to do about a knot that was met, so that the bands go on as if there were none.
 *
 * @param metres to wind off behind it, taken from the middle of the band with which the yarn goes on
 * @param said what to do, in words
 */
public record CutOut(Step metres, Sentence said) {
    /** Less than this of a band shows as nothing. */
    private static final double SHOWN_M = 0.05;

    /**
     * For a knot in a sock; empty where the order was not known before it, the band goes on as it was, or the plan tells
     * what is done about it.
     */
    public static Optional<CutOut> of(PairWork pair, LapColours colours, SeenColour knot) {
        Course course = pair.sock(knot.sock()).course();
        Repeat repeat = Repeat.of(
                course.spec().yarns().striping().orElseThrow(),
                course.plan().yarn().models().get(YarnRole.MAIN));
        return colours.tied().stream()
                .filter(tied -> knot.knot() && tied.position() == knot.position() && !tied.told())
                .filter(tied -> tied.inOrderM().isPresent()
                        && repeat.bandAt(tied.inOrderM().getAsDouble()) != tied.band())
                .findFirst()
                .map(tied -> of(repeat, tied.band(), tied.inOrderM().getAsDouble()));
    }

    private static CutOut of(Repeat repeat, int band, double inOrderM) {
        double middle = repeat.startOf(band) + repeat.bands().get(band).value() / 2;
        Step metres = repeat.windOff("to wind off behind the knot", inOrderM, middle);
        int wanted = repeat.bandAt(inOrderM);
        double into = inOrderM - repeat.startOf(wanted);
        String name = repeat.striping().bands().get(wanted).called();
        return new CutOut(
                metres,
                new Sentence(
                        "To keep the order, cut the knot out: wind off about {much}, until "
                                + (into < SHOWN_M ? "the " + name + " begins" : "{into} of the " + name + " are gone")
                                + ", join the two ends, and undo this.",
                        Map.of(
                                "much", new Amount(metres.value(), Unit.METRES),
                                "into", new Amount(into, Unit.METRES))));
    }
}
