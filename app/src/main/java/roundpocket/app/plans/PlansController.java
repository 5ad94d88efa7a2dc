package roundpocket.app.plans;

import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.door.Door;
import roundpocket.app.store.Required;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import tools.jackson.databind.json.JsonMapper;

/** Plans without storing anything. */
@RestController
@RequestMapping("/api/plans")
@Door(who = Door.Who.CALCULATES)
public class PlansController {
    private static final int MOST_VARIANTS = 16;

    private final JsonMapper mapper;

    PlansController(JsonMapper mapper) {
        this.mapper = mapper;
    }

    /** A full specification in, the full plan out. */
    @PostMapping("/preview")
    public PlanView preview(@RequestBody SpecPart spec) {
        return PlanView.of(spec);
    }

    /** The workings of the figures in the plan of the same specification. */
    @PostMapping("/workings")
    public WorkingsView workings(@RequestBody SpecPart spec) {
        return Workings.of(PlanView.of(spec), mapper);
    }

    /** Where the heel would open for every shoe size, with the gauge, the toe and the heel of a specification. */
    @PostMapping("/sizes")
    public SizeChartView sizes(@RequestBody SpecPart spec) {
        return SizeChartView.of(spec.toCore().sizeChart());
    }

    /** Several specifications in, the few figures by which they are told apart out, in the same order. */
    @PostMapping("/variants")
    public List<VariantView> variants(@RequestBody List<SpecPart> specs) {
        if (specs.size() > MOST_VARIANTS) {
            throw new Refusal(List.of(new Problem(
                    "variants.number",
                    "",
                    "These are " + specs.size() + " variants; " + MOST_VARIANTS + " are compared at once.",
                    "Leave some out.",
                    Map.of())));
        }
        return specs.stream().map(spec -> VariantView.of(Required.part(spec))).toList();
    }
}
