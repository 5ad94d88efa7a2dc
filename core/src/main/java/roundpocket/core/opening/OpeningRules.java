package roundpocket.core.opening;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules of the opening. */
public final class OpeningRules {
    static final Rule.Of1 PICK_UP = Rule.of(
            "opening.pick-up",
            "stitches picked up on one needle of the opening",
            "half",
            List.of("half"),
            Source.practice("as many stitches below the opening as above it, each half of the tube"),
            half -> half,
            example(32.0, 1e-9, 32.0));

    static final Rule.Of2 LIVE = Rule.of(
            "opening.live",
            "live stitches around the opening",
            "below + above",
            List.of("below", "above"),
            Source.derived("addition"),
            (below, above) -> below + above,
            example(64.0, 1e-9, 32.0, 32.0));

    static final Rule.Of3 LIVE_EXTRA = Rule.of(
            "opening.live-extra",
            "live stitches around the opening and its corners",
            "below + above + 2 × extra",
            List.of("below", "above", "extra"),
            Source.practice("1, 2 or 4 extra stitches at each of the two corners"),
            (below, above, extra) -> below + above + 2 * extra,
            example(68.0, 1e-9, 32.0, 32.0, 2.0));

    static final Rule.Of2 EXTRA_TO_GO = Rule.of(
            "opening.extra-to-go",
            "extra stitches that are decreased away",
            "live − 2 × heel",
            List.of("live", "heel"),
            Source.derived("what is picked up beyond what the heel is shaped from"),
            (live, heel) -> live - 2 * heel,
            example(4.0, 1e-9, 68.0, 32.0));

    static final Rule.Of2 HEEL_SIDE = Rule.of(
            "opening.heel-side",
            "stitches on each needle when the shaping begins",
            "half + stays ÷ 2",
            List.of("half", "stays"),
            Source.practice("the extra stitches are decreased away again, or four of them stay"),
            (half, stays) -> half + stays / 2,
            example(34.0, 1e-9, 32.0, 4.0));

    static final Rule.Of2 COMES_OUT = Rule.of(
            "opening.comes-out",
            "stitches of the row that come out",
            "half − 2 × corner",
            List.of("half", "corner"),
            Source.practice("the last two stitches at either corner stay, to avoid a hole"),
            (half, corner) -> half - 2 * corner,
            example(28.0, 1e-9, 32.0, 2.0));

    static final Rule.Of2 ALL_COMES_OUT = Rule.of(
            "opening.all-comes-out",
            "stitches of the row that come out",
            "half × rows",
            List.of("half", "rows"),
            Source.practice(
                    "waste yarn comes out whole; a row that is unpicked, where no stitch is left in at its ends"),
            (half, rows) -> half * rows,
            example(64.0, 1e-9, 32.0, 2.0));

    static final Rule.Of1 MIDDLE = Rule.of(
            "opening.middle",
            "the middle stitch of the row",
            "half ÷ 2",
            List.of("half"),
            Source.practice("the middle stitch is snipped and the row unpicked to both sides"),
            half -> half / 2,
            example(16.0, 1e-9, 32.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL =
            List.of(PICK_UP, LIVE, LIVE_EXTRA, EXTRA_TO_GO, HEEL_SIDE, COMES_OUT, ALL_COMES_OUT, MIDDLE);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = Stream.concat(
                    Arrays.stream(OpeningWay.values()).flatMap(way -> Stream.of(way.lost(), way.rows())),
                    Arrays.stream(Corners.values()).flatMap(corners -> corners.left().stream()))
            .toList();

    private OpeningRules() {}
}
