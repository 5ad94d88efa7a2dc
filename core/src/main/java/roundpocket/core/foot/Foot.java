package roundpocket.core.foot;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
import roundpocket.core.explain.Distribution;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.explain.Source;
import roundpocket.core.explain.Step;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * A foot, measured barefoot and standing with the weight on it.
 *
 * @param lengthMm longest toe to heel, 100 to 360 mm; may be left out where a shoe size is known
 * @param shoe shoe size, from which the length is estimated where it was not measured
 * @param ballGirthMm circumference around the ball, 80 to 450 mm, and between half and twice the length; guessed from the
 *     length where it was not measured
 * @param heelDiagonalMm from the underside of the heel over the front of the ankle, 80 to 600 mm and not less than the
 *     ball; estimated from the ball where it was not measured
 * @param legGirthMm round the leg at the cuff's top edge, 80 to 600 mm
 * @param toeForm how the toes end
 * @param tracing what its pencil outline says
 */
public record Foot(
        OptionalDouble lengthMm,
        Optional<ShoeSize> shoe,
        OptionalDouble ballGirthMm,
        OptionalDouble heelDiagonalMm,
        OptionalDouble legGirthMm,
        Optional<ToeForm> toeForm,
        Optional<Tracing> tracing) {
    static final Constant DIAGONAL_FACTOR = new Constant(
            "foot.diagonal-factor",
            "heel diagonal over ball girth of an average foot",
            1.36,
            Unit.NUMBER,
            0.03,
            Source.memory("about 1.30 for a low instep and 1.42 for a high one"));

    static final Constant TAPE = Constant.of(
            "foot.tape",
            "standard uncertainty of a body measure read from a tape",
            2,
            Unit.MILLIMETRES,
            Source.memory("the same foot, measured twice, differs by so much"));

    static final Constant BALL_FACTOR = Constant.of(
            "foot.ball-factor",
            "ball girth over the length of an average foot",
            0.95,
            Unit.NUMBER,
            Source.memory("where only a shoe size is known"));

    static final Constant BALL_GUESS = Constant.of(
            "foot.ball-guess",
            "a guessed ball girth is good to within",
            12,
            Unit.MILLIMETRES,
            Source.memory("feet of one length are narrow and wide by about so much"));

    static final Constant LEG_FACTOR = new Constant(
            "foot.leg-factor",
            "leg girth at the cuff’s top edge over ball girth",
            1.0,
            Unit.NUMBER,
            0.06,
            Source.memory("a leg a hand above the ankle is about as thick as the foot is around the ball"));

    private static final Limit LENGTH = new Limit(
            "foot.length.range",
            100,
            360,
            Unit.MILLIMETRES,
            "Foot length must be {min} to {max} (you entered {found}).",
            "Measure from the longest toe to the heel, standing.");
    private static final Limit GIRTH = new Limit(
            "foot.girth.range",
            80,
            450,
            Unit.MILLIMETRES,
            "The ball must be {min} to {max} around (you entered {found}).",
            "Lay the tape around the widest part of the foot, behind the toes.");
    private static final Limit DIAGONAL = new Limit(
            "foot.diagonal.range",
            80,
            600,
            Unit.MILLIMETRES,
            "The heel diagonal must be {min} to {max} (you entered {found}).",
            "Lay the tape under the heel and over the front of the ankle, or leave it out.");
    private static final Limit LEG = new Limit(
            "foot.leg-girth.range",
            80,
            600,
            Unit.MILLIMETRES,
            "The leg must be {min} to {max} around (you entered {found}).",
            "Measure where the cuff’s top edge will sit, or leave it out.");
    private static final double WIDEST = 2;
    private static final double NARROWEST = 0.5;

    /** A foot that was not traced. */
    public Foot(
            OptionalDouble lengthMm,
            Optional<ShoeSize> shoe,
            OptionalDouble ballGirthMm,
            OptionalDouble heelDiagonalMm,
            OptionalDouble legGirthMm,
            Optional<ToeForm> toeForm) {
        this(lengthMm, shoe, ballGirthMm, heelDiagonalMm, legGirthMm, toeForm, Optional.empty());
    }

    /** The same with what its pencil outline says. */
    public Foot traced(Tracing outline) {
        return new Foot(lengthMm, shoe, ballGirthMm, heelDiagonalMm, legGirthMm, toeForm, Optional.of(outline));
    }

    /** Whether the leg was measured. */
    public boolean legMeasured() {
        return legGirthMm.isPresent();
    }

    /** A foot of which length and ball were measured and nothing else. */
    public Foot(double lengthMm, double ballGirthMm) {
        this(
                OptionalDouble.of(lengthMm),
                Optional.empty(),
                OptionalDouble.of(ballGirthMm),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                Optional.empty());
    }

    public Foot {
        Problems problems = new Problems();
        if (lengthMm.isEmpty() && shoe.isEmpty()) {
            problems.add(new Problem(
                    "foot.length.missing",
                    "lengthMm",
                    "The foot length is missing.",
                    "Measure it, or enter a shoe size.",
                    Map.of()));
        }
        lengthMm.ifPresent(length -> problems.checkBody("lengthMm", length, LENGTH));
        ballGirthMm.ifPresent(girth -> problems.checkBody("ballGirthMm", girth, GIRTH));
        heelDiagonalMm.ifPresent(diagonal -> problems.checkBody("heelDiagonalMm", diagonal, DIAGONAL));
        legGirthMm.ifPresent(girth -> problems.checkBody("legGirthMm", girth, LEG));
        problems.throwIfAny();
        double length = lengthMm.orElseGet(() -> estimate(shoe));
        ballGirthMm.ifPresent(girth -> {
            checkProportion(problems, length, girth);
            heelDiagonalMm.ifPresent(diagonal -> checkDiagonal(problems, diagonal, girth));
            tracing.ifPresent(outline -> outline.checkAgainst(problems, length, girth));
        });
        problems.throwIfAny();
    }

    private static double estimate(Optional<ShoeSize> shoe) {
        return shoe.orElseThrow().length("shoe").value();
    }

    private static void checkProportion(Problems problems, double lengthMm, double ballGirthMm) {
        Map<String, Amount> amounts = Map.of(
                "found", Amount.mm(ballGirthMm),
                "length", Amount.mm(lengthMm),
                "max", Amount.mm(WIDEST * lengthMm),
                "min", Amount.mm(NARROWEST * lengthMm));
        String remedy = "Check that both were read in the same unit and not swapped.";
        if (ballGirthMm > WIDEST * lengthMm) {
            problems.add(new Problem(
                    "foot.girth.proportion",
                    "ballGirthMm",
                    "{found} around the ball is more than twice the length of {length}; the limit is {max}.",
                    remedy,
                    amounts));
        }
        if (ballGirthMm < NARROWEST * lengthMm) {
            problems.add(new Problem(
                    "foot.girth.proportion",
                    "ballGirthMm",
                    "{found} around the ball is less than half the length of {length}; the limit is {min}.",
                    remedy,
                    amounts));
        }
    }

    private static void checkDiagonal(Problems problems, double diagonalMm, double ballGirthMm) {
        if (diagonalMm < ballGirthMm) {
            problems.add(new Problem(
                    "foot.diagonal.proportion",
                    "heelDiagonalMm",
                    "A heel diagonal of {found} is less than the ball, {ball}; no foot is smallest there.",
                    "Lay the tape under the heel and over the front of the ankle.",
                    Map.of("found", Amount.mm(diagonalMm), "ball", Amount.mm(ballGirthMm))));
        }
    }

    /** Whether the length is only estimated from a shoe size. */
    public boolean lengthEstimated() {
        return lengthMm.isEmpty();
    }

    /** Whether the ball girth is only guessed from the length. */
    public boolean ballGuessed() {
        return ballGirthMm.isEmpty();
    }

    /** Whether the heel diagonal is only estimated from the ball. */
    public boolean diagonalEstimated() {
        return heelDiagonalMm.isEmpty();
    }

    Step length(String at) {
        return lengthMm.isPresent()
                ? measured("foot length", lengthMm.getAsDouble(), at + ".lengthMm")
                : shoe.orElseThrow().length(at + ".shoe");
    }

    Step ballGirth(String at) {
        return ballGirthMm.isPresent()
                ? measured("around the ball", ballGirthMm.getAsDouble(), at + ".ballGirthMm")
                : Computed.of(
                                "around the ball, guessed",
                                Unit.MILLIMETRES,
                                FootRules.BALL_GUESSED.of(BALL_FACTOR.step(), length(at)))
                        .within(
                                Computed.of(
                                        "uncertainty of a guessed ball",
                                        Unit.MILLIMETRES,
                                        FootRules.WITHIN.of(BALL_GUESS.step())),
                                Distribution.RECTANGULAR);
    }

    Step heelDiagonal(String at) {
        return heelDiagonalMm.isPresent()
                ? measured("heel diagonal", heelDiagonalMm.getAsDouble(), at + ".heelDiagonalMm")
                : Computed.of(
                        "heel diagonal, estimated",
                        Unit.MILLIMETRES,
                        FootRules.HEEL_DIAGONAL.of(DIAGONAL_FACTOR.step(), ballGirth(at)));
    }

    /** Around the leg at the cuff's top edge; estimated from the ball where it was not measured. */
    Step legGirth(String at) {
        return legGirthMm.isPresent()
                ? measured("around the leg", legGirthMm.getAsDouble(), at + ".legGirthMm")
                : Computed.of(
                        "around the leg, estimated",
                        Unit.MILLIMETRES,
                        FootRules.LEG_GIRTH.of(LEG_FACTOR.step(), ballGirth(at)));
    }

    private static Step measured(String label, double mm, String field) {
        return Given.measured(label, mm, Unit.MILLIMETRES, field, TAPE.value());
    }
}
