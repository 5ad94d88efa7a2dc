package roundpocket.app.home;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import java.util.zip.CRC32C;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was acknowledged, written beside the database's file: a witness that does not fall back with it. Each line has a
 * checksum; a line that is cut off was never acknowledged. A start begins a new file; those that every backup has gone past
 * are thrown away.
 */
final class JournalFile implements AutoCloseable {
    private static final String ENDING = ".log";
    private static final int SUM = 8;
    private static final JsonMapper JSON = new JsonMapper();

    private final HomeFolder home;
    private FileChannel channel;
    private long highest;

    private JournalFile(HomeFolder home, long last) throws IOException {
        this.home = home;
        this.highest = last;
        this.channel = fileAfter(last);
    }

    /**
     * One change that was acknowledged.
     *
     * @param mark how many there were with it, from 1
     * @param whole whether its rows are all that it changed
     * @param rows what it put into the store, by table; each row as a backup has it
     */
    record Entry(long mark, boolean whole, Map<String, List<JsonNode>> rows) {
        long presses() {
            return rows.getOrDefault("lap_event", List.of()).size();
        }
    }

    /**
     * All that can be read.
     *
     * @param last how many changes were acknowledged; 0 where nothing is known of it
     * @param entries those that are still there, in their order
     */
    record Read(long last, List<Entry> entries) {
        /** The entries after a mark. */
        List<Entry> after(long mark) {
            return entries.stream().filter(entry -> entry.mark() > mark).toList();
        }
    }

    /** Reads the journal of a home. What is damaged in it is left out. */
    static Read read(HomeFolder home) {
        List<Entry> entries = new ArrayList<>();
        for (Path file : files(home)) {
            try (Stream<String> lines = Files.lines(file, StandardCharsets.ISO_8859_1)) {
                lines.forEach(line -> {
                    Entry entry = entry(line.getBytes(StandardCharsets.ISO_8859_1));
                    if (entry != null) {
                        entries.add(entry);
                    }
                });
            } catch (IOException cannot) {
                throw new UncheckedIOException(cannot);
            }
        }
        entries.sort(Comparator.comparingLong(Entry::mark)); // two at once are not always written in their order
        long last = entries.isEmpty() ? 0 : entries.get(entries.size() - 1).mark();
        for (Path file : files(home)) {
            last = Math.max(last, first(file) == Long.MAX_VALUE ? 0 : first(file) - 1); // it goes on after that
        }
        return new Read(last, entries);
    }

    private static @Nullable Entry entry(byte[] line) {
        if (line.length <= SUM + 1) {
            return null;
        }
        byte[] text = new byte[line.length - SUM - 1];
        System.arraycopy(line, SUM + 1, text, 0, text.length);
        if (!new String(line, 0, SUM, StandardCharsets.US_ASCII).equals(sum(text))) {
            return null;
        }
        try {
            return JSON.readValue(text, Entry.class);
        } catch (JacksonException unreadable) {
            return null;
        }
    }

    private static String sum(byte[] text) {
        CRC32C crc = new CRC32C();
        crc.update(text);
        return "%08x".formatted(crc.getValue());
    }

    private static List<Path> files(HomeFolder home) {
        if (!Files.isDirectory(home.journal())) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(home.journal())) {
            return files.filter(file -> file.toString().endsWith(ENDING))
                    .sorted()
                    .toList();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    /** Begins a new file of the journal, which goes on after a mark. */
    static JournalFile begin(HomeFolder home, long last) {
        try {
            return new JournalFile(home, last);
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }

    private FileChannel fileAfter(long last) throws IOException {
        Path file = home.journal().resolve("%019d".formatted(last + 1) + ENDING);
        // One of the same name has nothing in it that was acknowledged, else this would begin further on.
        FileChannel opened = FileChannel.open(
                file, StandardOpenOption.CREATE, StandardOpenOption.WRITE, StandardOpenOption.TRUNCATE_EXISTING);
        HomeFolder.closeToOthers(file);
        HomeFolder.syncFolder(home.journal());
        return opened;
    }

    /** Goes on in a new file, so that the one before can be thrown away in time. */
    synchronized void roll() throws IOException {
        if (channel.position() > 0) {
            FileChannel before = channel;
            channel = fileAfter(highest);
            before.close();
        }
    }

    /** Writes an entry; waits for the disk where it has rows. */
    synchronized void write(Entry entry) throws IOException {
        byte[] text = JSON.writeValueAsBytes(entry);
        ByteBuffer line = ByteBuffer.allocate(SUM + 1 + text.length + 1);
        line.put(sum(text).getBytes(StandardCharsets.US_ASCII))
                .put((byte) ' ')
                .put(text)
                .put((byte) '\n')
                .flip();
        long before = channel.position();
        try {
            while (line.hasRemaining()) {
                channel.write(line);
            }
        } catch (IOException cut) {
            channel.truncate(before); // half a line would take the next with it
            throw cut;
        }
        highest = Math.max(highest, entry.mark());
        if (!entry.rows().isEmpty()) {
            channel.force(false);
        }
    }

    /** Throws away the files of which a backup with this mark needs nothing. */
    static void forget(HomeFolder home, long mark) throws IOException {
        List<Path> files = files(home);
        for (int i = 0; i + 1 < files.size(); i++) {
            if (first(files.get(i + 1)) <= mark + 1) {
                Files.delete(files.get(i));
            }
        }
    }

    private static long first(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            return Long.parseLong(name.substring(0, name.length() - ENDING.length()));
        } catch (NumberFormatException noneOfOurs) {
            return Long.MAX_VALUE;
        }
    }

    @Override
    public synchronized void close() {
        try {
            channel.close();
        } catch (IOException cannot) {
            throw new UncheckedIOException(cannot);
        }
    }
}
