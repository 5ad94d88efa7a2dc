package roundpocket.app.home;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import roundpocket.app.home.Tables.Table;

/** The tables of this program's schema, asked for once: the store goes through all it has at each question. */
final class KeptTables {
    private static final Map<String, Table> KNOWN = new ConcurrentHashMap<>();

    private KeptTables() {}

    static Table of(Connection store, String name) throws SQLException {
        if (KNOWN.isEmpty()) {
            for (Table table : Tables.of(store)) {
                KNOWN.put(table.name(), table);
            }
        }
        return KNOWN.get(name);
    }
}
