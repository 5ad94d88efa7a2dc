package roundpocket.app.tubes;

import java.util.List;
import java.util.UUID;

/**
 * What came of cuts that were made.
 *
 * @param tube the tube that is left
 * @param pairIds the pairs in the basket
 * @param remnantIds further remnants that are worth keeping, each a tube of its own
 */
public record CutMadeView(TubeView tube, List<UUID> pairIds, List<UUID> remnantIds) {}
