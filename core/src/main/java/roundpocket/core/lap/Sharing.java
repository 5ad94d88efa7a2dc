package roundpocket.core.lap;

/** How a step is done where both socks are on the needles together. */
public enum Sharing {
    /** On both, one press for the two. */
    BOTH,
    /** On one, then on the other. */
    EACH,
    /** The whole heel of one sock, then that of the other. */
    HEEL_THROUGH,
    /** The whole toe of one sock, then that of the other. */
    TOE_THROUGH
}
