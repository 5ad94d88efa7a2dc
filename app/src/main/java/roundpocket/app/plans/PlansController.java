package roundpocket.app.plans;

import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plans without storing anything. */
@RestController
@RequestMapping("/api/plans")
public class PlansController {
    /** A full specification in, the full plan with all workings out. */
    @PostMapping("/preview")
    public PlanView preview(@RequestBody SpecPart spec) {
        return PlanView.of(spec.plan());
    }
}
