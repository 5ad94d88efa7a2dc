package roundpocket.app.store;

/** Thrown when something was changed elsewhere since it was read. Carries what is stored now. */
public final class StaleException extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Object current;
    private final transient Object wanted;

    public StaleException(String what, Object current, Object wanted) {
        super("This " + what + " was changed elsewhere since you opened it. Nothing was overwritten:"
                + " use the saved version, or keep yours and save it again.");
        this.current = current;
        this.wanted = wanted;
    }

    /** What is stored now, as it is read. */
    public Object current() {
        return current;
    }

    /** What was to be written. */
    public Object wanted() {
        return wanted;
    }
}
