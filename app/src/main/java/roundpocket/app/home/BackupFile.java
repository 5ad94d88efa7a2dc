package roundpocket.app.home;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import roundpocket.app.home.Tables.Column;
import roundpocket.app.home.Tables.Table;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/** Reads a backup: hostile until every entry gave its checksum and every row went into a store of the schema it names. */
final class BackupFile implements AutoCloseable {
    /** The largest table that is read, in bytes of JSON. */
    private static final long MOST_BYTES = 1L << 28;

    /** The most bytes that a list of what is in a zip takes; a backup has some forty entries. */
    private static final long MOST_IN_LIST = 1L << 20;

    /** How much may stand behind a table: a line's end. */
    private static final int MOST_BEHIND = 16;

    private static final int MANIFEST_BYTES = 1 << 16;
    private static final int MOST_IN_TEXT = 1_000_000;
    private static final int AT_ONCE = 500;
    private static final JsonMapper JSON = JsonMapper.builder(JsonFactory.builder()
                    .disable(StreamReadFeature.AUTO_CLOSE_SOURCE)
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxDocumentLength(MOST_BYTES)
                            .maxStringLength(MOST_IN_TEXT)
                            .maxNestingDepth(60)
                            .build())
                    .build())
            .build();
    /** A row is followed by the next. */
    private static final ObjectReader ROWS = JSON.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS);

    private final ZipFile zip;
    private final Manifest manifest;

    private BackupFile(ZipFile zip, Manifest manifest) {
        this.zip = zip;
        this.manifest = manifest;
    }

    /** Opens a backup and reads what it says of itself. Refuses what is none, and what a newer program made. */
    static BackupFile open(Path file) throws IOException {
        ZipFile zip;
        try {
            ZipList.check(file, MOST_IN_LIST);
            zip = new ZipFile(file.toFile());
        } catch (ZipException | IllegalArgumentException noZip) { // the latter of names that are none
            throw refusal("This is not a backup that Round Pocket made, or it is damaged.", "Choose another file.");
        }
        try {
            return new BackupFile(zip, manifest(zip));
        } catch (RuntimeException | IOException refused) {
            zip.close();
            throw refused;
        }
    }

    private static Manifest manifest(ZipFile zip) throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.ENTRY);
        if (entry == null) {
            throw refusal("This is not a backup that Round Pocket made.", "Choose a file that its backup made.");
        }
        Manifest manifest;
        try (InputStream in = zip.getInputStream(entry)) {
            manifest = JSON.readValue(in.readNBytes(MANIFEST_BYTES), Manifest.class);
        } catch (JacksonException | IOException unreadable) { // a stream that breaks off says so in several ways
            throw damaged(Manifest.ENTRY);
        }
        if (!Manifest.FORMAT.equals(manifest.format())
                || manifest.holds() == null
                || manifest.made() == null
                || manifest.entries() == null
                || manifest.rows() == null
                || manifest.counters() == null
                || manifest.schema() < 1
                || manifest.version() < 1
                || holdsNothing(manifest.rows())
                || holdsNothing(manifest.counters())
                || holdsNothing(manifest.entries())) {
            throw damaged(Manifest.ENTRY);
        }
        if (manifest.version() > Manifest.VERSION || manifest.schema() > Schema.ofThisProgram()) {
            throw refusal(
                    "A newer Round Pocket made this backup; this one can’t read it.",
                    "Use the newer Round Pocket to put it back.");
        }
        return manifest;
    }

    private static boolean holdsNothing(Map<String, ?> map) {
        return map.keySet().stream().anyMatch(Objects::isNull)
                || map.values().stream().anyMatch(Objects::isNull);
    }

    Manifest manifest() {
        return manifest;
    }

    /** Reads everything into a new database, moved on to the schema of this program. */
    void readInto(Database database) throws IOException, SQLException {
        database.delete();
        Schema.moveOn(database, manifest.schema());
        try (Connection store = database.connect()) {
            store.setAutoCommit(false);
            for (Table table : Tables.of(store)) {
                read(table, store);
            }
            store.commit();
        }
        Schema.moveOn(database, Schema.ofThisProgram());
    }

    private void read(Table table, Connection store) throws IOException, SQLException {
        String name = Manifest.entry(table.name());
        ZipEntry entry = zip.getEntry(name);
        String sum = manifest.entries().get(name);
        if (entry == null || sum == null) {
            throw damaged(name);
        }
        try (DigestInputStream in = new DigestInputStream(zip.getInputStream(entry), BackupWriter.sha256());
                PreparedStatement insert = store.prepareStatement(table.insert())) {
            long rows = rows(in, table, insert);
            if (in.readNBytes(MOST_BEHIND).length == MOST_BEHIND) {
                throw damaged(name);
            }
            if (!HexFormat.of().formatHex(in.getMessageDigest().digest()).equals(sum)
                    || rows != manifest.rows().getOrDefault(table.name(), -1L)) {
                throw damaged(name);
            }
        } catch (JacksonException | IOException | DateTimeException | UnreadableValueException unreadable) {
            throw damaged(name, unreadable);
        } catch (SQLException refused) {
            if (String.valueOf(refused.getSQLState()).matches("2[23].*")) { // a value that the table doesn't take
                throw damaged(name, refused);
            }
            throw refused;
        }
    }

    private static long rows(InputStream in, Table table, PreparedStatement insert) throws SQLException {
        long count = 0;
        try (JsonParser json = JSON.createParser(in)) {
            if (json.nextToken() != JsonToken.START_ARRAY) {
                throw damaged(Manifest.entry(table.name()));
            }
            while (json.nextToken() == JsonToken.START_OBJECT) {
                JsonNode row = ROWS.readTree(json);
                fill(insert, table.columns(), row);
                insert.addBatch();
                if (++count % AT_ONCE == 0) {
                    insert.executeBatch();
                }
            }
            insert.executeBatch();
        }
        return count;
    }

    static void fill(PreparedStatement insert, List<Column> columns, JsonNode row) throws SQLException {
        for (int i = 0; i < columns.size(); i++) {
            insert.setObject(i + 1, value(columns.get(i), row.get(columns.get(i).name())));
        }
    }

    /** A value as the store takes it. */
    static @Nullable Object value(Column column, @Nullable JsonNode value) {
        if (value == null || value.isNull()) {
            return null;
        }
        return switch (column.type()) {
            case "UUID" -> uuid(value.asString());
            case "TIMESTAMP WITH TIME ZONE" -> OffsetDateTime.parse(value.asString());
            case "DATE" -> LocalDate.parse(value.asString());
            case "DOUBLE PRECISION" -> finite(value.asDouble());
            case "BIGINT", "INTEGER" -> value.asLong();
            case "BOOLEAN" -> value.asBoolean();
            default -> value.isObject() ? JSON.writeValueAsString(value) : value.asString();
        };
    }

    private static double finite(double number) {
        if (!Double.isFinite(number)) {
            throw new UnreadableValueException();
        }
        return number;
    }

    private static UUID uuid(String text) {
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException noId) {
            throw new UnreadableValueException(noId);
        }
    }

    private static Refusal damaged(String entry) {
        return damaged(entry, null);
    }

    private static Refusal damaged(String entry, @Nullable Throwable cause) {
        Refusal refusal = refusal(
                "This backup is damaged: “" + entry + "” in it is not what was written.",
                "Nothing was changed. Choose an earlier backup.");
        if (cause != null) {
            refusal.initCause(cause);
        }
        return refusal;
    }

    static Refusal refusal(String message, String remedy) {
        return new Refusal(List.of(new Problem("backup", "file", message, remedy, Map.of())));
    }

    @Override
    public void close() throws IOException {
        zip.close();
    }

    static final class UnreadableValueException extends RuntimeException {
        private static final long serialVersionUID = 1L;

        UnreadableValueException() {}

        UnreadableValueException(Throwable cause) {
            super(cause);
        }
    }

    /** What a backup says of itself, or nothing where it cannot be read. */
    static @Nullable Manifest glance(Path file) {
        if (!Files.isRegularFile(file)) {
            return null;
        }
        try (BackupFile backup = open(file)) {
            return backup.manifest();
        } catch (RuntimeException | IOException unreadable) {
            return null; // one bad file in the folder never stops anything
        }
    }
}
