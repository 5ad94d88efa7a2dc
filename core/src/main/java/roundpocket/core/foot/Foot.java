package roundpocket.core.foot;

import java.util.Map;
import roundpocket.core.explain.Given;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Problems.Limit;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/**
 * A foot, measured barefoot and standing with the weight on it.
 *
 * @param lengthMm longest toe to heel, 100 to 360 mm
 * @param ballGirthMm circumference round the ball, 80 to 450 mm, and between half and twice the length
 */
public record Foot(double lengthMm, double ballGirthMm) {
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
    private static final double WIDEST = 2;
    private static final double NARROWEST = 0.5;

    public Foot {
        Problems problems = new Problems();
        problems.checkRange("lengthMm", lengthMm, LENGTH);
        problems.checkRange("ballGirthMm", ballGirthMm, GIRTH);
        problems.throwIfAny();
        checkProportion(lengthMm, ballGirthMm);
    }

    private static void checkProportion(double lengthMm, double ballGirthMm) {
        Problems problems = new Problems();
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
        problems.throwIfAny();
    }

    public Given length() {
        return Given.measured("foot length", lengthMm, Unit.MILLIMETRES, "foot.lengthMm");
    }

    public Given ballGirth() {
        return Given.measured("round the ball", ballGirthMm, Unit.MILLIMETRES, "foot.ballGirthMm");
    }
}
