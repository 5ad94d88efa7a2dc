package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Works the rounds and rows of a heel or a toe as they are written, and nothing else. */
final class WrittenRounds {
    private static final Pattern SHORT_ROW =
            Pattern.compile("^(Double the first st, )?(Knit|Purl|knit|purl) (\\d+)[,.]");
    private int rowBefore;
    private boolean rowBeforeKnit;
    private final String what;
    private final int half;

    WrittenRounds(String what, int half) {
        this.what = what;
        this.half = half;
    }

    /** Stitches on the needles after a round that is worked as it is written. */
    int worked(int needles, String words) {
        Matcher corners = Pattern.compile("Knit, decreasing (\\d+) extra sts? at each corner")
                .matcher(words);
        if (corners.find()) {
            return needles - 2 * Integer.parseInt(corners.group(1));
        }
        if (words.equals("Knit.")) {
            return needles;
        }
        Matcher row = SHORT_ROW.matcher(words);
        if (row.find()) {
            shortRow(needles, row, words);
            return needles;
        }
        assertThat(words).as(what).startsWith("On each needle: ");
        int taken = 0;
        int made = 0;
        for (String move : words.substring("On each needle: ".length()).split("[, .]+")) {
            switch (move) {
                case "ssk", "k2tog" -> {
                    taken += 2;
                    made++;
                }
                case "m1" -> made++;
                default -> {
                    int knit = SockMachine.number("^k(\\d+)$", move);
                    taken += knit;
                    made += knit;
                }
            }
        }
        assertThat(2 * taken)
                .as("%s: “%s” does not work all of a needle", what, words)
                .isEqualTo(needles);
        return 2 * made;
    }

    /** Rows alternate, each a stitch shorter or longer than the one before, and the last one works the whole half. */
    private void shortRow(int needles, Matcher row, String words) {
        boolean knit = row.group(2).equalsIgnoreCase("knit");
        int worked = Integer.parseInt(row.group(3)) + (row.group(1) == null ? 0 : 1);
        if (rowBefore == 0) {
            assertThat(knit)
                    .as("%s: the first row is seen from the right side", what)
                    .isTrue();
        } else {
            assertThat(knit)
                    .as("%s: “%s” after a row of that kind", what, words)
                    .isNotEqualTo(rowBeforeKnit);
            assertThat(Math.abs(worked - rowBefore)).as("%s: “%s”", what, words).isLessThanOrEqualTo(1);
        }
        boolean last = words.endsWith("All sts are worked.");
        // Of a toe that begins with half of its stitches those are all there are.
        int all = needles == half ? needles : needles / 2;
        assertThat(worked == all).as("%s: “%s”", what, words).isEqualTo(last);
        rowBefore = last ? 0 : worked;
        rowBeforeKnit = knit;
    }
}
