package roundpocket.app.plans;

import roundpocket.core.swatch.TubeReading;

/**
 * The round gauge read once more, on the tube itself.
 *
 * @param rounds rounds counted
 * @param spanMm the length counted over
 * @param roundsDone rounds of the tube that are knitted
 */
public record TubeReadingPart(double rounds, double spanMm, int roundsDone) {
    TubeReading toCore() {
        return new TubeReading(rounds, spanMm, roundsDone);
    }
}
