package roundpocket.app.laps;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import roundpocket.app.home.RestoreCheck;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Sentence;

/** How much may be heard of one pair: all of it is read whenever the pair is, and each change of its plan plans it again. */
@Component
class LapLimits implements RestoreCheck {
    /** Years of presses. */
    static final int MOST_EVENTS = 50_000;

    /** Somebody who measures and changes a pair a dozen times is careful. */
    static final int MOST_REPLANNED = 300;

    static final Sentence TOO_MANY_EVENTS =
            Sentence.of("This pair has as many rounds and notes as can be kept of one. Start"
                    + " a new pair with “Knit these again”.");
    static final Sentence TOO_OFTEN = Sentence.of("The plan of this pair was changed " + MOST_REPLANNED
            + " times; it can’t be changed more often. Keep knitting by it.");

    private static final String REPLANNING = "('MEASURED', 'WORKED', 'REPLANNED')";

    @Override
    public void check(Connection backup) throws SQLException {
        try (Statement statement = backup.createStatement();
                ResultSet row =
                        statement.executeQuery("select count(*) from (select pair_id from lap_event group by pair_id"
                                + " having count(*) > " + MOST_EVENTS + " or sum(case when kind in " + REPLANNING
                                + " then 1 else 0 end) > " + MOST_REPLANNED + ")")) {
            row.next();
            if (row.getLong(1) > 0) {
                throw new Refusal(List.of(new Problem(
                        "backup",
                        "file",
                        "In this backup, more was counted or changed on one pair than Round Pocket keeps of one.",
                        "Nothing was changed. Choose another file.",
                        Map.of())));
            }
        }
    }
}
