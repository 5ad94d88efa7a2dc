package roundpocket.app.home;

import java.time.Instant;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a backup says of itself, in the entry {@code manifest.json}.
 *
 * @param format always {@link #FORMAT}
 * @param version of the form of the file, from 1
 * @param holds whether it is a whole home or one pair
 * @param schema version of the tables
 * @param made when
 * @param rows how many rows each table has
 * @param counters how far the store's own numbers had come, by table
 * @param number which of a home's backups it is, from 1; those of before were not numbered
 * @param home the id of the home that it is of; likewise
 * @param mark how many changes the home had come to; likewise
 * @param entries SHA-256 of each other entry, in hexadecimal digits
 */
public record Manifest(
        String format,
        int version,
        Holds holds,
        int schema,
        Instant made,
        Map<String, Long> rows,
        Map<String, Long> counters,
        @Nullable Long number,
        @Nullable String home,
        @Nullable Long mark,
        Map<String, String> entries) {
    static final String FORMAT = "round-pocket-backup";
    static final int VERSION = 1;
    static final String ENTRY = "manifest.json";

    /** What a backup is of. */
    public enum Holds {
        /** Everything. */
        HOME,
        /** One pair and what belongs to it. */
        PAIR
    }

    /** Later ones have higher numbers, whatever the clock said. */
    long order() {
        return number == null ? 0 : number;
    }

    /** How far a home had come; 0 where the backup is of another, or does not say. */
    long markIn(HomeFolder of) {
        return mark != null && of.idOr("").equals(home) ? mark : 0;
    }

    static String entry(String table) {
        return "tables/" + table + ".json";
    }
}
