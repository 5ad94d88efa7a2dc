package roundpocket.core.opening;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules of the opening. */
public final class OpeningRules {
    static final Rule PICK_UP = new Rule(
            "opening.pick-up",
            "loops picked up on one side of the opening",
            "half",
            List.of("half"),
            Source.practice("as many loops below the opening as above it, each half of the tube"),
            in -> in[0],
            example(32.0, 1e-9, 32.0));

    static final Rule LIVE = new Rule(
            "opening.live",
            "live loops round the opening",
            "below + above",
            List.of("below", "above"),
            Source.derived("addition"),
            in -> in[0] + in[1],
            example(64.0, 1e-9, 32.0, 32.0));

    static final Rule COMES_OUT = new Rule(
            "opening.comes-out",
            "waste-yarn stitches that come out",
            "half − 2 × corner",
            List.of("half", "corner"),
            Source.practice("the last two stitches at either corner stay, so that no hole forms"),
            in -> in[0] - 2 * in[1],
            example(28.0, 1e-9, 32.0, 2.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(PICK_UP, LIVE, COMES_OUT);

    private OpeningRules() {}
}
