package roundpocket.core.ready;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.measure.Unit;

/** The rules for tubes that are there already. */
public final class ReadyRules {
    static final Rule.Of2 STITCHES = Rule.of(
            "ready.stitches",
            "stitches in so many rounds of a tube",
            "rounds × stitches",
            List.of("rounds", "stitches"),
            Source.derived("a round is as many stitches as the tube has"),
            (rounds, stitches) -> rounds * stitches,
            example(6400.0, 1e-9, 100.0, 64.0));

    static final Rule.Of4 LEFT = Rule.of(
            "ready.left",
            "rounds of a tube that are left over",
            "tube − pieces − edges − unravelled",
            List.of("tube", "pieces", "edges", "unravelled"),
            Source.practice("the pieces, the round that is unpicked at each cut with its spare ones, and what is"
                    + " unravelled"),
            (tube, pieces, rims, unravelled) -> tube - pieces - rims - unravelled,
            example(112.0, 1e-9, 300.0, 182.0, 6.0, 0.0));

    static final Constant WRIST_WARMERS = Constant.of(
            "ready.wrist-warmers",
            "tube for a pair of wrist warmers",
            240,
            Unit.MILLIMETRES,
            Source.memory("two of 12 cm; common practice"));
    static final Constant HAT_LENGTH = Constant.of(
            "ready.hat-length",
            "tube for a newborn’s hat, length",
            130,
            Unit.MILLIMETRES,
            Source.memory("13 cm; common practice"));
    static final Constant HAT_GIRTH = Constant.of(
            "ready.hat-girth",
            "newborn’s hat, around, stretched",
            330,
            Unit.MILLIMETRES,
            Source.memory("33 to 35 cm; common practice"));
    static final Constant HAT_STRETCH = Constant.of(
            "ready.hat-stretch",
            "how far plain knitting stretches",
            1.8,
            Unit.NUMBER,
            Source.memory("as far as a sock may stretch to pass the heel"));
    static final Constant HEELS = Constant.of(
            "ready.heels",
            "yarn for both heels and a bind-off",
            12,
            Unit.GRAMS,
            Source.practice("12 g left of 100 g are enough for both heels and the bind-off"));
    static final Constant CONTRAST = Constant.of(
            "ready.contrast",
            "yarn for cuffs, heels and toes of a pair",
            20,
            Unit.GRAMS,
            Source.practice("a cake of 20 g covers cuffs, heels and toes of one pair"));
    static final Constant SWATCH = Constant.of(
            "ready.swatch", "a swatch is at least", 50, Unit.MILLIMETRES, Source.practice("5 cm can be measured"));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(STITCHES, LEFT);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS =
            List.of(WRIST_WARMERS, HAT_LENGTH, HAT_GIRTH, HAT_STRETCH, HEELS, CONTRAST, SWATCH);

    private ReadyRules() {}
}
