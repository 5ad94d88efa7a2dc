package roundpocket.app.laps;

import java.util.Arrays;

/** What can happen to a pair on the needles, by the name under which it is sent and stored. */
public enum LapEventKind {
    DONE(LapEvent.Done.class),
    UNDONE(LapEvent.Undone.class),
    JUMPED(LapEvent.Jumped.class),
    ORDERED(LapEvent.Ordered.class),
    MEASURED(LapEvent.Measured.class),
    WORKED(LapEvent.Worked.class),
    WEIGHED(LapEvent.Weighed.class),
    REPLANNED(LapEvent.Replanned.class),
    COLOUR(LapEvent.Colour.class),
    NOTED(LapEvent.Noted.class),
    WITHDRAWN(LapEvent.Withdrawn.class);

    private final Class<? extends LapEvent> type;

    LapEventKind(Class<? extends LapEvent> type) {
        this.type = type;
    }

    /** What is sent and stored under this name. */
    public Class<? extends LapEvent> type() {
        return type;
    }

    static LapEventKind of(LapEvent event) {
        return Arrays.stream(values())
                .filter(kind -> kind.type == event.getClass())
                .findFirst()
                .orElseThrow();
    }

    /** Whether it is a press, of which there are many and none of which changes the plan. */
    boolean press() {
        return this == DONE || this == UNDONE || this == JUMPED;
    }
}
