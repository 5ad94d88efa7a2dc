package roundpocket.core.work;

import java.util.List;

/**
 * Where loops can be live. A round at an edge works its first half, then its second; the yarn then hangs where it began. At the
 * tube that is the sole and then the instep, unless the knitter begins otherwise ({@link Work#first}).
 */
public enum Edge {
    /** The tube’s end at the cuff. */
    CUFF_END("cuff’s end", Spot.CUFF_SOLE, Spot.CUFF_INSTEP),
    /** The tube’s end at the toe. */
    TOE_END("toe’s end", Spot.TOE_SOLE, Spot.TOE_INSTEP),
    /** The opening in the sole. */
    HEEL("heel", Spot.LOWER, Spot.UPPER),
    /** Beside a cut right round a tube. */
    RIMS("cut", Spot.NEAR_RIM, Spot.FAR_RIM);

    private final String title;
    private final Spot first;
    private final Spot second;

    Edge(String title, Spot first, Spot second) {
        this.title = title;
        this.first = first;
        this.second = second;
    }

    public String title() {
        return title;
    }

    /** The part of the sock that is closed there. */
    public String place() {
        return switch (this) {
            case CUFF_END -> "cuff";
            case TOE_END -> "toe";
            case HEEL -> "heel";
            case RIMS -> "cut";
        };
    }

    /** The half that a round usually begins with: at the tube the sole’s. */
    public Spot first() {
        return first;
    }

    public Spot second() {
        return second;
    }

    /** Whether rounds of the tube are knitted there. */
    boolean ofTheTube() {
        return this == CUFF_END || this == TOE_END;
    }

    List<Spot> spots() {
        return List.of(first, second);
    }
}
