package roundpocket.core.swatch;

import roundpocket.core.measure.Unit;

/** Which way a swatch is counted: along the round, or up a column. */
public enum CountedWay {
    STITCHES("stitches", "stitch gauge", Unit.STITCHES, Unit.STITCHES_PER_10CM),
    ROUNDS("rounds", "round gauge", Unit.ROUNDS, Unit.ROUNDS_PER_10CM);

    private final String things;
    private final String gauge;
    private final Unit unit;
    private final Unit rate;

    CountedWay(String things, String gauge, Unit unit, Unit rate) {
        this.things = things;
        this.gauge = gauge;
        this.unit = unit;
        this.rate = rate;
    }

    /** What is counted, in a sentence, and the field of a swatch that holds the counts. */
    public String things() {
        return things;
    }

    String gauge() {
        return gauge;
    }

    Unit unit() {
        return unit;
    }

    /** The unit of the gauge that the counts give. */
    public Unit rate() {
        return rate;
    }
}
