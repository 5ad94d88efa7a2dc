package roundpocket.app.home;

import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;

/** Says on the terminal why Round Pocket does not start, and what would help: two lines, and no trace. */
class PlainReporter implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
        System.err.println("Round Pocket can’t start. " + analysis.getDescription());
        System.err.println(analysis.getAction());
    }
}
