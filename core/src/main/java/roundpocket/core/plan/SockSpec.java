package roundpocket.core.plan;

import java.util.List;
import roundpocket.core.explain.Step;
import roundpocket.core.foot.Feet;
import roundpocket.core.foot.Foot;
import roundpocket.core.swatch.Swatch;
import roundpocket.core.tube.SizeChart;
import roundpocket.core.tube.Way;
import roundpocket.core.yarn.WeighIn;
import roundpocket.core.yarn.Yarn;

/**
 * Everything a plan is made from.
 *
 * @param feet the feet it is for
 * @param swatch the measured fabric
 * @param yarns the yarns
 * @param weighIns what was weighed of the main yarn
 * @param choices what the knitter decides
 */
public record SockSpec(Feet feet, Swatch swatch, Yarns yarns, List<WeighIn> weighIns, Choices choices) {
    public SockSpec {
        weighIns = List.copyOf(weighIns);
    }

    /** One foot for both, one yarn, nothing weighed. */
    public SockSpec(Foot foot, Swatch swatch, Yarn yarn, Choices choices) {
        this(Feet.both(foot), swatch, Yarns.one(yarn), List.of(), choices);
    }

    /** Rounds of the cuff: those chosen, or the usual ones for this foot. */
    public Step cuff() {
        return choices.finish().cuff(feet.measures().length(), swatch.gauge().rounds());
    }

    /** The plan of it, for the first sock where each has its own. Refuses where its parts do not go together or have no room. */
    public SockPlan plan() {
        return plan(1);
    }

    /**
     * The plan of one sock; what it says of the pair is of both.
     *
     * @param sock 1 or 2
     */
    public SockPlan plan(int sock) {
        return SockPlanner.plan(this, sock);
    }

    /** Whether the two socks may be planned each on its own foot: they are not cut from one tube, matched in colour, or knitted
     * together by one word for both. */
    public boolean mayDiffer() {
        return choices.tube().wayTaken() != Way.READY_TUBE
                && yarns.striping().isEmpty()
                && choices.orderTaken() != KnitOrder.TWO_AT_A_TIME;
    }

    /** The same for one sock alone, on the foot that it is planned on. */
    public SockSpec forSock(int sock) {
        return feet.each() ? withFeet(feet.forSock(sock)) : this;
    }

    /** Where the heel of this plan would open for every shoe size. */
    public SizeChart sizeChart() {
        SockPlan plan = plan();
        return SizeChart.of(
                choices.placing(),
                choices.size().lengthEaseStep(),
                plan.toe().shaping(),
                plan.heel().shaping(),
                plan.basis().gauge());
    }

    public SockSpec withChoices(Choices other) {
        return new SockSpec(feet, swatch, yarns, weighIns, other);
    }

    public SockSpec withFeet(Feet other) {
        return new SockSpec(other, swatch, yarns, weighIns, choices);
    }

    public SockSpec withSwatch(Swatch other) {
        return new SockSpec(feet, other, yarns, weighIns, choices);
    }

    public SockSpec withYarns(Yarns other) {
        return new SockSpec(feet, swatch, other, weighIns, choices);
    }

    public SockSpec withWeighIns(List<WeighIn> other) {
        return new SockSpec(feet, swatch, yarns, other, choices);
    }
}
