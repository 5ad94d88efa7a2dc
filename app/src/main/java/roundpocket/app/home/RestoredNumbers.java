package roundpocket.app.home;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.springframework.stereotype.Component;
import roundpocket.app.home.Tables.Column;
import roundpocket.app.home.Tables.Table;

/** Whether every number of the store's own and every time in a backup is one that this program could have written. */
@Component
class RestoredNumbers implements RestoreCheck {
    /** Far more than anybody ever writes, and far from where the store's numbers end. */
    private static final long MOST = 1_000_000_000_000L;

    private static final String FIRST = "timestamp with time zone '1970-01-01 00:00:00+00'";
    private static final String LAST = "timestamp with time zone '2200-01-01 00:00:00+00'";

    @Override
    public void check(Connection backup) throws SQLException {
        for (Table table : Tables.of(backup)) {
            for (Column column : table.columns()) {
                String amiss = amiss(column);
                if (!amiss.isEmpty()) {
                    try (Statement statement = backup.createStatement();
                            ResultSet row = statement.executeQuery(
                                    "select count(*) from " + table.name() + " where " + amiss)) {
                        row.next();
                        if (row.getLong(1) > 0) {
                            throw refusal(table, column);
                        }
                    }
                }
            }
        }
    }

    private static String amiss(Column column) {
        String name = column.name();
        return switch (column.type()) {
            case "BIGINT" -> name.equals("seal") ? "" : name + " < 0 or " + name + " > " + MOST;
            case "TIMESTAMP WITH TIME ZONE" -> name + " < " + FIRST + " or " + name + " > " + LAST;
            case "DATE" -> name + " < date '1900-01-01' or " + name + " > date '2200-01-01'";
            default -> "";
        };
    }

    private static RuntimeException refusal(Table table, Column column) {
        return BackupFile.refusal(
                "In this backup, “" + column.name().replace('_', ' ') + "” in the table " + table.name()
                        + " is nothing that Round Pocket writes.",
                "Nothing was changed. Choose an earlier backup.");
    }
}
