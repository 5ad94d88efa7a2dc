package roundpocket.core.foot;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import roundpocket.core.explain.Computed;
import roundpocket.core.explain.Constant;
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
 * @param ballGirthMm circumference round the ball, 80 to 450 mm, and between half and twice the length
 * @param heelDiagonalMm from the underside of the heel over the front of the ankle, 80 to 600 mm and not less than the
 *     ball; estimated from the ball where it was not measured
 * @param legGirthMm round the leg at the cuff's top edge, 80 to 600 mm
 * @param toeForm how the toes end
 */
public record Foot(
        OptionalDouble lengthMm,
        Optional<ShoeSize> shoe,
        double ballGirthMm,
        OptionalDouble heelDiagonalMm,
        OptionalDouble legGirthMm,
        Optional<ToeForm> toeForm) {
    static final Constant DIAGONAL_FACTOR = new Constant(
            "foot.diagonal-factor",
            "heel diagonal over ball girth of an average foot",
            1.36,
            Unit.NUMBER,
            0.035,
            Source.memory("1.30 for a low instep to 1.42 for a high one; that range, evenly spread, is ±0.035"));

    private static final Limit LENGTH = new Limit(
            "foot.length.range",
            100,
            360,
            Unit.MILLIMETRES,
            "A foot of {found} is outside what a plan can be made for: {min} to {max}.",
            "Measure from the longest toe to the heel, standing.");
    private static final Limit GIRTH = new Limit(
            "foot.girth.range",
            80,
            450,
            Unit.MILLIMETRES,
            "{found} round the ball is outside what a plan can be made for: {min} to {max}.",
            "Lay the tape round the widest part of the foot, behind the toes.");
    private static final Limit DIAGONAL = new Limit(
            "foot.diagonal.range",
            80,
            600,
            Unit.MILLIMETRES,
            "A heel diagonal of {found} is outside what a plan can be made for: {min} to {max}.",
            "Lay the tape under the heel and over the front of the ankle, or leave it out.");
    private static final Limit LEG = new Limit(
            "foot.leg-girth.range",
            80,
            600,
            Unit.MILLIMETRES,
            "{found} round the leg is outside what a plan can be made for: {min} to {max}.",
            "Measure where the cuff's top edge will sit, or leave it out.");
    private static final double WIDEST = 2;
    private static final double NARROWEST = 0.5;

    /** A foot of which length and ball were measured and nothing else. */
    public Foot(double lengthMm, double ballGirthMm) {
        this(
                OptionalDouble.of(lengthMm),
                Optional.empty(),
                ballGirthMm,
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
                    "The length of the foot is missing.",
                    "Measure it, or give a shoe size to go on with.",
                    Map.of()));
        }
        lengthMm.ifPresent(length -> problems.checkRange("lengthMm", length, LENGTH));
        problems.checkRange("ballGirthMm", ballGirthMm, GIRTH);
        heelDiagonalMm.ifPresent(diagonal -> problems.checkRange("heelDiagonalMm", diagonal, DIAGONAL));
        legGirthMm.ifPresent(girth -> problems.checkRange("legGirthMm", girth, LEG));
        problems.throwIfAny();
        checkProportion(problems, lengthMm.orElseGet(() -> estimate(shoe)), ballGirthMm);
        heelDiagonalMm.ifPresent(diagonal -> checkDiagonal(problems, diagonal, ballGirthMm));
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
                    "{found} round the ball is more than twice the length of {length}; the limit is {max}.",
                    remedy,
                    amounts));
        }
        if (ballGirthMm < NARROWEST * lengthMm) {
            problems.add(new Problem(
                    "foot.girth.proportion",
                    "ballGirthMm",
                    "{found} round the ball is less than half the length of {length}; the limit is {min}.",
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
        return measured("round the ball", ballGirthMm, at + ".ballGirthMm");
    }

    Step heelDiagonal(String at) {
        return heelDiagonalMm.isPresent()
                ? measured("heel diagonal", heelDiagonalMm.getAsDouble(), at + ".heelDiagonalMm")
                : Computed.of(
                        "heel diagonal, estimated",
                        Unit.MILLIMETRES,
                        FootRules.HEEL_DIAGONAL,
                        DIAGONAL_FACTOR.step(),
                        ballGirth(at));
    }

    Optional<Step> legGirth(String at) {
        return legGirthMm.isEmpty()
                ? Optional.empty()
                : Optional.of(measured("round the leg", legGirthMm.getAsDouble(), at + ".legGirthMm"));
    }

    private static Step measured(String label, double mm, String field) {
        return Given.measured(label, mm, Unit.MILLIMETRES, field);
    }
}
