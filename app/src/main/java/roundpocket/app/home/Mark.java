package roundpocket.app.home;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** How many changes a store has come to: it says so itself, in the same transaction as each of them. */
final class Mark {
    private static final String SET = "update store_mark set mark = ? where mark < ?";

    /** Nothing where nothing was changed in the transaction: a reader is no change. */
    static final String ON = "select mark from final table (update store_mark set mark = mark + 1"
            + " where transaction_id() is not null)";

    private Mark() {}

    /** What a store has come to; 0 before stores said so. */
    static long of(Connection store) throws SQLException {
        try (Statement statement = store.createStatement()) {
            try (ResultSet there = statement.executeQuery(
                    "select count(*) from information_schema.tables where table_schema = 'PUBLIC' and table_name ="
                            + " 'STORE_MARK'")) {
                there.next();
                if (there.getInt(1) == 0) {
                    return 0;
                }
            }
            try (ResultSet row = statement.executeQuery("select coalesce(max(mark), 0) from store_mark")) {
                row.next();
                return row.getLong(1);
            }
        }
    }

    /** Lets a store go on after a mark. */
    static void goOnAfter(Connection store, long mark) throws SQLException {
        try (PreparedStatement set = store.prepareStatement(SET)) {
            set.setLong(1, mark);
            set.setLong(2, mark);
            set.executeUpdate();
        }
    }
}
