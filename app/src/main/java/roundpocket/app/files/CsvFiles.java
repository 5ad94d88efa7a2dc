package roundpocket.app.files;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.DuplicateHeaderMode;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import roundpocket.app.files.CsvReadView.WrongLine;
import roundpocket.app.store.StoredWrite;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** Writes shelves as CSV and reads them from it. */
@Component
class CsvFiles {
    private static final int MOST_LINES = 2000;
    private static final CSVFormat READING = CSVFormat.RFC4180
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setDuplicateHeaderMode(DuplicateHeaderMode.DISALLOW)
            .setIgnoreHeaderCase(true)
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();

    <V, W extends StoredWrite> String write(CsvShelf<V, W> shelf) {
        StringWriter text = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(text, CSVFormat.RFC4180)) {
            printer.printRecord(shelf.columns());
            for (V kept : shelf.list()) {
                printer.printRecord(shelf.line(kept));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible); // nothing is written but memory
        }
        return text.toString();
    }

    /** Takes the lines in; where one is wrong, none, unless {@code onlyRight} asks for the right ones by themselves. */
    @Transactional
    <V, W extends StoredWrite> CsvReadView read(CsvShelf<V, W> shelf, String text, boolean onlyRight) {
        List<WrongLine> wrong = new ArrayList<>();
        List<W> right = new ArrayList<>();
        for (CSVRecord line : records(shelf, text)) {
            try {
                W write = shelf.write(line);
                shelf.check(write);
                right.add(write);
            } catch (Refusal refusal) {
                for (Problem problem : refusal.problems()) {
                    wrong.add(new WrongLine(line.getRecordNumber() + 1, column(problem), problem.said()));
                }
            }
        }
        if (!wrong.isEmpty() && !onlyRight) {
            return new CsvReadView(0, wrong);
        }
        right.forEach(shelf::create);
        return new CsvReadView(right.size(), wrong);
    }

    /** The names of values in what is written, as the columns have them. */
    private static String column(Problem problem) {
        return Columns.columnOf(problem.field()
                .replaceFirst("^(foot|yarn|cake)\\.", "")
                .replaceFirst("^otherFoot\\.", "other_")
                .replaceFirst("tracing\\.", "traced_")
                .replaceFirst("^knots\\[.*", "knotsM")
                .replaceFirst("\\[.*", "")
                .replace('.', '_'));
    }

    private static List<CSVRecord> records(CsvShelf<?, ?> shelf, String text) {
        String unmarked = text.startsWith("\uFEFF") ? text.substring(1) : text;
        char sign = unmarked.lines().findFirst().orElse("").contains(";") ? ';' : ',';
        try (CSVParser parser =
                CSVParser.parse(unmarked, READING.builder().setDelimiter(sign).get())) {
            for (String column : shelf.needed()) {
                if (parser.getHeaderNames().stream().noneMatch(column::equalsIgnoreCase)) {
                    throw refusal(
                            "The first line of the file must name its columns, and “" + column + "” is not among them.",
                            "The columns are " + String.join(", ", shelf.columns()) + ".");
                }
            }
            List<CSVRecord> records = parser.getRecords();
            if (records.size() > MOST_LINES) {
                throw refusal(
                        "These are " + records.size() + " lines; " + MOST_LINES + " are read at once.",
                        "Split the file.");
            }
            return records;
        } catch (IOException | UncheckedIOException | IllegalArgumentException unreadable) {
            throw refusal(
                    "This is not a CSV file that can be read.",
                    "Its first line names the columns, a comma or a semicolon stands between the cells.");
        }
    }

    private static Refusal refusal(String template, String remedy) {
        return new Refusal(List.of(new Problem("csv.file", "", template, remedy, Map.of())));
    }
}
