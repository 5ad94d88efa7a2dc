package roundpocket.app.plans;

import roundpocket.core.swatch.Reading;

/**
 * One count on a swatch.
 *
 * @param count stitches or rounds; half ones count
 * @param spanMm the length counted over, 25 to 1000 mm
 */
public record ReadingPart(double count, double spanMm) {
    /** As the core has it. */
    public static ReadingPart of(Reading reading) {
        return new ReadingPart(reading.count(), reading.spanMm());
    }

    Reading toCore() {
        return new Reading(count, spanMm);
    }
}
