package roundpocket.core.plan;

import roundpocket.core.foot.Foot;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.yarn.Yarn;

/**
 * Everything a plan is made from.
 *
 * @param foot the foot it is for
 * @param swatch the measured fabric
 * @param yarn the yarn
 * @param choices what the knitter decides
 */
public record SockSpec(Foot foot, Swatch swatch, Yarn yarn, Choices choices) {
    public SockPlan plan() {
        return SockPlanner.plan(this);
    }
}
