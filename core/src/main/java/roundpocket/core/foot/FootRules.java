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

    static final Rule SHOE_EU = shoe(
            "eu",
            "size × 20 ÷ 3 − 15 mm",
            Source.memory("a Paris point is two thirds of a centimetre; a last is about 15 mm longer than the foot"),
            in -> in[0] * 20 / 3 - 15,
            example(238.333, 0.001, 38.0));

    static final Rule SHOE_UK = shoe(
            "uk",
            "(size + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            in -> (in[0] + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 5.0));

    static final Rule SHOE_US_MEN = shoe(
            "us-men",
            "(size − 1 + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            in -> (in[0] - 1 + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 6.0));

    static final Rule SHOE_US_WOMEN = shoe(
            "us-women",
            "(size − 2 + 25) × 25.4 ÷ 3 − 15 mm",
            BARLEYCORNS,
            in -> (in[0] - 2 + 25) * BARLEYCORN_MM - 15,
            example(239.0, 1e-9, 7.0));

    static final Rule SHOE_MONDOPOINT = shoe(
            "mondopoint",
            "size",
            Source.published("ISO 9407: the size is the length of the foot in millimetres"),
            in -> in[0],
            example(240.0, 1e-9, 240.0));

    static final Rule WITHIN = new Rule(
            "foot.within",
            "standard uncertainty of an estimate good to ± so much",
            "within ÷ √(3)",
            List.of("within"),
            Source.published("rectangular distribution (JCGM 100:2008, GUM, 4.3.7)"),
            in -> in[0] / Math.sqrt(3),
            example(2.8868, 1e-4, 5.0));

    static final Rule HEEL_DIAGONAL = new Rule(
            "foot.heel-diagonal",
            "heel diagonal, estimated",
            "factor × ball",
            List.of("factor", "ball"),
            Source.memory("the heel diagonal of an average foot is 1.36 times the girth of the ball"),
            in -> in[0] * in[1],
            example(312.8, 1e-9, 1.36, 230.0));

    static final Rule BALL_GUESSED = new Rule(
            "foot.ball-guessed",
            "ball girth, guessed",
            "factor × length",
            List.of("factor", "length"),
            Source.memory("around the ball an average foot is 0.95 times as large as it is long"),
            in -> in[0] * in[1],
            example(226.42, 0.01, 0.95, 238.333));

    static final Rule LEG_GIRTH = new Rule(
            "foot.leg-girth",
            "leg girth at the cuff's top edge, estimated",
            "factor × ball",
            List.of("factor", "ball"),
            Source.memory("an average leg is there about as thick as the foot is around the ball"),
            in -> in[0] * in[1],
            example(231.0, 1e-9, 1.0, 231.0));

    static final Rule LARGER = new Rule(
            "foot.larger",
            "the measure that both feet get into",
            "the larger of first and other",
            List.of("first", "other"),
            Source.practice("a pair is planned on the longer and the wider foot"),
            in -> Math.max(in[0], in[1]),
            example(246.0, 1e-9, 243.0, 246.0));

    static final Rule DIFFERENCE = new Rule(
            "foot.difference",
            "how much the feet differ",
            "first − other",
            List.of("first", "other"),
            Source.derived("subtraction; below nothing the other foot is the longer one"),
            in -> in[0] - in[1],
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

    private static Rule shoe(
            String system, String formula, Source source, Rule.Function function, Rule.Example example) {
        return new Rule(
                "foot.shoe-" + system,
                "foot length from a shoe size, estimated",
                formula,
                List.of("size"),
                source,
                function,
                example);
    }
}
