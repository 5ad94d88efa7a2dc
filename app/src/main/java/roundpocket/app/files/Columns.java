package roundpocket.app.files;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * The columns of a record: one a value, called as the value is, and behind them those of the records in it, which begin with
 * that one’s name. A value that is added to the record has its column.
 *
 * @param <T> a record of numbers, words and such records
 */
final class Columns<T extends Record> {
    /** Records that have another name in files than over HTTP. */
    private static final Map<String, String> CALLED = Map.of("tracing", "traced");

    private final Class<T> type;
    private final String prefix;

    Columns(Class<T> type, String prefix) {
        this.type = type;
        this.prefix = prefix;
    }

    List<String> names() {
        List<String> names = new ArrayList<>();
        values().forEach(value -> names.add(name(value)));
        records().forEach(part -> names.addAll(of(part).names()));
        return names;
    }

    /** The cells of a record; empty ones where there is none. */
    List<@Nullable Object> cells(@Nullable T record) {
        if (record == null) {
            return new ArrayList<>(Collections.nCopies(names().size(), null));
        }
        List<@Nullable Object> cells = new ArrayList<>();
        values().forEach(value -> cells.add(get(value, record)));
        records().forEach(part -> cells.addAll(of(part).cellsOf(get(part, record))));
        return cells;
    }

    /** Whether any of its cells in a line is filled. */
    boolean told(CSVRecord line) {
        return names().stream().anyMatch(name -> Cells.text(line, name) != null);
    }

    /** The record in a line. */
    T read(CSVRecord line) {
        RecordComponent[] all = type.getRecordComponents();
        Class<?>[] types = Arrays.stream(all).map(RecordComponent::getType).toArray(Class<?>[]::new);
        Object[] values = Arrays.stream(all).map(each -> read(each, line)).toArray();
        try {
            return type.getDeclaredConstructor(types).newInstance(values);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    private @Nullable Object read(RecordComponent value, CSVRecord line) {
        if (value.getType().isRecord()) {
            Columns<?> part = of(value);
            return part.told(line) ? part.read(line) : null;
        }
        String name = name(value);
        boolean needed =
                value.getType().isPrimitive() || !value.getAnnotatedType().isAnnotationPresent(Nullable.class);
        if (needed) {
            Cells.neededText(line, name);
        }
        return value.getType().isEnum() ? Cells.anyWord(line, name, value.getType()) : Cells.number(line, name);
    }

    private List<@Nullable Object> cellsOf(@Nullable Object record) {
        return cells(type.cast(record));
    }

    private static Columns<?> of(Class<?> type, String prefix) {
        return new Columns<>(type.asSubclass(Record.class), prefix);
    }

    private Columns<?> of(RecordComponent part) {
        return of(part.getType(), prefix + CALLED.getOrDefault(part.getName(), part.getName()) + "_");
    }

    private List<RecordComponent> values() {
        return Arrays.stream(type.getRecordComponents())
                .filter(each -> !each.getType().isRecord())
                .toList();
    }

    private List<RecordComponent> records() {
        return Arrays.stream(type.getRecordComponents())
                .filter(each -> each.getType().isRecord())
                .toList();
    }

    private String name(RecordComponent value) {
        return prefix + columnOf(value.getName());
    }

    /** What a column is called whose value is called so over HTTP. */
    static String columnOf(String name) {
        return name.replaceAll("([A-Z])", "_$1").toLowerCase(Locale.ROOT);
    }

    private static @Nullable Object get(RecordComponent value, Object record) {
        try {
            return value.getAccessor().invoke(record);
        } catch (ReflectiveOperationException impossible) {
            throw new IllegalStateException(impossible);
        }
    }
}
