package roundpocket.core.tube;

import static roundpocket.core.explain.Rule.example;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rounded;
import roundpocket.core.explain.Rounding;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;
import roundpocket.core.shaping.Shaping;
import roundpocket.core.swatch.Gauge;

/** The rules of the tube. */
public final class TubeRules {
    static final Rule.Of2 ROUNDS_IN = Rule.of(
            "tube.rounds-in",
            "rounds in a length",
            "length × gauge ÷ 100 mm",
            List.of("length", "gauge"),
            Source.derived("length times rounds in 10 cm"),
            (length, gauge) -> length * gauge / 100,
            example(95.0, 1e-9, 241.3, 100 / 2.54));

    static final Rule.Of2 TARGET = Rule.of(
            "tube.target",
            "target foot length",
            "foot − shorter",
            List.of("foot", "shorter"),
            Source.practice("as long as the foot, or a little less for a yarn that gives"),
            (foot, shorter) -> foot - shorter,
            example(240.0, 1e-9, 246.0, 6.0));

    static final Rule.Of3 LESS_HEEL = Rule.of(
            "tube.less-heel",
            "toe tip to the heel line, by your own heel",
            "length − heel ÷ gauge × 100 mm",
            List.of("length", "heel", "gauge"),
            Source.derived("the heel cup, once closed, reaches back as deep as it is long"),
            (length, heel, gauge) -> length - heel / gauge * 100,
            example(190.5, 1e-9, 241.3, 20.0, 100 / 2.54));

    static final Rule.Of3 BEYOND_TOE = Rule.of(
            "tube.beyond-toe",
            "toe tip to the heel line, from where the toe begins",
            "distance + toe ÷ gauge × 100 mm",
            List.of("distance", "toe", "gauge"),
            Source.derived("what was measured from the end of the toe, and the depth of the toe"),
            (distance, toe, gauge) -> distance + toe / gauge * 100,
            example(190.5, 1e-9, 139.7, 20.0, 100 / 2.54));

    static final Rule.Of2 BEYOND_TOE_ROUNDS = Rule.of(
            "tube.beyond-toe-rounds",
            "rounds from the toe tip, counted from the end of the toe",
            "counted + toe",
            List.of("counted", "toe"),
            Source.derived("addition"),
            (counted, toe) -> counted + toe,
            example(75.0, 1e-9, 55.0, 20.0));

    static final Rule.Of3 USUAL_LEG = Rule.of(
            "tube.usual-leg",
            "usual height of the leg",
            "the smaller of usual and share × foot",
            List.of("usual", "share", "foot"),
            Source.memory("12.5 cm is usual, but a baby’s sock is not all leg"),
            (usual, share, foot) -> Math.min(usual, share * foot),
            example(94.6, 1e-9, 125.0, 0.55, 172.0));

    static final Rule.Of2 LESS_HEEL_ROUNDS = Rule.of(
            "tube.leg-above-rounds",
            "rounds of the leg above the heel line, from the floor",
            "whole − heel",
            List.of("whole", "heel"),
            Source.derived("from the floor is above the heel line and the depth of the heel"),
            (whole, heel) -> whole - heel,
            example(40.0, 1e-9, 60.0, 20.0));

    static final Rule.Of4 FROM_MASS = Rule.of(
            "tube.from-mass",
            "rounds of a tube that was weighed",
            "mass × 1000000 ÷ (fineness × stitches × loop)",
            List.of("mass", "fineness", "stitches", "loop"),
            Source.derived("a round is as many loops as there are stitches"),
            (mass, fineness, stitches, loop) -> mass * 1e6 / (fineness * stitches * loop),
            example(497.1, 0.1, 100.0, 238.1, 64.0, 13.2));

    static final Rule.Of2 AVAILABLE = Rule.of(
            "tube.available",
            "rounds of a ready tube once its yarn for heels, toes and cuffs is unravelled",
            "tube − ravelled",
            List.of("tube", "ravelled"),
            Source.practice("from one end, before anything is cut"),
            (tube, ravelled) -> tube - ravelled,
            example(306.0, 1e-9, 340.0, 34.0));

    static final Rule.Of2 SHORT_OF_FOOT = Rule.of(
            "tube.short-of-foot",
            "toe tip to the heel line, a fixed length short",
            "foot − short",
            List.of("foot", "short"),
            Source.practice("the heel is taken to be as deep as that length"),
            (foot, shorter) -> foot - shorter,
            example(190.0, 1e-9, 240.0, 50.0));

    static final Rule.Of2 SHARE_OF_FOOT = Rule.of(
            "tube.share-of-foot",
            "toe tip to the heel line, as a share of the foot",
            "foot × share",
            List.of("foot", "share"),
            Source.practice("the heel takes a quarter to a third of the length"),
            (foot, share) -> foot * share,
            example(180.0, 1e-9, 240.0, 0.75));

    static final Rule.Of3 ASSUMED_HEEL = Rule.of(
            "tube.assumed-heel",
            "heel that a placing suits",
            "(foot − distance) × gauge ÷ 100 mm",
            List.of("foot", "distance", "gauge"),
            Source.derived("the rounds that fill what is left of the foot"),
            (foot, distance, gauge) -> (foot - distance) * gauge / 100,
            example(20.0, 1e-9, 241.3, 190.5, 100 / 2.54));

    public static final Rule.Of2 OUT_BY = Rule.of(
            "tube.out-by",
            "how much longer the sock’s foot comes out",
            "sock − wanted",
            List.of("sock", "wanted"),
            Source.derived("subtraction; below nothing it is shorter"),
            (sock, wanted) -> sock - wanted,
            example(-10.0, 1e-9, 230.0, 240.0));

    static final Rule.Of2 FOOT_ROUNDS = Rule.of(
            "tube.foot-rounds",
            "rounds between toe and heel line",
            "opening − toe",
            List.of("opening", "toe"),
            Source.derived("subtraction"),
            (opening, toe) -> opening - toe,
            example(55.0, 1e-9, 75.0, 20.0));

    static final Rule.Of3 LEG_ABOVE = Rule.of(
            "tube.leg-above",
            "leg above the heel line, from the floor",
            "whole − heel ÷ gauge × 100 mm",
            List.of("whole", "heel", "gauge"),
            Source.derived("from the floor is above the heel line and the depth of the heel"),
            (whole, heel, gauge) -> whole - heel / gauge * 100,
            example(127.0, 1e-9, 177.8, 20.0, 100 / 2.54));

    static final Rule.Of2 LEG_ROUNDS = Rule.of(
            "tube.leg-rounds",
            "rounds between heel line and cuff",
            "whole − cuff",
            List.of("whole", "cuff"),
            Source.derived("the leg above the heel line, less its cuff"),
            (whole, cuff) -> whole - cuff,
            example(35.0, 1e-9, 50.0, 15.0));

    public static final Rule.Of3 TUBE_ROUNDS = Rule.of(
            "tube.tube-rounds",
            "rounds of the tube",
            "foot + leg + sacrificed",
            List.of("foot", "leg", "sacrificed"),
            Source.practice("foot and leg, and the round that is unpicked at a snipped opening"),
            (foot, leg, sacrificed) -> foot + leg + sacrificed,
            example(91.0, 1e-9, 55.0, 35.0, 1.0));

    static final Rule.Of5 TRADE = Rule.of(
            "tube.trade",
            "length of the tube by the trade’s rule",
            "foot + leg − (cuff + heel + toe)",
            List.of("foot", "leg", "cuff", "heel", "toe"),
            Source.practice("tube = foot + leg − (cuff + heel + toe), as 9½ + 5 − 5½ = 9 in"),
            (foot, leg, cuff, heel, toe) -> foot + leg - (cuff + heel + toe),
            example(9.0, 1e-9, 9.5, 5.0, 1.5, 2.0, 2.0));

    static final Rule.Of4 ALL_ROUNDS = Rule.of(
            "tube.all-rounds",
            "rounds from the tip of the toe to the edge of the cuff",
            "toe + foot + leg + cuff",
            List.of("toe", "foot", "leg", "cuff"),
            Source.derived("addition; the heel hangs beside"),
            (toe, foot, leg, cuff) -> toe + foot + leg + cuff,
            example(125.0, 1e-9, 20.0, 55.0, 35.0, 15.0));

    public static final Rule.Of2 FROM_CUFF = Rule.of(
            "tube.from-cuff",
            "rounds from the edge of the cuff to the opening",
            "cuff + leg",
            List.of("cuff", "leg"),
            Source.derived("addition"),
            (cuff, leg) -> cuff + leg,
            example(50.0, 1e-9, 15.0, 35.0));

    static final Rule.Of1 HALVED = Rule.of(
            "tube.halved",
            "rounds of each half of a ready tube",
            "(tube − 1) ÷ 2",
            List.of("tube"),
            Source.practice("the round that is skipped between the needles is unpicked"),
            tube -> (tube - 1) / 2,
            example(100.0, 1e-9, 201.0));

    static final Rule.Of4 LEG_OF_HALF = Rule.of(
            "tube.leg-of-half",
            "rounds of the leg that half a tube gives",
            "half − spare − foot − sacrificed",
            List.of("half", "spare", "foot", "sacrificed"),
            Source.derived("what is left of the half"),
            (half, spare, foot, sacrificed) -> half - spare - foot - sacrificed,
            example(42.0, 1e-9, 100.0, 2.0, 55.0, 1.0));

    static final Rule.Of3 LEG_OF_PIECE = Rule.of(
            "tube.leg-of-piece",
            "rounds of the leg that a piece of tube gives",
            "piece − foot − sacrificed",
            List.of("piece", "foot", "sacrificed"),
            Source.derived("what is left of the piece"),
            (piece, foot, sacrificed) -> piece - foot - sacrificed,
            example(44.0, 1e-9, 100.0, 55.0, 1.0));

    static final Rule.Of2 LEFT_OF_PIECE = Rule.of(
            "tube.left-of-piece",
            "rounds left of a piece",
            "piece − needed",
            List.of("piece", "needed"),
            Source.derived("subtraction"),
            (piece, needed) -> piece - needed,
            example(0.0, 1e-9, 100.0, 100.0));

    static final Rule.Of2 PIECE = Rule.of(
            "tube.piece",
            "rounds of each piece",
            "needed + spare",
            List.of("needed", "spare"),
            Source.practice("cut one to three rounds beyond where needed, so that the tail can be woven in"),
            (needed, spare) -> needed + spare,
            example(93.0, 1e-9, 91.0, 2.0));

    static final Rule.Of2 REMNANT_ONE_CUT = Rule.of(
            "tube.remnant-one-cut",
            "rounds left of a ready tube that is cut once",
            "tube − 2 × piece − 1",
            List.of("tube", "piece"),
            Source.derived("two pieces, and the round unpicked between them; below nothing it is what is missing"),
            (tube, piece) -> tube - 2 * piece - 1,
            example(0.0, 1e-9, 187.0, 93.0));

    static final Rule.Of2 REMNANT = Rule.of(
            "tube.remnant",
            "rounds left of a ready tube",
            "tube − 2 × piece − 2",
            List.of("tube", "piece"),
            Source.derived("two pieces, the remnant between them, and the round unpicked on either side of it"),
            (tube, piece) -> tube - 2 * piece - 2,
            example(112.0, 1e-9, 300.0, 93.0));

    static final Constant USUAL_LEG_MM = Constant.of(
            "tube.usual-leg-height",
            "usual height of the leg",
            125,
            Unit.MILLIMETRES,
            Source.memory("12.5 cm, or 5 in"));
    static final Constant MOST_LEG_SHARE = Constant.of(
            "tube.most-leg",
            "usual height of the leg, of the foot at most",
            0.55,
            Unit.PERCENT,
            Source.memory("a baby’s sock is not all leg"));

    static final Rule.Of2 LENGTH_OF = Rule.of(
            "tube.length-of",
            "length of rounds on the tape",
            "rounds ÷ gauge × 100 mm",
            List.of("rounds", "gauge"),
            Source.derived("rounds over rounds in 10 cm"),
            (rounds, gauge) -> rounds / gauge * 100,
            example(190.5, 1e-9, 75.0, 100 / 2.54));

    static final Rule.Of3 SOCK_FOOT = Rule.of(
            "tube.sock-foot",
            "length of the sock’s foot",
            "(opening + heel) ÷ gauge × 100 mm",
            List.of("opening", "heel", "gauge"),
            Source.derived("from the tip of the toe to the opening, and on by the depth of the heel"),
            (opening, heel, gauge) -> (opening + heel) / gauge * 100,
            example(241.3, 1e-9, 75.0, 20.0, 100 / 2.54));

    static final Rule.Of1 TENS = Rule.of(
            "tube.tens",
            "ten-round markers",
            "rounds ÷ 10",
            List.of("rounds"),
            Source.practice("a marker every ten rounds"),
            rounds -> rounds / 10,
            example(5.5, 1e-9, 55.0));

    /** Every rule of this package. */
    public static final List<Rule> ALL = List.of(
            ROUNDS_IN,
            TARGET,
            LESS_HEEL,
            BEYOND_TOE,
            BEYOND_TOE_ROUNDS,
            USUAL_LEG,
            LESS_HEEL_ROUNDS,
            FROM_MASS,
            AVAILABLE,
            SHORT_OF_FOOT,
            SHARE_OF_FOOT,
            ASSUMED_HEEL,
            OUT_BY,
            FOOT_ROUNDS,
            LEG_ABOVE,
            LEG_ROUNDS,
            TUBE_ROUNDS,
            TRADE,
            ALL_ROUNDS,
            FROM_CUFF,
            HALVED,
            LEG_OF_HALF,
            LEG_OF_PIECE,
            LEFT_OF_PIECE,
            PIECE,
            REMNANT_ONE_CUT,
            REMNANT,
            LENGTH_OF,
            SOCK_FOOT,
            TENS);

    /** Every constant of this package. */
    public static final List<Constant> CONSTANTS = Stream.concat(
                    Stream.of(USUAL_LEG_MM, MOST_LEG_SHARE),
                    Arrays.stream(PlacingSchool.values()).flatMap(school -> school.constant().stream()))
            .toList();

    private TubeRules() {}

    /** A length as whole rounds. */
    static Step wholeRounds(String label, Step length, Gauge gauge) {
        return Rounded.of(
                label,
                Computed.of(label + ", exactly", Unit.ROUNDS, ROUNDS_IN.of(length, gauge.rounds())),
                Rounding.NEAREST,
                "only whole rounds can be knitted");
    }

    /** The length of so many rounds, in millimetres. */
    public static Step lengthOf(String label, Step rounds, Gauge gauge) {
        return Computed.of(label, Unit.MILLIMETRES, LENGTH_OF.of(rounds, gauge.rounds()));
    }

    static Step sockFoot(Step opening, Shaping heel, Gauge gauge) {
        return sockFoot(opening, heel.rounds(), gauge);
    }

    /** The length of a sock's foot from its rounds, in millimetres. */
    public static Step sockFoot(Step opening, Step heelRounds, Gauge gauge) {
        return Computed.of(
                "length of the sock’s foot", Unit.MILLIMETRES, SOCK_FOOT.of(opening, heelRounds, gauge.rounds()));
    }
}
