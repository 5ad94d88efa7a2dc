package roundpocket.app.home;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import roundpocket.app.home.Tables.Column;
import roundpocket.app.home.Tables.Table;

/** Brings what was read from a backup into the store in use: all of it in the place of what is there, or thing by thing. */
final class Restore {
    private static final int AT_ONCE = 500;

    /** Rows of a pair that are about something of another pair: the column, and the table that it is in. */
    static final Map<String, List<String>> OF_OTHERS =
            Map.of("log_answer", List.of("note_id", "log_note"), "lesson_left", List.of("from_id", "sock_pair"));

    private final Connection from;
    private final Connection to;
    private final List<Table> tables;

    /** Both stores have the schema of this program; {@code to} is not committing by itself. */
    Restore(Connection from, Connection to) throws SQLException {
        this.from = from;
        this.to = to;
        this.tables = Tables.of(from);
    }

    /** Puts everything in the place of what is there, with the store's own numbers. */
    void everything() throws SQLException {
        List<Table> backwards = new ArrayList<>(tables);
        Collections.reverse(backwards);
        for (Table table : backwards) {
            run("delete from " + table.name());
        }
        for (Table table : tables) {
            copy(table, table, "");
        }
    }

    /** What is heard and noted of a pair: each by an id of its own, and never in the place of another. */
    private static final Set<String> HEARD = Set.of("lap_event", "log_note");

    /**
     * Brings one thing over, in the place of what is there by the same id. Of a pair that was begun once, what was heard of it
     * in either place is there afterwards.
     */
    void thing(Thing.Shelf shelf, UUID id) throws SQLException {
        boolean sameLap = shelf == Thing.Shelf.PAIR && sameLap(id);
        for (Thing.Part part : shelf.parts()) {
            if (part.owned() && !(sameLap && staysAsHeard(part))) {
                run("delete from " + part.table() + " where " + part.condition(id));
            }
        }
        for (Thing.Part part : shelf.parts()) {
            if (!(sameLap && part.table().equals("lap"))) {
                bring(part, id);
            }
        }
    }

    /** Adds what was heard of a pair elsewhere to what was heard of it here, where it is the same one that was begun. */
    void heard(UUID pair) throws SQLException {
        if (sameLap(pair)) {
            for (Thing.Part part : Thing.Shelf.PAIR.parts()) {
                if (HEARD.contains(part.table())) {
                    bring(part, pair);
                }
            }
        }
    }

    private static boolean staysAsHeard(Thing.Part part) {
        return part.table().equals("lap") || HEARD.contains(part.table());
    }

    private boolean sameLap(UUID pair) throws SQLException {
        Object here = begun(to, pair);
        return here != null && here.equals(begun(from, pair));
    }

    private static @Nullable Object begun(Connection store, UUID pair) throws SQLException {
        try (PreparedStatement asked = store.prepareStatement("select started_at from lap where pair_id = ?")) {
            asked.setObject(1, pair);
            try (ResultSet row = asked.executeQuery()) {
                return row.next() ? row.getObject(1) : null;
            }
        }
    }

    private void bring(Thing.Part part, UUID id) throws SQLException {
        Table table = tables.stream()
                .filter(each -> each.name().equals(part.table()))
                .findFirst()
                .orElseThrow();
        List<Column> columns =
                table.columns().stream().filter(column -> !column.counted()).toList();
        copy(table, new Table(table.name(), columns, table.sealed()), " where " + part.condition(id));
    }

    /** Copies rows; those that a person may edit take the place of the row that is there. */
    private void copy(Table read, Table written, String where) throws SQLException {
        boolean merges = !where.isEmpty() && written.columns().get(0).name().equals("id");
        String put = merges
                ? written.insert().replace("insert into", "merge into").replace(" values", " key (id) values")
                : written.insert();
        try (Statement asked = from.createStatement();
                ResultSet row = asked.executeQuery(
                        "select " + written.names() + " from " + read.name() + where + " order by " + read.key());
                PreparedStatement insert = to.prepareStatement(put)) {
            int count = 0;
            while (row.next()) {
                if (!where.isEmpty() && (isOfNothing(written.name(), row) || isHeard(written.name(), row))) {
                    continue;
                }
                for (int i = 1; i <= written.columns().size(); i++) {
                    insert.setObject(i, row.getObject(i));
                }
                insert.addBatch();
                if (++count % AT_ONCE == 0) {
                    insert.executeBatch();
                }
            }
            insert.executeBatch();
        }
    }

    /** Whether it was heard here already: such a row never changes. */
    private boolean isHeard(String table, ResultSet row) throws SQLException {
        if (!HEARD.contains(table)) {
            return false;
        }
        try (PreparedStatement asked = to.prepareStatement("select count(*) from " + table + " where id = ?")) {
            asked.setObject(1, row.getObject("id"));
            try (ResultSet there = asked.executeQuery()) {
                return there.next() && there.getLong(1) > 0;
            }
        }
    }

    /** Whether a row is about something of another pair that is not there; without it the row says nothing. */
    private boolean isOfNothing(String table, ResultSet row) throws SQLException {
        List<String> other = OF_OTHERS.get(table);
        if (other == null) {
            return false;
        }
        try (PreparedStatement asked = to.prepareStatement("select count(*) from " + other.get(1) + " where id = ?")) {
            asked.setObject(1, row.getObject(other.get(0)));
            try (ResultSet there = asked.executeQuery()) {
                return !there.next() || there.getLong(1) == 0;
            }
        }
    }

    /** Lets the store's own numbers go on after the highest that is there. Commits, as every change of a schema does. */
    static void countOn(Connection store) throws SQLException {
        countOn(store, Map.of());
    }

    /** The same, and after what they had come to by table elsewhere. */
    static void countOn(Connection store, Map<String, Long> elsewhere) throws SQLException {
        for (Table table : Tables.of(store)) {
            for (Column column : table.columns()) {
                if (column.counted()) {
                    countOn(store, table.name(), column.name(), elsewhere.getOrDefault(table.name(), 0L));
                }
            }
        }
    }

    private static void countOn(Connection store, String table, String column, long least) throws SQLException {
        try (Statement statement = store.createStatement()) {
            long last = Math.max(least, number(statement, "select coalesce(max(" + column + "), 0) from " + table));
            if (next(store, table) <= last) {
                statement.execute("alter table " + table + " alter column " + column + " restart with " + (last + 1));
            }
        }
    }

    /** The next of the store's own numbers in a table. */
    static long next(Connection store, String table) throws SQLException {
        try (PreparedStatement asked = store.prepareStatement("select identity_base from information_schema.columns"
                + " where table_schema = 'PUBLIC' and table_name = ? and is_identity = 'YES'")) {
            asked.setString(1, table.toUpperCase(Locale.ROOT));
            try (ResultSet row = asked.executeQuery()) {
                return row.next() ? row.getLong(1) : 0;
            }
        }
    }

    private static long number(Statement statement, String sql) throws SQLException {
        try (ResultSet row = statement.executeQuery(sql)) {
            row.next();
            return row.getLong(1);
        }
    }

    private void run(String sql) throws SQLException {
        try (Statement statement = to.createStatement()) {
            statement.execute(sql);
        }
    }
}
