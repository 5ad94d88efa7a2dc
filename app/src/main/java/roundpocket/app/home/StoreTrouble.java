package roundpocket.app.home;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Optional;
import java.util.Set;
import org.h2.api.ErrorCode;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.http.HttpStatus;

/** What a failed write says of the store, told apart by its cause: only a full disk is called full. */
public enum StoreTrouble {
    FULL(
            HttpStatus.INSUFFICIENT_STORAGE,
            "store-full",
            "Round Pocket can’t write to its folder: the disk is full. Nothing was saved of this, and what was saved before is"
                    + " safe. Make room, then try again; if that doesn’t help, start Round Pocket again."),
    UNWRITABLE(
            HttpStatus.SERVICE_UNAVAILABLE,
            "store-unwritable",
            "Round Pocket may not write to its folder. Nothing was saved of this, and what was saved before is safe. Allow"
                    + " writing there, then start Round Pocket again."),
    CLOSED(
            HttpStatus.SERVICE_UNAVAILABLE,
            "store-closed",
            "Round Pocket’s store is closed just now. Nothing was saved of this, and what was saved before is safe. Try again"
                    + " in a moment; if that doesn’t help, start Round Pocket again.");

    private static final Set<String> NO_ROOM =
            Set.of("No space left", "File too large", "quota exceeded", "not enough space");
    private static final Set<String> NO_LEAVE =
            Set.of("Read-only file system", "Permission denied", "Access is denied");
    private static final Set<Integer> CLOSED_CODES =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.IO_EXCEPTION_1, ErrorCode.IO_EXCEPTION_2);

    private final HttpStatus status;
    private final String code;
    private final String text;

    StoreTrouble(HttpStatus status, String code, String text) {
        this.status = status;
        this.code = code;
        this.text = text;
    }

    public HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }

    public String text() {
        return text;
    }

    /** Whether a failure is the disk's or the folder's, and says nothing of what is stored. */
    static boolean ofTheDisk(Throwable failure) {
        return ofTheDisk(failure, NO_ROOM) || ofTheDisk(failure, NO_LEAVE);
    }

    private static boolean ofTheDisk(Throwable failure, Set<String> words) {
        String said = String.valueOf(failure.getMessage());
        return words.stream().anyMatch(said::contains);
    }

    /** The trouble behind a failure; empty where it is none of the store's. */
    public static Optional<StoreTrouble> of(Throwable unexpected) {
        boolean ofTheStore = false;
        boolean closed = false;
        for (Throwable cause = unexpected; cause != null; cause = cause.getCause()) {
            ofTheStore |= cause instanceof DataAccessResourceFailureException;
            if (cause instanceof SQLException sql) {
                ofTheStore = true;
                closed |= CLOSED_CODES.contains(sql.getErrorCode());
                if (sql.getErrorCode() == ErrorCode.DATABASE_IS_READ_ONLY) {
                    return Optional.of(UNWRITABLE);
                }
            }
            // Whatever is written here is written in the home.
            if (cause instanceof IOException && ofTheDisk(cause, NO_ROOM)) {
                return Optional.of(FULL);
            }
            if (ofTheStore && (cause instanceof IOException || closed)) {
                if (ofTheDisk(cause, NO_ROOM)) {
                    return Optional.of(FULL);
                }
                if (ofTheDisk(cause, NO_LEAVE)) {
                    return Optional.of(UNWRITABLE);
                }
                closed |= cause instanceof IOException;
            }
        }
        return closed ? Optional.of(CLOSED) : Optional.empty();
    }
}
