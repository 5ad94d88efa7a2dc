package roundpocket.core.plan;

import java.util.Optional;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Step;
import roundpocket.core.opening.Opening;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.shaping.ShapingSchool;
import roundpocket.core.sock.StitchCount;
import roundpocket.core.swatch.Gauge;
import roundpocket.core.tube.Tube;

/** Puts a plan together, part by part in the order in which each needs the ones before. */
final class SockPlanner {
    private SockPlanner() {}

    static SockPlan plan(SockSpec spec) {
        Choices choices = spec.choices();
        Gauge gauge = spec.swatch().gauge();
        Step ease = choices.easeStep();
        Step leg = choices.legStep();
        Step cuff = choices.cuffStep();
        Optional<Given> chosen = choices.stitchesStep();
        StitchCount count = StitchCount.of(spec.foot().ballGirth(), ease, gauge, chosen);
        Shaping toe =
                Shaping.of("toe", ShapingSchool.WEDGE, count.stitches(), count.half(), choices.toePlainStep(), gauge);
        Shaping heel =
                Shaping.of("heel", ShapingSchool.WEDGE, count.stitches(), count.half(), choices.heelPlainStep(), gauge);
        Tube tube = Tube.toeUp(spec.foot().length(), leg, cuff, toe, heel, gauge);
        YarnNeed yarn = YarnPlanner.plan(spec.yarn(), gauge, count.stitches(), cuff, tube, toe, heel);
        return new SockPlan(
                new SockPlan.Taken(ease, leg, cuff),
                gauge,
                count,
                toe,
                heel,
                tube,
                Opening.onWasteYarn(count.half()),
                yarn,
                Outline.of(count.half(), cuff, tube, toe, heel, gauge),
                Axis.of(tube, cuff, toe, yarn));
    }
}
