package roundpocket.app.web;

import java.sql.SQLException;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in a line that another Round Pocket has the data folder open. */
class StoreInUse extends AbstractFailureAnalyzer<SQLException> {
    /** H2: database may be already in use. */
    private static final int DATABASE_ALREADY_OPEN = 90020;

    @Override
    protected @Nullable FailureAnalysis analyze(Throwable root, SQLException cause) {
        if (cause.getErrorCode() != DATABASE_ALREADY_OPEN) {
            return null;
        }
        return new FailureAnalysis(
                "Another Round Pocket has this data folder open.",
                "Stop the other one, or give this one a folder of its own with --home FOLDER.",
                cause);
    }
}
