package roundpocket.app.web;

import java.io.IOException;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;

/** Tells when the store could not be written to: the disk is full, or may not be written. H2 closes itself then. */
final class StoreFull {
    static final String TEXT =
            "Round Pocket cannot write to its folder any more: the disk is full, or may not be written"
                    + " to. Nothing was stored of this, and what was stored before is safe. Make room, then start Round Pocket again.";

    private static final Set<Integer> CODES =
            Set.of(ErrorCode.DATABASE_IS_CLOSED, ErrorCode.IO_EXCEPTION_1, ErrorCode.IO_EXCEPTION_2);

    private StoreFull() {}

    static boolean is(Throwable unexpected) {
        boolean ofTheStore = false;
        for (Throwable cause = unexpected; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql) {
                ofTheStore = true;
                if (CODES.contains(sql.getErrorCode())) {
                    return true;
                }
            }
            if (ofTheStore && cause instanceof IOException) {
                return true;
            }
        }
        return false;
    }
}
