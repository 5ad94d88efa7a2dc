package roundpocket.app.home;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.LinkedHashMap;
import java.util.Map;
import roundpocket.app.home.Tables.Table;

/**
 * What is in a store, in short: of each table its rows and what their seals come to together. Two stores with the same are
 * taken to hold the same.
 *
 * @param tables by the name of the table
 */
record Content(Map<String, Sum> tables) {
    /**
     * @param rows how many there are
     * @param seals the seals of all, joined by exclusive or
     */
    record Sum(long rows, long seals) {}

    /** Reads every row of a store. */
    static Content of(Connection store) throws SQLException {
        Map<String, Sum> sums = new LinkedHashMap<>();
        for (Table table : Tables.of(store)) {
            sums.put(table.name(), sum(store, table));
        }
        return new Content(sums);
    }

    private static Sum sum(Connection store, Table table) throws SQLException {
        String seal = table.sealed() ? "seal" : "0";
        try (Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery(
                        "select count(*), coalesce(bit_xor_agg(" + seal + "), 0) from " + table.name())) {
            row.next();
            return new Sum(row.getLong(1), row.getLong(2));
        }
    }

    /** Whether nothing is in it. */
    boolean empty() {
        return tables.values().stream().allMatch(sum -> sum.rows() == 0);
    }
}
