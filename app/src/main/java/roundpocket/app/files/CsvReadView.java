package roundpocket.app.files;

import java.util.List;
import roundpocket.core.measure.Sentence;

/**
 * What became of a file.
 *
 * @param taken lines that are on the shelf now
 * @param wrong lines that were not taken in, with the reason; where there are any and the right ones were not asked for
 *     by themselves, nothing was
 */
public record CsvReadView(int taken, List<WrongLine> wrong) {
    /** A line that was not taken in; {@code line} counts from 1, the heading. */
    public record WrongLine(long line, String column, Sentence said) {}
}
