package roundpocket.app.home;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.zip.CRC32C;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What a database was when it was closed in good order. A file that is another when it is opened again was altered in
 * between.
 *
 * @param bytes its length
 * @param crc its CRC-32C
 * @param content what was in it
 */
record Closed(long bytes, long crc, Content content) {
    private static final Logger LOG = LoggerFactory.getLogger(Closed.class);
    private static final JsonMapper JSON = new JsonMapper();

    /** Notes what the home's database is now, which nobody has open. */
    static void note(HomeFolder home) {
        try {
            Content content;
            try (Connection store = home.database().connect()) {
                content = Content.of(store);
            }
            Path file = home.database().file();
            if (Files.size(file) > Compaction.SMALL_BYTES) {
                Compaction.compact(home);
            }
            HomeFolder.write(home.closed(), JSON.writeValueAsString(new Closed(Files.size(file), crc(file), content)));
        } catch (SQLException | IOException | RuntimeException without) {
            LOG.debug("Closed without a note", without); // the next start reads everything instead
        }
    }

    /** What was noted; nothing where the database was not closed in good order. */
    static Optional<Closed> noted(HomeFolder home) {
        try {
            return Files.exists(home.closed())
                    ? Optional.of(JSON.readValue(Files.readString(home.closed()), Closed.class))
                    : Optional.empty();
        } catch (IOException | JacksonException unreadable) {
            return Optional.empty();
        }
    }

    /** Whether the file is the one that was closed, byte for byte. */
    boolean is(Path file) throws IOException {
        return Files.size(file) == bytes && crc(file) == crc;
    }

    private static long crc(Path file) throws IOException {
        CRC32C crc = new CRC32C();
        try (InputStream in = Files.newInputStream(file)) {
            byte[] some = new byte[1 << 16];
            for (int read = in.read(some); read >= 0; read = in.read(some)) {
                crc.update(some, 0, read);
            }
        }
        return crc.getValue();
    }
}
