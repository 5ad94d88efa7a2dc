package roundpocket.app.home;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** The tables of a store, those first that others refer to, and their columns. */
final class Tables {
    static final List<String> IN_ORDER = List.of(
            "foot",
            "foot_measuring",
            "swatch",
            "swatch_stitch_reading",
            "swatch_round_reading",
            "yarn",
            "yarn_stripe",
            "yarn_knot",
            "tube",
            "tube_band",
            "tube_wish",
            "tube_cut",
            "sock_pair",
            "pair_change",
            "lap",
            "lap_event",
            "log_note",
            "log_answer",
            "lesson_left",
            "yarn_settled");

    private Tables() {}

    /**
     * A column.
     *
     * @param name in small letters
     * @param type as the store calls it
     * @param counted whether the store gives out its numbers
     * @param key whether it is part of the primary key
     */
    record Column(String name, String type, boolean counted, boolean key) {}

    /**
     * A table as it is in a store.
     *
     * @param name in small letters
     * @param columns those that are entered, without the seal
     * @param sealed whether its rows have seals
     */
    record Table(String name, List<Column> columns, boolean sealed) {
        /** The columns' names, to be put into a statement. */
        String names() {
            return columns.stream().map(Column::name).collect(Collectors.joining(", "));
        }

        String key() {
            return columns.stream().filter(Column::key).map(Column::name).collect(Collectors.joining(", "));
        }

        /** A statement that puts in a row. */
        String insert() {
            return "insert into " + name + " (" + names() + ") values ("
                    + columns.stream().map(column -> "?").collect(Collectors.joining(", ")) + ")";
        }
    }

    /** The tables that a store has, in their order. */
    static List<Table> of(Connection store) throws SQLException {
        List<Table> tables = new ArrayList<>();
        for (String name : IN_ORDER) {
            List<Column> columns = columns(store, name);
            if (!columns.isEmpty()) {
                boolean sealed = columns.removeIf(column -> column.name().equals("seal"));
                tables.add(new Table(name, List.copyOf(columns), sealed));
            }
        }
        return tables;
    }

    private static List<Column> columns(Connection store, String table) throws SQLException {
        String sql = "select c.column_name, c.data_type, c.is_identity, k.column_name is not null"
                + " from information_schema.columns c left join information_schema.key_column_usage k"
                + " on k.table_schema = c.table_schema and k.table_name = c.table_name"
                + " and k.column_name = c.column_name and k.constraint_name in (select constraint_name"
                + " from information_schema.table_constraints where constraint_type = 'PRIMARY KEY')"
                + " where c.table_schema = 'PUBLIC' and c.table_name = ? order by c.ordinal_position";
        try (PreparedStatement asked = store.prepareStatement(sql)) {
            asked.setString(1, table.toUpperCase(Locale.ROOT));
            List<Column> columns = new ArrayList<>();
            try (ResultSet row = asked.executeQuery()) {
                while (row.next()) {
                    columns.add(new Column(
                            row.getString(1).toLowerCase(Locale.ROOT),
                            row.getString(2),
                            "YES".equals(row.getString(3)),
                            row.getBoolean(4)));
                }
            }
            return columns;
        }
    }
}
