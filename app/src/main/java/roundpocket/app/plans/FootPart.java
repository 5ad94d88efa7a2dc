package roundpocket.app.plans;

import roundpocket.core.foot.Foot;

/**
 * A foot.
 *
 * @param lengthMm longest toe to heel, 100 to 360 mm
 * @param ballGirthMm round the ball, 80 to 450 mm, half to twice the length
 */
public record FootPart(double lengthMm, double ballGirthMm) {
    public Foot toCore() {
        return new Foot(lengthMm, ballGirthMm);
    }
}
