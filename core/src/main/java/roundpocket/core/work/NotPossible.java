package roundpocket.core.work;

/** What was to be done cannot be done with the work as it is. */
public final class NotPossible extends IllegalStateException {
    private static final long serialVersionUID = 1;

    NotPossible(String why) {
        super(why);
    }
}
