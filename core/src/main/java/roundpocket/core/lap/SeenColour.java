package roundpocket.core.lap;

import java.util.OptionalInt;

/**
 * A change of colour, or a knot, that was seen while knitting.
 *
 * @param id its own, by which it can be taken back
 * @param sock the sock it was seen in
 * @param position presses done before the round that it lies in
 * @param band the band that begins, or with which the yarn goes on behind a knot; from 0
 * @param stitch the stitch of the round, from 1, where it was said
 * @param knot whether it is a knot: the order of the bands breaks there
 */
public record SeenColour(String id, int sock, int position, int band, OptionalInt stitch, boolean knot) {}
