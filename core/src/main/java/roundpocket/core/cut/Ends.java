package roundpocket.core.cut;

/**
 * Which pieces lie at the ends of a tube. A piece at an end whose stitches are live needs no spare rounds there, so it
 * matters which it is where the wishes differ in them.
 *
 * @param first spare rounds of the first piece; {@link #ANY} where it may be any
 * @param last those of the last piece
 */
record Ends(int first, int last) {
    static final int ANY = -1;

    boolean free() {
        return first == ANY && last == ANY;
    }

    /** Whether an order that keeps to this does so seen from its other end as well. */
    boolean mirrored() {
        return first == last;
    }

    boolean mayBeFirst(int spare) {
        return first == ANY || first == spare;
    }

    boolean mayBeLast(int spare) {
        return last == ANY || last == spare;
    }
}
