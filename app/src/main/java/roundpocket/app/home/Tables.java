package roundpocket.app.home;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The tables of a store, those first that others refer to, and their columns. */
final class Tables {
    static final List<String> IN_ORDER = List.of(
            "foot",
            "swatch",
            "yarn",
            "tube",
            "tube_foot",
            "sock_pair",
            "pair_change",
            "lap",
            "lap_event",
            "log_note",
            "log_answer",
            "lesson_left",
            "yarn_settled");

    /** What stores of earlier days have besides: parts of what is one document now. */
    private static final List<String> EARLIER = List.of(
            "foot_measuring",
            "swatch_stitch_reading",
            "swatch_round_reading",
            "yarn_stripe",
            "yarn_knot",
            "tube_band",
            "tube_wish",
            "tube_cut");

    private static final String SEAL = "seal";

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
        Map<String, Set<String>> keys = keys(store);
        Map<String, List<Column>> columns = columns(store, keys);
        List<Table> tables = new ArrayList<>();
        for (String name : Stream.concat(IN_ORDER.stream(), EARLIER.stream()).toList()) {
            List<Column> all = columns.getOrDefault(name, List.of());
            if (!all.isEmpty()) {
                List<Column> entered = all.stream()
                        .filter(column -> !column.name().equals(SEAL))
                        .toList();
                tables.add(new Table(name, entered, entered.size() < all.size()));
            }
        }
        return tables;
    }

    /** Of all tables at once: the store goes through all it has at each question. */
    private static Map<String, List<Column>> columns(Connection store, Map<String, Set<String>> keys)
            throws SQLException {
        Map<String, List<Column>> columns = new HashMap<>();
        try (Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery(
                        "select table_name, column_name, data_type, is_identity from information_schema.columns"
                                + " where table_schema = 'PUBLIC' order by table_name, ordinal_position")) {
            while (row.next()) {
                String table = inSmallLetters(row, 1);
                String name = inSmallLetters(row, 2);
                columns.computeIfAbsent(table, none -> new ArrayList<>())
                        .add(new Column(
                                name,
                                row.getString(3),
                                "YES".equals(row.getString(4)),
                                keys.getOrDefault(table, Set.of()).contains(name)));
            }
        }
        return columns;
    }

    /** The columns of each table's primary key. */
    private static Map<String, Set<String>> keys(Connection store) throws SQLException {
        Map<String, Set<String>> keys = new HashMap<>();
        try (Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery("select table_name, column_name"
                        + " from information_schema.key_column_usage where table_schema = 'PUBLIC' and constraint_name in"
                        + " (select constraint_name from information_schema.table_constraints"
                        + " where constraint_type = 'PRIMARY KEY')")) {
            while (row.next()) {
                keys.computeIfAbsent(inSmallLetters(row, 1), none -> new HashSet<>())
                        .add(inSmallLetters(row, 2));
            }
        }
        return keys;
    }

    private static String inSmallLetters(ResultSet row, int column) throws SQLException {
        return row.getString(column).toLowerCase(Locale.ROOT);
    }
}
