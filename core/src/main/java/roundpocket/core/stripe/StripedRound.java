package roundpocket.core.stripe;

import java.util.List;

/**
 * The colours of one round.
 *
 * @param stitches stitches worked in it
 * @param band the band that its first stitch has
 * @param changes the changes inside it, by stitch
 * @param endM metres of the cake that have gone when it is done
 * @param sinceM metres since a change that is sure
 * @param unsureRounds standard uncertainty of where in the knitting this metre of the yarn comes, in rounds of this width
 * @param lost whether it lies behind a knot of which nobody knows how the yarn goes on
 */
public record StripedRound(
        int stitches, int band, List<ChangeAt> changes, double endM, double sinceM, double unsureRounds, boolean lost) {
    /**
     * A change of colour inside a round.
     *
     * @param stitch the stitch that the change lies in, from 1; from it on the stitches count as the new band's
     * @param band the band that begins
     */
    public record ChangeAt(int stitch, int band) {}

    public StripedRound {
        changes = List.copyOf(changes);
    }

    /** The band of a stitch, from 1. */
    public int bandOf(int stitch) {
        int found = band;
        for (ChangeAt change : changes) {
            if (change.stitch() <= stitch) {
                found = change.band();
            }
        }
        return found;
    }

    /** The band of its last stitch. */
    public int lastBand() {
        return changes.isEmpty() ? band : changes.get(changes.size() - 1).band();
    }
}
