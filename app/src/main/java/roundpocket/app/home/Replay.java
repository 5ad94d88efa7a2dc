package roundpocket.app.home;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Savepoint;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import roundpocket.app.home.JournalFile.Entry;
import roundpocket.app.home.Tables.Column;
import roundpocket.app.home.Tables.Table;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Puts what the journal kept back into a store: what is not there yet, as far as what it belongs to is. */
final class Replay {
    /** What is kept, those first that others refer to, each with what it is known by. */
    private static final Map<String, String> KNOWN_BY = Map.of("sock_pair", "id", "lap", "pair_id", "lap_event", "id");

    private static final List<String> IN_ORDER = List.of("sock_pair", "lap", "lap_event");

    /** What a pair was planned from: it holds all of it itself, and goes without where that is not there. */
    private static final Map<String, String> LINKS =
            Map.of("foot_id", "foot", "swatch_id", "swatch", "yarn_id", "yarn");

    private final Connection store;
    private final Map<String, Table> tables;
    private long presses;
    private boolean whole = true;

    private Replay(Connection store) throws SQLException {
        this.store = store;
        this.tables = Tables.of(store).stream().collect(Collectors.toMap(Table::name, Function.identity()));
    }

    /**
     * What became of it.
     *
     * @param presses how many were put back
     * @param whole whether everything was, or was there already
     */
    record PutBack(long presses, boolean whole) {}

    /** Puts entries back in their order; for a connection that does not commit by itself. */
    static PutBack onto(Connection store, List<Entry> entries) throws SQLException {
        Replay replay = new Replay(store);
        for (Entry entry : entries) {
            for (String name : IN_ORDER) {
                for (JsonNode row : entry.rows().getOrDefault(name, List.of())) {
                    replay.put(name, row);
                }
            }
        }
        return new PutBack(replay.presses, replay.whole);
    }

    private void put(String name, JsonNode row) throws SQLException {
        Table table = tables.get(name);
        if (table == null || !(row instanceof ObjectNode object)) {
            whole = false;
            return;
        }
        Savepoint before = store.setSavepoint();
        try {
            if (!there(table, KNOWN_BY.get(name), row)) {
                insert(table, linked(object));
                presses += name.equals("lap_event") ? 1 : 0;
            }
        } catch (SQLException | JacksonException | BackupFile.UnreadableValueException noPlaceForIt) {
            store.rollback(before);
            whole = false;
        }
    }

    private boolean there(Table table, String key, JsonNode row) throws SQLException {
        try (PreparedStatement asked =
                store.prepareStatement("select count(*) from " + table.name() + " where " + key + " = ?")) {
            asked.setObject(1, BackupFile.value(column(table, key), row.get(key)));
            try (ResultSet found = asked.executeQuery()) {
                found.next();
                return found.getLong(1) > 0;
            }
        }
    }

    private static Column column(Table table, String name) {
        return table.columns().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** The store gives out its own numbers. */
    private void insert(Table table, JsonNode row) throws SQLException {
        List<Column> columns =
                table.columns().stream().filter(column -> !column.counted()).toList();
        Table uncounted = new Table(table.name(), columns, table.sealed());
        try (PreparedStatement insert = store.prepareStatement(uncounted.insert())) {
            BackupFile.fill(insert, columns, row);
            insert.executeUpdate();
        }
    }

    private JsonNode linked(ObjectNode row) throws SQLException {
        for (Map.Entry<String, String> link : LINKS.entrySet()) {
            JsonNode id = row.get(link.getKey());
            if (id != null && !there(tables.get(link.getValue()), "id", idRow(id))) {
                row.remove(link.getKey());
            }
        }
        return row;
    }

    private static JsonNode idRow(JsonNode id) {
        return JsonNodeFactory.instance.objectNode().set("id", id);
    }
}
