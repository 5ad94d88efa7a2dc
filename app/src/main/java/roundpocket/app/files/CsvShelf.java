package roundpocket.app.files;

import java.util.List;
import org.apache.commons.csv.CSVRecord;
import roundpocket.app.store.StoredWrite;

/**
 * One shelf as a table.
 *
 * @param <V> what is read from the shelf
 * @param <W> what is written to it
 */
interface CsvShelf<V, W extends StoredWrite> {
    /** The columns, in their order; a name says its unit. */
    List<String> columns();

    /** The columns that no line may leave empty. */
    List<String> needed();

    /** A kept thing as a line; null where nothing is known. */
    List<Object> line(V kept);

    /** A line as it is written to the shelf. Throws a refusal that names the column. */
    W write(CSVRecord line);

    List<V> list();

    /** Refuses what could not be kept. */
    void check(W write);

    void create(W write);
}
