package roundpocket.app.files;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;
import roundpocket.app.store.Formulas;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Reads the cells of a line. */
final class Cells {
    /** What stands between the parts of a list in a cell. */
    static final String LIST_SIGN = " / ";

    private Cells() {}

    /** The text of a cell; null where the column is missing or the cell is empty. */
    static @Nullable String text(CSVRecord line, String column) {
        if (!line.isMapped(column) || !line.isSet(column)) {
            return null;
        }
        String text = line.get(column).strip();
        return text.isEmpty() ? null : Formulas.unguarded(text);
    }

    /** The number in a cell, with a point or a comma. */
    static @Nullable Double number(CSVRecord line, String column) {
        String text = text(line, column);
        return text == null ? null : number(column, text);
    }

    /** The number that a text in a column is. */
    static Double number(String column, String text) {
        try {
            return Double.valueOf(text.replace(',', '.'));
        } catch (NumberFormatException noNumber) {
            throw refusal(column, "“" + text + "” is not a number.", "Write it like 24.6.");
        }
    }

    /** The day in a cell. */
    static @Nullable LocalDate date(CSVRecord line, String column) {
        String text = text(line, column);
        try {
            return text == null ? null : LocalDate.parse(text);
        } catch (DateTimeParseException noDate) {
            throw refusal(column, "“" + text + "” is not a day.", "Write it like 2026-11-23.");
        }
    }

    /** The parts of a cell that holds a list, between strokes. */
    static List<String> list(CSVRecord line, String column) {
        String text = text(line, column);
        return text == null ? List.of() : BandCells.parts(text);
    }

    /** A number that has to be there. */
    static double needed(CSVRecord line, String column) {
        Double number = number(line, column);
        if (number == null) {
            throw refusal(column, "This is missing.", "It is needed in every line.");
        }
        return number;
    }

    /** Refuses a cell that is empty where others that it goes with are filled. */
    static void neededText(CSVRecord line, String column) {
        if (text(line, column) == null) {
            throw refusal(column, "This is missing.", "It goes with what stands beside it.");
        }
    }

    /** One of the words of an enum. */
    static <E extends Enum<E>> @Nullable E word(CSVRecord line, String column, Class<E> words) {
        return words.cast(anyWord(line, column, words));
    }

    /** The same of an enum that is only known by its class. */
    static @Nullable Object anyWord(CSVRecord line, String column, Class<?> words) {
        String text = text(line, column);
        if (text == null) {
            return null;
        }
        List<String> known =
                Arrays.stream(words.getEnumConstants()).map(Object::toString).toList();
        return Arrays.stream(words.getEnumConstants())
                .filter(word -> word.toString().equalsIgnoreCase(text))
                .findFirst()
                .orElseThrow(() -> refusal(
                        column, "“" + text + "” is not known here.", "It is one of " + String.join(", ", known) + "."));
    }

    private static Refusal refusal(String column, String template, String remedy) {
        return new Refusal(List.of(new Problem("csv.cell", column, template, remedy, Map.of())));
    }
}
