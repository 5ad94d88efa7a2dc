package roundpocket.app.kept;

import java.util.UUID;

/** Thrown when something is asked for that is not, or no longer, on its shelf. */
public final class NotKeptException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotKeptException(String what, UUID id) {
        super("There is no " + what + " with the number " + id + ". It may have been thrown away.");
    }
}
