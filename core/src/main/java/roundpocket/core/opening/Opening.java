package roundpocket.core.opening;

import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/**
 * The heel's opening, kept by one line of waste yarn over the sole stitches, two stitches of it left in at each corner.
 *
 * @param wasteStitches stitches of the waste-yarn line
 * @param below loops picked up below the line
 * @param above loops picked up above the line
 * @param live live loops in the first round of the heel
 * @param cornerStitches waste-yarn stitches left in at each corner
 * @param comesOut waste-yarn stitches that come out
 */
public record Opening(Step wasteStitches, Step below, Step above, Step live, Step cornerStitches, Step comesOut) {
    private static final Given CORNER = Given.constant(
            "stitches left in at each corner",
            2,
            Unit.STITCHES,
            Source.practice("two, or one and a half, against a hole at the corner"));

    /** The opening of a tube whose sole has {@code half} stitches. */
    public static Opening onWasteYarn(Step half) {
        Step below = Computed.of("loops to pick up below", Unit.STITCHES, OpeningRules.PICK_UP, half);
        Step above = Computed.of("loops to pick up above", Unit.STITCHES, OpeningRules.PICK_UP, half);
        return new Opening(
                half,
                below,
                above,
                Computed.of("stitches in the heel's first round", Unit.STITCHES, OpeningRules.LIVE, below, above),
                CORNER,
                Computed.of("waste-yarn stitches that come out", Unit.STITCHES, OpeningRules.COMES_OUT, half, CORNER));
    }
}
