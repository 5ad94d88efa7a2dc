package roundpocket.app.kept;

/** Thrown when something is asked for that is not, or no longer, on its shelf. */
public final class NotKeptException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotKeptException(String what) {
        super("Can’t find that " + what + ". It may have been deleted.");
    }
}
