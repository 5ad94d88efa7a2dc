package roundpocket.core.lap;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules of the work beside the plan. */
public final class LapRules {
    static final Rule.Of3 REST = Rule.of(
            "lap.rest",
            "grams still to be knitted of a section",
            "grams × left ÷ all",
            List.of("grams", "left", "all"),
            Source.derived(
                    "every round of a section is taken to need the same; of a heel or a toe, its share of stitches"),
            (grams, left, all) -> grams * left / all,
            example(6.0, 1e-9, 10.0, 33.0, 55.0));

    static final Rule.Of4 BY_NOW = Rule.of(
            "lap.cake-by-now",
            "what a cake weighs by now",
            "weighed − since × grams ÷ stitches",
            List.of("weighed", "since", "grams", "stitches"),
            Source.derived("what was knitted since the weighing is taken off, at the yarn’s grams a stitch"),
            (weighed, since, grams, stitches) -> weighed - since * grams / stitches,
            example(48.0, 1e-9, 50.0, 640.0, 7.0, 2240.0));

    static final Rule.Of2 HOURS = Rule.of(
            "lap.hours",
            "hours of a section",
            "stitches ÷ pace",
            List.of("stitches", "pace"),
            Source.derived("a round of fewer stitches takes less time"),
            (stitches, pace) -> stitches / pace,
            example(2.0, 1e-9, 2560.0, 1280.0));

    static final Rule.Of2 MINUTES = Rule.of(
            "lap.minutes",
            "hours of what is no round",
            "number × minutes ÷ 60",
            List.of("number", "minutes"),
            Source.derived("so many, at so long each"),
            (number, minutes) -> number * minutes / 60,
            example(0.5, 1e-9, 3.0, 10.0));

    /** Pace of somebody of whom no round is known. */
    static final Constant USUAL_PACE = Constant.of(
            "lap.usual-pace",
            "stitches in an hour, before anything was counted",
            1800,
            Unit.STITCHES,
            Source.memory("about 30 stitches a minute; hobby knitters are between 20 and 50"));

    static final Constant GRAFT_MOVE = Constant.of(
            "lap.graft-move",
            "minutes for one move of a graft",
            0.25,
            Unit.NUMBER,
            Source.memory("a quarter of a minute; a 16-loop graft in about a quarter of an hour"));

    static final Constant SINGLE_STEP = Constant.of(
            "lap.single-step",
            "minutes for a step that is pressed once",
            10,
            Unit.NUMBER,
            Source.memory("casting on, picking up, binding off or unpicking"));

    public static final List<Rule> ALL = List.of(REST, BY_NOW, HOURS, MINUTES);

    public static final List<Constant> CONSTANTS = List.of(USUAL_PACE, GRAFT_MOVE, SINGLE_STEP);

    private LapRules() {}
}
