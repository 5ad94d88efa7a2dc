package roundpocket.app.home;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import roundpocket.app.home.Tables.Table;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The documents of a table laid out in cells, for people: a column a value, named by the way to it; a list is one cell. */
final class DocumentCells {
    /** The column that holds a document. */
    static final String DOCUMENT = "document";

    private static final JsonMapper JSON = new JsonMapper();

    private final Set<String> names = new LinkedHashSet<>();

    /** Goes through the rows that {@code sql} asks for, to see which values there are; none in a table without documents. */
    DocumentCells(Connection store, Table table, String sql) throws SQLException {
        if (table.columns().stream().noneMatch(column -> column.name().equals(DOCUMENT))) {
            return;
        }
        try (PreparedStatement asked = store.prepareStatement(sql);
                ResultSet row = asked.executeQuery()) {
            while (row.next()) {
                names.addAll(values(row.getString(DOCUMENT)).keySet());
            }
        }
    }

    Set<String> names() {
        return names;
    }

    /** The cells of a row, in the order of the names. */
    List<@Nullable Object> of(ResultSet row) throws SQLException {
        if (names.isEmpty()) {
            return List.of();
        }
        Map<String, Object> values = values(row.getString(DOCUMENT));
        List<@Nullable Object> cells = new ArrayList<>();
        names.forEach(name -> cells.add(values.get(name)));
        return cells;
    }

    private static Map<String, Object> values(@Nullable String document) {
        Map<String, Object> values = new LinkedHashMap<>();
        try {
            add(values, "", JSON.readTree(document == null ? "{}" : document));
        } catch (JacksonException unreadable) {
            values.put(DOCUMENT, String.valueOf(document)); // as the text that it is
        }
        return values;
    }

    private static void add(Map<String, Object> values, String name, JsonNode value) {
        if (value.isObject()) {
            value.properties()
                    .forEach(part ->
                            add(values, name.isEmpty() ? part.getKey() : name + "." + part.getKey(), part.getValue()));
        } else if (value.isArray()) {
            values.put(name, value.toString());
        } else {
            values.put(name, value.isNumber() ? value.numberValue() : value.asString());
        }
    }
}
