package roundpocket.core.plan;

import java.util.Optional;
import roundpocket.core.explain.Step;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;

/**
 * How the sock sits.
 *
 * @param heelRoom the room at the heel and the plain rounds that would give it
 * @param passing whether the tube passes the heel
 * @param easeAtLeg how much smaller than the leg the cuff is, where the leg was measured
 */
public record Fit(HeelRoom heelRoom, Passing passing, Optional<Step> easeAtLeg) {}
