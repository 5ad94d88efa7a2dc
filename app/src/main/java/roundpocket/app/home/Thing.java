package roundpocket.app.home;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * Something on a shelf with all that belongs to it.
 *
 * @param id of its row
 * @param name what it is called
 * @param changed when it was written, or something heard of it, last
 * @param seals of its rows, joined by exclusive or
 * @param rows how many those are
 */
public record Thing(UUID id, String name, Instant changed, long seals, long rows) {
    /** What there is on shelves, those first that others refer to. */
    public enum Shelf {
        FOOT("foot"),
        SWATCH("swatch"),
        YARN("yarn"),
        TUBE("tube", "tube_foot"),
        PAIR("sock_pair", "pair_change", "lap", "lap_event", "log_note", "log_answer", "lesson_left", "yarn_settled");

        private static final Map<String, String> TIMES = Map.of(
                "lap", "started_at",
                "lap_event", "heard_at",
                "log_note", "written_at",
                "pair_change", "at");

        private final String table;
        private final List<String> owned;

        Shelf(String table, String... owned) {
            this.table = table;
            this.owned = List.of(owned);
        }

        /** Its own table, then those of what belongs to it. */
        List<Part> parts() {
            String link = this == PAIR ? "pair_id" : table + "_id";
            return Stream.concat(
                            Stream.of(new Part(table, "id", false)),
                            owned.stream().map(each -> new Part(each, link, true)))
                    .toList();
        }

        /** Everything that stands on this shelf of a store, by its id. */
        Map<UUID, Thing> of(Connection store) throws SQLException {
            Map<UUID, Thing> things = new LinkedHashMap<>();
            try (Statement statement = store.createStatement();
                    ResultSet row = statement.executeQuery(
                            "select id, name, updated_at, seal from " + table + " order by created_at, name, id")) {
                while (row.next()) {
                    UUID id = row.getObject(1, UUID.class);
                    things.put(
                            id,
                            new Thing(
                                    id,
                                    row.getString(2),
                                    row.getObject(3, OffsetDateTime.class).toInstant(),
                                    row.getLong(4),
                                    1));
                }
            }
            for (Part part : parts()) {
                if (part.owned()) {
                    add(store, part, things);
                }
            }
            return things;
        }

        private static void add(Connection store, Part part, Map<UUID, Thing> things) throws SQLException {
            String time = TIMES.containsKey(part.table()) ? "max(" + TIMES.get(part.table()) + ")" : "null";
            try (Statement statement = store.createStatement();
                    ResultSet row = statement.executeQuery("select " + part.column() + ", count(*), bit_xor_agg(seal), "
                            + time + " from " + part.table() + " group by " + part.column())) {
                while (row.next()) {
                    OffsetDateTime at = row.getObject(4, OffsetDateTime.class);
                    Thing thing = things.get(row.getObject(1, UUID.class));
                    Instant changed =
                            at == null || at.toInstant().isBefore(thing.changed) ? thing.changed : at.toInstant();
                    things.put(
                            thing.id,
                            new Thing(
                                    thing.id,
                                    thing.name,
                                    changed,
                                    thing.seals ^ row.getLong(3),
                                    thing.rows + row.getLong(2)));
                }
            }
        }
    }

    /**
     * A table that has rows of a thing.
     *
     * @param table its name
     * @param column which column says whose the row is
     * @param owned whether the rows belong to the thing, and are not the thing itself
     */
    record Part(String table, String column, boolean owned) {
        String condition(UUID id) {
            return column + " = '" + id + "'";
        }
    }

    /** Whether this is letter by letter the other. */
    boolean same(Thing other) {
        return rows == other.rows && seals == other.seals;
    }
}
