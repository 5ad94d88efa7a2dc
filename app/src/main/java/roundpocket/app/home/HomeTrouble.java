package roundpocket.app.home;

/** Thrown when a home cannot be used: what is the matter, and what would help, in the knitter's words. */
public final class HomeTrouble extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String remedy;

    public HomeTrouble(String message, String remedy) {
        super(message);
        this.remedy = remedy;
    }

    HomeTrouble(String message, String remedy, Throwable cause) {
        super(message, cause);
        this.remedy = remedy;
    }

    /** What would help. */
    public String remedy() {
        return remedy;
    }
}
