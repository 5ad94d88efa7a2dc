package roundpocket.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import roundpocket.core.explain.Problems;

/**
 * A repeat written out: its rounds from the first one up. Every round takes as many stitches as the repeat is wide, and
 * leaves as many.
 *
 * @param rows 1 to 120 rounds of 1 to 60 stitches
 */
public record PatternChart(List<PatternRow> rows) {
    public static final int WIDEST = 60;
    public static final int HIGHEST = 120;

    public PatternChart {
        rows = List.copyOf(rows);
        Problems problems = new Problems();
        ChartReader.check(rows, problems);
        problems.throwIfAny();
    }

    /**
     * Reads a repeat from words: a line a round, the first round first, such as {@code k2, p2} or {@code (k1, p1) x 3}.
     * Refuses with the number of the line where one cannot be read.
     */
    public static PatternChart read(String text) {
        return new PatternChart(ChartReader.rows(text));
    }

    /** Knit stitches and as many purl stitches, every round. */
    public static PatternChart rib(int each) {
        List<PatternStitch> row = new ArrayList<>();
        for (PatternStitch stitch : List.of(PatternStitch.KNIT, PatternStitch.PURL)) {
            for (int i = 0; i < each; i++) {
                row.add(stitch);
            }
        }
        return new PatternChart(List.of(new PatternRow(row)));
    }

    /** Stitches of the repeat. */
    public int width() {
        return rows.get(0).takes();
    }

    /** Rounds of the repeat. */
    public int height() {
        return rows.size();
    }

    /** As it is written, a line a round. */
    public String text() {
        return rows.stream().map(PatternRow::words).collect(Collectors.joining("\n"));
    }
}
