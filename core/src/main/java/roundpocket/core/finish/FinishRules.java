package roundpocket.core.finish;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules of finishing. */
public final class FinishRules {
    static final Rule.Of2 MOVES = Rule.of(
            "finish.graft-moves",
            "moves of a graft",
            "4 × (loops − 1) + 2 + set_up",
            List.of("loops", "set_up"),
            Source.practice("front knitwise off, front purlwise stay, back purlwise off, back knitwise stay; the last"
                    + " loops only come off"),
            (loops, setUp) -> 4 * (loops - 1) + 2 + setUp,
            example(64.0, 1e-9, 16.0, 2.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(MOVES);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS =
            Arrays.stream(Rib.values()).map(Rib::width).toList();

    private FinishRules() {}
}
