package roundpocket.app.home;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.h2.engine.Constants;
import org.jspecify.annotations.Nullable;
import roundpocket.app.home.Tables.Column;
import roundpocket.app.home.Tables.Table;
import roundpocket.app.store.Formulas;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Writes a backup: a zip with each table as JSON, as it is stored, and again as CSV for people; last the manifest with the
 * checksum of each. Everything in it is of one moment, whatever is written meanwhile.
 */
final class BackupWriter {
    /** Columns that hold a document. */
    private static final Set<String> DOCUMENTS = Set.of("spec", DocumentCells.DOCUMENT);

    private static final JsonMapper JSON = new JsonMapper();

    private final ZipOutputStream zip;
    private final Map<String, Long> rows = new LinkedHashMap<>();
    private final Map<String, Long> counters = new LinkedHashMap<>();
    private final Map<String, String> entries = new LinkedHashMap<>();

    private BackupWriter(ZipOutputStream zip) {
        this.zip = zip;
    }

    /** Writes everything that is in a store. The connection is left as it was. */
    static Manifest everything(Connection store, Of of, OutputStream to) throws SQLException, IOException {
        return write(store, Manifest.Holds.HOME, of, to, null);
    }

    /**
     * What a backup is of.
     *
     * @param schema the version of the tables
     * @param made when
     * @param number which of the home's backups it is; nothing for a pair
     * @param home the home's id; nothing for a pair
     */
    record Of(
            int schema,
            Instant made,
            @Nullable Long number,
            @Nullable String home) {}

    /** Writes one pair and what belongs to it; the entry of the feet only where wanted. */
    static Manifest pair(Connection store, int schema, UUID pair, boolean feet, Instant made, OutputStream to)
            throws SQLException, IOException {
        return write(store, Manifest.Holds.PAIR, new Of(schema, made, null, null), to, new PairOnly(pair, feet));
    }

    private static Manifest write(
            Connection store, Manifest.Holds holds, Of of, OutputStream to, @Nullable PairOnly only)
            throws SQLException, IOException {
        int before = store.getTransactionIsolation();
        boolean committing = store.getAutoCommit();
        store.setAutoCommit(false);
        store.setTransactionIsolation(Constants.TRANSACTION_SNAPSHOT);
        try (ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8)) {
            BackupWriter writer = new BackupWriter(zip);
            long mark = Mark.of(store);
            for (Table table : Tables.of(store)) {
                writer.table(store, table, only);
            }
            Manifest manifest = new Manifest(
                    Manifest.FORMAT,
                    Manifest.VERSION,
                    holds,
                    of.schema(),
                    of.made(),
                    writer.rows,
                    writer.counters,
                    of.number(),
                    of.home(),
                    of.home() == null ? null : mark,
                    writer.entries);
            zip.putNextEntry(new ZipEntry(Manifest.ENTRY));
            zip.write(JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
            zip.closeEntry();
            return manifest;
        } finally {
            store.rollback();
            store.setTransactionIsolation(before);
            store.setAutoCommit(committing);
        }
    }

    private void table(Connection store, Table table, @Nullable PairOnly only) throws SQLException, IOException {
        String which = only == null ? "" : " where " + only.condition(table.name());
        String sql = "select " + table.names() + " from " + table.name() + which + " order by " + table.key();
        try (PreparedStatement asked = store.prepareStatement(sql)) {
            asked.setFetchSize(500);
            OutputStream json = begin(Manifest.entry(table.name()));
            long count = 0;
            try (JsonGenerator out = JSON.createGenerator(new Unclosed(json));
                    ResultSet row = asked.executeQuery()) {
                out.writeStartArray();
                while (row.next()) {
                    out.writeRaw("\n");
                    json(row, table, out, only);
                    count++;
                    for (Column column : table.columns()) {
                        if (column.counted()) {
                            counters.merge(table.name(), row.getLong(column.name()), Math::max);
                        }
                    }
                }
                out.writeEndArray();
            }
            rows.put(table.name(), count);
            end(Manifest.entry(table.name()), json);
        }
        csv(store, table, sql);
    }

    /** A row as a backup has it. */
    static JsonNode json(ResultSet row, Table table) throws SQLException {
        StringWriter text = new StringWriter();
        try (JsonGenerator out = JSON.createGenerator(text)) {
            json(row, table, out, null);
        }
        return JSON.readTree(text.toString());
    }

    private static void json(ResultSet row, Table table, JsonGenerator out, @Nullable PairOnly only)
            throws SQLException {
        out.writeStartObject();
        for (Column column : table.columns()) {
            Object value = row.getObject(column.name());
            if (value == null || only != null && only.leavesOut(table.name(), column.name())) {
                continue;
            }
            out.writeName(column.name());
            if (value instanceof Boolean yes) {
                out.writeBoolean(yes);
            } else if (value instanceof Double number) {
                out.writeNumber(number);
            } else if (value instanceof Number number) {
                out.writeNumber(number.longValue());
            } else {
                text(value.toString(), column, out);
            }
        }
        out.writeEndObject();
    }

    /** A document is written as what it is, provided that it comes back letter by letter. */
    private static void text(String text, Column column, JsonGenerator out) {
        if (DOCUMENTS.contains(column.name())) {
            try {
                JsonNode tree = JSON.readTree(text);
                if (tree.isObject() && JSON.writeValueAsString(tree).equals(text)) {
                    JSON.writeTree(out, tree);
                    return;
                }
            } catch (JacksonException notSo) {
                // Written as the text that it is.
            }
        }
        out.writeString(text);
    }

    /** The same for people, to be opened in a spreadsheet: documents in cells, without the plans, which have no place there. */
    private void csv(Connection store, Table table, String sql) throws SQLException, IOException {
        List<Column> columns = table.columns().stream()
                .filter(column -> !DOCUMENTS.contains(column.name()))
                .toList();
        DocumentCells documents = new DocumentCells(store, table, sql);
        String entry = "csv/" + table.name() + ".csv";
        OutputStream bytes = begin(entry);
        StringBuilder line = new StringBuilder();
        try (PreparedStatement asked = store.prepareStatement(sql);
                ResultSet row = asked.executeQuery();
                CSVPrinter csv = new CSVPrinter(line, CSVFormat.RFC4180)) {
            csv.printRecord(Stream.concat(columns.stream().map(Column::name), documents.names().stream()));
            while (row.next()) {
                for (Column column : columns) {
                    csv.print(guarded(row.getObject(column.name())));
                }
                for (Object value : documents.of(row)) {
                    csv.print(guarded(value));
                }
                csv.println();
                if (line.length() > 1 << 15) {
                    bytes.write(line.toString().getBytes(StandardCharsets.UTF_8));
                    line.setLength(0);
                }
            }
        }
        bytes.write(line.toString().getBytes(StandardCharsets.UTF_8));
        end(entry, bytes);
    }

    private static @Nullable Object guarded(@Nullable Object value) {
        return value instanceof String text ? Formulas.guarded(text) : value;
    }

    private OutputStream begin(String entry) throws IOException {
        zip.putNextEntry(new ZipEntry(entry));
        return new DigestOutputStream(zip, sha256());
    }

    private void end(String entry, OutputStream written) throws IOException {
        written.flush();
        zip.closeEntry();
        entries.put(
                entry,
                HexFormat.of()
                        .formatHex(((DigestOutputStream) written)
                                .getMessageDigest()
                                .digest()));
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** The zip goes on after an entry. */
    private static final class Unclosed extends FilterOutputStream {
        Unclosed(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] bytes, int from, int length) throws IOException {
            out.write(bytes, from, length);
        }

        @Override
        public void close() throws IOException {
            flush();
        }
    }
}
