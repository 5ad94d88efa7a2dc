package roundpocket.app.home;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import roundpocket.app.home.Tables.Table;

/** The tables of this program's schema, asked for once: the store goes through all it has at each question. */
final class KeptTables {
    private static volatile Map<String, Table> known = Map.of();

    private KeptTables() {}

    static Table of(Connection store, String name) throws SQLException {
        if (known.isEmpty()) {
            known = Tables.of(store).stream().collect(Collectors.toMap(Table::name, Function.identity()));
        }
        return Objects.requireNonNull(known.get(name), name);
    }
}
