package roundpocket.core.plan;

import roundpocket.core.explain.Step;
import roundpocket.core.fit.HeelRoom;
import roundpocket.core.fit.Passing;

/**
 * How the sock sits.
 *
 * @param heelRoom the room at the heel and the plain rounds that would give it
 * @param passing whether the tube passes the heel
 * @param edgeGirth around the cuff's edge in its rib, not stretched, in millimetres
 * @param easeAtLeg how much smaller than the leg that edge is, as a ratio
 * @param legEstimated whether the leg was only estimated from the ball
 */
public record Fit(HeelRoom heelRoom, Passing passing, Step edgeGirth, Step easeAtLeg, boolean legEstimated) {}
