package roundpocket.app.laps;

/** What can happen to a pair on the needles. */
public enum LapEventKind {
    /** One round, move or step is done. */
    DONE,
    /** The last press that still stands is taken back. */
    UNDONE,
    /** The knitter is somewhere else in the work. */
    JUMPED,
    /** The tube was measured, and the rest is planned anew by it. */
    MEASURED,
    /** A section has so many rounds, whatever was planned. */
    WORKED,
    /** A cake was weighed. */
    WEIGHED,
    /** The plan that was edited on the way is taken over for what is still to come. */
    REPLANNED,
    /** Something is noted. */
    NOTED,
    /** A weighing or a note is taken back. */
    WITHDRAWN;

    /** Whether it is a press, of which there are many and none of which changes the plan. */
    boolean press() {
        return this == DONE || this == UNDONE || this == JUMPED;
    }
}
