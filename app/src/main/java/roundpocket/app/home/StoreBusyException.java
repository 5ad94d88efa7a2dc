package roundpocket.app.home;

/** Somebody else has the store alone for longer than is waited. */
public final class StoreBusyException extends RuntimeException {
    private static final long serialVersionUID = 1L;
}
