package roundpocket.app.home;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says in a line or two why Round Pocket does not start on a home, without a trace. */
class HomeTroubleAnalyzer extends AbstractFailureAnalyzer<HomeTrouble> {
    @Override
    protected FailureAnalysis analyze(Throwable root, HomeTrouble trouble) {
        return new FailureAnalysis(String.valueOf(trouble.getMessage()), trouble.remedy(), null);
    }
}
