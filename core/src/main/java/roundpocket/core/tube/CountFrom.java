package roundpocket.core.tube;

import roundpocket.core.explain.Named;

/** Where a knitter counts her rounds from. */
public enum CountFrom implements Named {
    TOE_TIP("the tip of the toe"),
    END_OF_TOE("the start of the tube, where the toe ends"),
    START_OF_LEG("the start of the leg, below the cuff"),
    CUFF_EDGE("the edge of the cuff");

    private final String title;

    CountFrom(String title) {
        this.title = title;
    }

    @Override
    public String title() {
        return title;
    }

    /** Whether it is an end of the toe, and not of the leg. */
    public boolean atTheToe() {
        return this == TOE_TIP || this == END_OF_TOE;
    }

    /** Where a knitter who comes by her tube in this way counts from. */
    static CountFrom usual(Way way, ToeStart start) {
        return switch (way) {
            case TOE_UP -> start.toeFirst() ? TOE_TIP : END_OF_TOE;
            case CUFF_DOWN -> CUFF_EDGE;
            case READY_TUBE -> START_OF_LEG;
        };
    }
}
