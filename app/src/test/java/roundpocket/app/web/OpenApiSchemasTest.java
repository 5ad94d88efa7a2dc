package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.TreeSet;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;
import org.testng.annotations.Test;
import roundpocket.app.AppTest;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Holds the JSON Schemas of the files that are read, which the application serves at {@code /schemas}, to the description and to
 * the store. Run with {@code -Dopenapi.write=true} to write them anew.
 */
public class OpenApiSchemasTest extends AppTest {
    private static final Path PUBLIC = Path.of("..", "web", "public");
    private static final String DRAFT = "https://json-schema.org/draft/2020-12/schema";
    private static final String COMPONENT = "#/components/schemas/";

    @Autowired
    private JdbcTemplate store;

    private void hold(String name, ObjectNode schema) throws IOException {
        Path committed = PUBLIC.resolve("schemas").resolve(name);
        String text = JsonMapper.builder()
                        .enable(SerializationFeature.INDENT_OUTPUT)
                        .build()
                        .writeValueAsString(schema)
                + "\n";
        if (Boolean.getBoolean("openapi.write")) {
            Files.createDirectories(committed.getParent());
            Files.writeString(committed, text);
        }
        assertThat(Files.readString(committed))
                .as("run this test with -Dopenapi.write=true and commit the result")
                .isEqualTo(text);
    }

    @Test
    public void theSpecificationFile() throws IOException {
        JsonNode all = json().readTree(Files.readString(PUBLIC.resolve("openapi.json")))
                .at("/components/schemas");
        ObjectNode schema = json().createObjectNode();
        schema.put("$schema", DRAFT);
        schema.put("title", "Specification of a pair, version 1");
        schema.put("$ref", "#/$defs/SpecPart");
        ObjectNode parts = schema.putObject("$defs");
        add(parts, all, "SpecPart");
        assertThat(parts.propertyNames()).contains("FootPart", "SwatchPart", "ChoicesPart");
        hold("specification.json", schema);
    }

    /** Adds a part and every part that it names. */
    private void add(ObjectNode parts, JsonNode all, String name) {
        if (!parts.has(name)) {
            String text = all.get(name).toString();
            parts.set(name, json().readTree(text.replace(COMPONENT, "#/$defs/")));
            for (String other : new TreeSet<>(all.propertyNames())) {
                if (text.contains("\"" + COMPONENT + other + "\"")) {
                    add(parts, all, other);
                }
            }
        }
    }

    @Test
    public void theTablesOfABackup() throws IOException {
        ObjectNode schema = json().createObjectNode();
        schema.put("$schema", DRAFT);
        schema.put("title", "Tables of a backup, version 1: each a list of such rows");
        ObjectNode tables = schema.putObject("$defs");
        store.query(
                "select table_name, column_name, data_type, is_nullable from information_schema.columns where table_schema ="
                        + " 'PUBLIC' and table_name not like 'flyway%' and table_name not in ('STORE_MARK', 'LAP_STATE')"
                        + " and column_name <> 'SEAL' order by table_name,"
                        + " ordinal_position",
                row -> {
                    String table = row.getString(1).toLowerCase(Locale.ROOT);
                    String column = row.getString(2).toLowerCase(Locale.ROOT);
                    if (!tables.has(table)) {
                        ObjectNode made = tables.putObject(table).put("type", "object");
                        made.putObject("properties");
                        made.putArray("required");
                    }
                    ObjectNode property = ((ObjectNode) tables.at("/" + table + "/properties")).putObject(column);
                    type(property, column, row.getString(3));
                    if (row.getString(4).equals("NO")) {
                        tables.at("/" + table + "/required").asArray().add(column);
                    }
                });
        assertThat(tables.propertyNames()).contains("sock_pair", "lap_event");
        hold("backup-tables.json", schema);
    }

    private static void type(ObjectNode property, String column, String type) {
        switch (type) {
            case "UUID" -> property.put("type", "string").put("format", "uuid");
            case "TIMESTAMP WITH TIME ZONE" -> property.put("type", "string").put("format", "date-time");
            case "DATE" -> property.put("type", "string").put("format", "date");
            case "DOUBLE PRECISION" -> property.put("type", "number");
            case "BIGINT", "INTEGER" -> property.put("type", "integer");
            case "BOOLEAN" -> property.put("type", "boolean");
            default -> {
                if (column.equals("spec")) {
                    property.put("$ref", "specification.json");
                } else if (column.equals("document")) {
                    property.put("type", "object").put("description", "what it holds, as it is read over HTTP");
                } else {
                    property.put("type", "string");
                }
            }
        }
    }
}
