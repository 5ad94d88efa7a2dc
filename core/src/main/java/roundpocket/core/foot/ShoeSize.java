package roundpocket.core.foot;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Distribution;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * A shoe size. The length it stands for is an estimate, good to ±5 mm; where the foot can be measured, it should be.
 *
 * @param system how it is counted
 * @param size the size, within the system's range; halves count
 */
public record ShoeSize(ShoeSystem system, double size) {
    static final Constant ERROR = Constant.of(
            "foot.shoe-error",
            "a shoe size tells the length to within",
            5,
            Unit.MILLIMETRES,
            Source.memory("lasts of one size differ by about as much to either side"));

    public ShoeSize {
        Problems problems = new Problems();
        problems.checkRange("size", size, system.limit());
        problems.throwIfAny();
    }

    /** Length of the foot in millimetres, as an estimate; {@code at} is the path of the size in the specification. */
    public Step length(String at) {
        Given put = Given.measured("shoe size, " + system.title(), size, Unit.NUMBER, at + ".size");
        return Computed.of(
                        "foot length, from the shoe size",
                        Unit.MILLIMETRES,
                        system.rule().of(put))
                .within(
                        Computed.of("uncertainty of a shoe size", Unit.MILLIMETRES, FootRules.WITHIN.of(ERROR.step())),
                        Distribution.RECTANGULAR);
    }
}
