package roundpocket.app.log;

/** What a note is about. */
public enum LogNoteKind {
    /** How it fits. */
    FIT,
    /** Where it wears, and what was done about it. */
    WEAR,
    /** Anything else. */
    OTHER
}
