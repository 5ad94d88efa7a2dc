package roundpocket.app.plans;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import roundpocket.app.kept.ReaderLengths;

/** Plans without storing anything. */
@RestController
@RequestMapping("/api/plans")
public class PlansController {
    /** A full specification in, the full plan with all workings out. */
    @PostMapping("/preview")
    public PlanView preview(
            @RequestBody SpecPart spec,
            @RequestHeader(name = ReaderLengths.HEADER, required = false) @Nullable String lengths) {
        return PlanView.of(spec, ReaderLengths.of(lengths));
    }
}
