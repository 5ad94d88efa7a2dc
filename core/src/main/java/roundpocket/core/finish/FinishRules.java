package roundpocket.core.finish;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

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

    static final Rule.Of3 SHORT_CUFF = Rule.of(
            "finish.short-cuff",
            "usual cuff of a small sock",
            "the larger of 4 and share × foot × gauge ÷ 100 mm",
            List.of("share", "foot", "gauge"),
            Source.memory(
                    "a leg of 0.55 of the foot, and two fifths of it a cuff: of a child’s sock 15 rounds are half the leg"),
            (share, foot, gauge) -> Math.max(4, share * foot * gauge / 100),
            example(11.352, 1e-9, 0.22, 120.0, 43.0));

    static final Constant MOST_OF_FOOT = Constant.of(
            "finish.most-cuff",
            "usual cuff, of the foot at most",
            0.22,
            Unit.PERCENT,
            Source.memory("two fifths of a leg that is 0.55 of the foot"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(MOVES, SHORT_CUFF);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = Stream.concat(
                    Stream.of(MOST_OF_FOOT), Arrays.stream(Rib.values()).map(Rib::width))
            .toList();

    private FinishRules() {}
}
