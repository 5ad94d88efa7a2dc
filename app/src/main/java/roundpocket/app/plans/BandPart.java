package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import roundpocket.core.stripe.Band;

/**
 * One band of a striping yarn. How long it is is given in metres, in rounds with the stitches of a round, or in
 * both: then the metres are its length, and the count says how much yarn a stitch takes.
 *
 * @param name what the colour is called, at most 40 characters
 * @param colour its colour as #rrggbb
 * @param lengthM metres of yarn in it, 0.1 to 1000 m
 * @param rounds rounds it takes, 0.25 to 400
 * @param stitches stitches of the tube in which the rounds were counted, 8 to 400
 */
public record BandPart(
        @Nullable String name,
        String colour,
        @Nullable Double lengthM,
        @Nullable Double rounds,
        @Nullable Integer stitches) {
    /** The core's band. */
    public Band toCore() {
        return new Band(
                name == null ? "" : name,
                Colours.checked(colour),
                Present.number(lengthM),
                Present.number(rounds),
                Present.count(stitches));
    }
}
