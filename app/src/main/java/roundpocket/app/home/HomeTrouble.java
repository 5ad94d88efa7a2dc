package roundpocket.app.home;

import java.nio.file.FileSystemException;
import java.util.Optional;

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

    /** Where the disk is full, or the folder may not be written in, a home cannot be opened. */
    static Optional<HomeTrouble> ofTheDisk(HomeFolder home, Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof FileSystemException || StoreTrouble.ofTheDisk(cause)) {
                return Optional.of(new HomeTrouble(
                        "Round Pocket can’t write in its folder, " + home.path() + ": the disk is full, or it may not.",
                        "Make room, or allow writing there, then start again. Nothing was changed.",
                        failure));
            }
        }
        return Optional.empty();
    }

    /** What would help. */
    public String remedy() {
        return remedy;
    }
}
