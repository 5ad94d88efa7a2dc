package roundpocket.core.stripe;

import java.util.Optional;
import java.util.OptionalInt;

/**
 * What the yarn goes into next: a round of stitches, or a tail.
 *
 * @param stitches stitches worked, 0 for a tail
 * @param tailM metres of tail, 0 for a round
 * @param seen a change of colour that was seen in the round
 */
public record Pass(int stitches, double tailM, Optional<Seen> seen) {
    /**
     * A change of colour that the knitter saw.
     *
     * @param band the band that begins
     * @param stitch the stitch of the round, from 1, where she said it; else it is taken to be in the middle
     */
    public record Seen(int band, OptionalInt stitch) {}

    public static Pass round(int stitches) {
        return new Pass(stitches, 0, Optional.empty());
    }

    public static Pass tail(double metres) {
        return new Pass(0, metres, Optional.empty());
    }

    public Pass seeing(Seen change) {
        return new Pass(stitches, tailM, Optional.of(change));
    }

    double metres(double stitchM) {
        return stitches * stitchM + tailM;
    }
}
