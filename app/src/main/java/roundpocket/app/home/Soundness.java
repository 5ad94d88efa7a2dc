package roundpocket.app.home;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import roundpocket.app.home.Tables.Table;

/**
 * Whether what is stored is what was stored: every row is read and held against its seal, and every reference against
 * what it refers to.
 */
final class Soundness {
    private final Connection store;
    private final List<String> faults = new ArrayList<>();

    private Soundness(Connection store) {
        this.store = store;
    }

    /** What is amiss, in words, one for each table; nothing where the store is sound. */
    static List<String> faults(Connection store) throws SQLException {
        Soundness check = new Soundness(store);

        List<Table> tables = Tables.of(store);
        check.names(tables);
        for (Table table : tables) {
            check.rows(table);
            check.references(table);
        }
        return check.faults;
    }

    /**
     * Where one table has seals all have: a name that is damaged would hide the rows behind it from the check. Other columns
     * are named in the seals, which then cannot be made.
     */
    private void names(List<Table> tables) {
        if (tables.stream().anyMatch(Table::sealed)) {
            tables.stream()
                    .filter(table -> !table.sealed())
                    .forEach(table -> faults.add("the table " + table.name() + " has lost its seals"));
        }
    }

    private void rows(Table table) throws SQLException {
        if (!table.sealed()) {
            read(table);
            return;
        }
        long broken = number("select count(*) from " + table.name() + " where seal is distinct from " + made(table));
        if (broken > 0) {
            faults.add(broken + (broken == 1 ? " row" : " rows") + " of the table " + table.name()
                    + (broken == 1 ? " is" : " are") + " not what was written");
        }
    }

    /** How a row's seal is made, as the store keeps it. */
    private String made(Table table) throws SQLException {
        try (PreparedStatement asked = store.prepareStatement(
                "select generation_expression from"
                        + " information_schema.columns where table_schema = 'PUBLIC' and table_name = ? and column_name = 'SEAL'")) {
            asked.setString(1, table.name().toUpperCase(Locale.ROOT));
            try (ResultSet row = asked.executeQuery()) {
                row.next();
                return row.getString(1);
            }
        }
    }

    /** A store of earlier days has no seals; that its rows can be read is all there is to check. */
    private void read(Table table) throws SQLException {
        String all = table.columns().stream()
                .map(column -> "cast(" + column.name() + " as varchar)")
                .collect(Collectors.joining(", "));
        number("select coalesce(bit_xor_agg(ora_hash(concat_ws('|', " + all + "))), 0) from " + table.name());
    }

    /** Reads what refers to another table once by its rows and once from that table: both must find as many. */
    private void references(Table table) throws SQLException {
        DatabaseMetaData known = store.getMetaData();
        try (ResultSet key = known.getImportedKeys(null, "PUBLIC", table.name().toUpperCase(Locale.ROOT))) {
            while (key.next()) {
                String column = key.getString("FKCOLUMN_NAME");
                long rows = number("select count(*) from " + table.name() + " where " + column + " is not null");
                long found = number("select coalesce(sum((select count(*) from " + table.name() + " t where t." + column
                        + " = o." + key.getString("PKCOLUMN_NAME") + ")), 0) from " + key.getString("PKTABLE_NAME")
                        + " o");
                if (rows != found) {
                    faults.add(Math.abs(rows - found) + " of the table " + table.name()
                            + " can’t be found by what they belong to");
                }
            }
        }
    }

    private long number(String sql) throws SQLException {
        try (Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }
}
