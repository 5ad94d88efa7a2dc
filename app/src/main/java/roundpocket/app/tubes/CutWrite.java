package roundpocket.app.tubes;

import java.util.List;

/**
 * Cuts that were made.
 *
 * @param version the version the tube was read at
 * @param pieces the pieces that it was cut into
 */
public record CutWrite(long version, List<PieceWrite> pieces) {}
