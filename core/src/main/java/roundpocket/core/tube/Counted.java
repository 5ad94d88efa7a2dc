package roundpocket.core.tube;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.swatch.Gauge;

/**
 * The opening, counted from one of the places where knitters count from.
 *
 * @param from the place
 * @param rounds rounds from there to the opening
 * @param length millimetres of them
 * @param markers ten-round markers set before the opening
 */
public record Counted(CountFrom from, Step rounds, Step length, Step markers) {
    static Counted of(CountFrom from, Step rounds, Gauge gauge) {
        Step tens = Computed.of("tens of rounds before the heel line", Unit.TENS, TubeRules.TENS.of(rounds));
        return new Counted(
                from,
                rounds,
                TubeRules.lengthOf(from.title() + " to the heel line", rounds, gauge),
                Rounded.of(
                        "ten-round markers before the heel line",
                        tens,
                        Rounding.DOWN,
                        "a marker is set when its ten rounds are done"));
    }
}
