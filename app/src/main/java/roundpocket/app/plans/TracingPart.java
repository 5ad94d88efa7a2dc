package roundpocket.app.plans;

import roundpocket.core.foot.Tracing;

/**
 * What a pencil outline of the foot says of its front.
 *
 * @param widthMm straight across the outline at the ball, 40 to 160 mm
 * @param tipInMm from the inner edge, where the big toe runs, to the tip of the longest toe
 * @param littleBackMm how far the tip of the little toe lies behind that of the longest, 0 to 100 mm
 */
public record TracingPart(double widthMm, double tipInMm, double littleBackMm) {
    Tracing toCore() {
        return new Tracing(widthMm, tipInMm, littleBackMm);
    }
}
