package roundpocket.core.foot;

import static roundpocket.core.explain.Rule.example;

import java.util.List;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;

/** The rules that estimate what was not measured on a foot, and that bring two feet together. */
public final class FootRules {
    private static final double BARLEYCORN_MM = 25.4 / 3;
    private static final Source BARLEYCORNS =
            Source.memory("a size is a barleycorn, a third of an inch; a last is about 15 mm longer than the foot");

    static final Rule.Of1 SHOE_EU = shoe(
            "eu",
            "an EU",
            "size × 20 ÷ 3 − 15 mm",
            Source.memory("a Paris point is two thirds of a centimetre; a last is about 15 mm longer than the foot"),
            size -> size * 20 / 3 - 15,
            example(238.333, 0.001, 38.0));

    static final Rule.Of1 SHOE_UK = shoe(
            "uk",
            "a UK",
            "(size + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            size -> (size + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 5.0));

    static final Rule.Of1 SHOE_US_MEN = shoe(
            "us-men",
            "a US men’s",
            "(size − 1 + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            size -> (size - 1 + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 6.0));

    static final Rule.Of1 SHOE_US_WOMEN = shoe(
            "us-women",
            "a US women’s",
            "(size − 2 + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            size -> (size - 2 + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 7.0));

    static final Rule.Of1 SHOE_MONDOPOINT = shoe(
            "mondopoint",
            "a mondopoint",
            "size",
            Source.published("ISO 9407: the size is the length of the foot in millimetres"),
            size -> size,
            example(240.0, 1e-9, 240.0));

    static final Rule.Of1 WITHIN = Rule.of(
            "foot.within",
            "standard uncertainty of an estimate good to ± so much",
            "within ÷ √(3)",
            List.of("within"),
            Source.published("rectangular distribution (JCGM 100:2008, GUM, 4.3.7)"),
            within -> within / Math.sqrt(3),
            example(2.8868, 1e-4, 5.0));

    static final Rule.Of2 HEEL_DIAGONAL = Rule.of(
            "foot.heel-diagonal",
            "heel diagonal, estimated",
            "factor × ball",
            List.of("factor", "ball"),
            Source.memory("the heel diagonal of an average foot is 1.36 times the girth of the ball"),
            (factor, ball) -> factor * ball,
            example(312.8, 1e-9, 1.36, 230.0));

    static final Rule.Of2 BALL_GUESSED = Rule.of(
            "foot.ball-guessed",
            "ball girth, guessed",
            "factor × length",
            List.of("factor", "length"),
            Source.memory("around the ball an average foot is 0.95 times as large as it is long"),
            (factor, length) -> factor * length,
            example(226.42, 0.01, 0.95, 238.333));

    static final Rule.Of2 LEG_GIRTH = Rule.of(
            "foot.leg-girth",
            "leg girth at the cuff’s top edge, estimated",
            "factor × ball",
            List.of("factor", "ball"),
            Source.memory("an average leg is there about as thick as the foot is around the ball"),
            (factor, ball) -> factor * ball,
            example(231.0, 1e-9, 1.0, 231.0));

    static final Rule.Of2 LARGER = Rule.of(
            "foot.larger",
            "the measure that both feet get into",
            "the larger of first and other",
            List.of("first", "other"),
            Source.practice("a pair is planned on the longer and the wider foot"),
            (first, other) -> Math.max(first, other),
            example(246.0, 1e-9, 243.0, 246.0));

    static final Rule.Of2 DIFFERENCE = Rule.of(
            "foot.difference",
            "how much the feet differ",
            "first − other",
            List.of("first", "other"),
            Source.derived("subtraction; below nothing the other foot is the longer one"),
            (first, other) -> first - other,
            example(-3.0, 1e-9, 243.0, 246.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            SHOE_EU,
            SHOE_UK,
            SHOE_US_MEN,
            SHOE_US_WOMEN,
            SHOE_MONDOPOINT,
            WITHIN,
            HEEL_DIAGONAL,
            BALL_GUESSED,
            LEG_GIRTH,
            LARGER,
            DIFFERENCE);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = List.of(
            ShoeSize.ERROR, Foot.TAPE, Foot.DIAGONAL_FACTOR, Foot.BALL_FACTOR, Foot.BALL_GUESS, Foot.LEG_FACTOR);

    private FootRules() {}

    private static Rule.Of1 shoe(
            String system, String named, String formula, Source source, Rule.Function1 function, Rule.Example example) {
        return Rule.of(
                "foot.shoe-" + system,
                "foot length from " + named + " shoe size, estimated",
                formula,
                List.of("size"),
                source,
                function,
                example);
    }
}
