package roundpocket.core.work;

/**
 * Where the end of a ball hangs.
 *
 * @param edge at which edge
 * @param corner at which of its two corners
 */
public record Hang(Edge edge, Corner corner) {
    /** The corners of an edge: where the round begins, and where its second half does. */
    public enum Corner {
        START,
        FAR
    }
}
