package roundpocket.core.judge;

import java.util.List;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Rule;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Unit;

/** The limits that checks of a plan go by, and what they are held against. */
public final class JudgeRules {
    static final Rule.Of2 TIGHTNESS = Rule.of(
            "judge.tightness",
            "tightness of the fabric",
            "√(fineness) ÷ (loop ÷ 10 mm)",
            List.of("fineness", "loop"),
            Source.memory("tightness factor of plain knitting: √tex over the loop in centimetres"),
            (fineness, loop) -> Math.sqrt(fineness) / (loop / 10),
            Rule.example(11.69, 0.01, 238.1, 13.2));

    static final Rule.Of2 CLOSE_SHARE = Rule.of(
            "judge.close-share",
            "how wide a toe ends",
            "close ÷ half",
            List.of("close", "half"),
            Source.derived("stitches on each needle at the close over those at the start"),
            (close, half) -> close / half,
            Rule.example(0.5, 1e-9, 16.0, 32.0));

    static final Constant FOOT_OUT = Constant.of(
            "judge.foot-out",
            "a sock’s foot may be out by",
            5,
            Unit.MILLIMETRES,
            Source.memory("as much as a shoe size is good to"));

    /** A foot length that the gauge leaves less sure than this is spoken of: the usual centimetre is the tube’s to settle. */
    static final Constant FOOT_UNSURE = Constant.of(
            "judge.foot-unsure",
            "a gauge may leave the foot length unsure by",
            15,
            Unit.MILLIMETRES,
            Source.memory(
                    "one counting over 10 cm leaves a foot unsure by about a centimetre; the tube itself is measured later"));

    static final Constant LOOSE = share("judge.loose", "negative ease that sits loosely, below", 0.05, practice());
    static final Constant SNUG = share("judge.snug", "negative ease that is snug, above", 0.22, practice());
    static final Constant TIGHTEST = share("judge.tightest", "negative ease that strains, above", 0.25, practice());
    static final Constant LEAST_HEEL = share(
            "judge.least-heel",
            "share of the foot that a heel takes, at least",
            0.15,
            Source.memory("less is no heel"));
    static final Constant MOST_HEEL = share(
            "judge.most-heel",
            "share of the foot that a heel takes, at most",
            1 / 3.0,
            Source.practice("a third is the deepest that is usual"));
    static final Constant TINY_SPAN = Constant.of(
            "judge.tiny-span",
            "a gauge counted over less than this says little",
            50,
            Unit.MILLIMETRES,
            Source.memory("half a stitch in 5 cm is 3 %"));
    static final Constant LONG_SPAN = Constant.of(
            "judge.long-span",
            "one count over this is enough",
            150,
            Unit.MILLIMETRES,
            Source.memory("half a round in 15 cm is under 1 %"));
    static final Constant LEAST_NYLON = share(
            "judge.least-nylon",
            "nylon or similar for hard wear, at least",
            0.15,
            Source.practice("pure wool wears through at toe and heel"));
    static final Constant USUAL_NYLON = share(
            "judge.usual-nylon", "nylon or similar in sock yarn, usually", 0.25, Source.practice("a quarter is usual"));
    static final Constant FLIMSY = Constant.of(
            "judge.flimsy",
            "tightness of a flimsy fabric, below",
            10,
            Unit.NUMBER,
            Source.memory("below it stitches shift"));
    static final Constant JAMMING = Constant.of(
            "judge.jamming",
            "tightness near which a fabric jams, above",
            14.5,
            Unit.NUMBER,
            Source.memory("above it stitches no longer move"));
    static final Constant POINTED = share("judge.pointed", "close of a pointed toe, at most", 0.38, ends());
    static final Constant SQUARE = share("judge.square", "close of a square toe, above", 0.55, ends());

    public static final List<Rule> ALL = List.of(TIGHTNESS, CLOSE_SHARE);

    public static final List<Constant> CONSTANTS = List.of(
            FOOT_OUT,
            FOOT_UNSURE,
            LOOSE,
            SNUG,
            TIGHTEST,
            LEAST_HEEL,
            MOST_HEEL,
            TINY_SPAN,
            LONG_SPAN,
            LEAST_NYLON,
            USUAL_NYLON,
            FLIMSY,
            JAMMING,
            POINTED,
            SQUARE);

    private JudgeRules() {}

    private static Constant share(String id, String label, double value, Source source) {
        return Constant.of(id, label, value, Unit.PERCENT, source);
    }

    private static Source practice() {
        return Source.practice("10 to 20 % smaller is usual; a 9 in foot is happy in a 7 in sock, which is 22 %");
    }

    private static Source ends() {
        return Source.derived("from how wide the last stitches are, beside the toe they started from");
    }

    /** How wide a toe ends: stitches at its close over those it started from. */
    static Step closeShare(Step close, Step half) {
        return Computed.of("close of the toe, of its start", Unit.PERCENT, CLOSE_SHARE.of(close, half));
    }

    static Step tightness(Step fineness, Step loop) {
        return Computed.of("tightness of the fabric", Unit.NUMBER, TIGHTNESS.of(fineness, loop));
    }
}
