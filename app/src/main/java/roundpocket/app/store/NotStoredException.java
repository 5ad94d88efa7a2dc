package roundpocket.app.store;

/** Thrown when something is asked for that is not, or no longer, on its shelf. */
public final class NotStoredException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotStoredException(String what) {
        super("Can’t find that " + what + ". It may have been deleted.");
    }
}
