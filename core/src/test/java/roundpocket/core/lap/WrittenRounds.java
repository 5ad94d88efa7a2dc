package roundpocket.core.lap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the rounds of a heel or a toe as they are written, and nothing else. */
final class WrittenRounds {
    private static final Pattern KNIT = Pattern.compile("^k(\\d+)$");
    private static final Pattern CORNERS = Pattern.compile("^Knit, decreasing (\\d+) extra sts? at each corner");

    private static final Pattern SHORT_ROW =
            Pattern.compile("^(Double the first st, )?(Knit|Purl|knit|purl) (\\d+)[,.]");

    private WrittenRounds() {}

    /** A short row as it is written: knitted and purled in turn, as many stitches as it works, and the last one works all. */
    static void row(String what, String words, int number, int worked, boolean all) {
        Matcher row = SHORT_ROW.matcher(words);
        assertThat(row.find()).as("%s: “%s”", what, words).isTrue();
        assertThat(row.group(2))
                .as("%s: row %d", what, number)
                .isEqualToIgnoringCase(number % 2 == 1 ? "knit" : "purl");
        int said = Integer.parseInt(row.group(3)) + (row.group(1) == null ? 0 : 1);
        assertThat(said).as("%s: “%s”", what, words).isEqualTo(worked);
        assertThat(words.endsWith("All sts are worked."))
                .as("%s: “%s”", what, words)
                .isEqualTo(all);
    }

    /** The stitches of one needle one by one: loops worked together for each; 0 for one made of the strand between two. */
    static List<Integer> moves(String words, int loops) {
        Matcher corners = CORNERS.matcher(words);
        List<Integer> moves = new ArrayList<>(Collections.nCopies(loops, 1));
        if (corners.find()) {
            boolean both = corners.group(1).equals("2");
            assertThat(words)
                    .endsWith(both ? "on each half ssk the first two sts and k2tog the last two." : "each half.");
            moves.remove(0);
            moves.set(0, 2);
            return both ? pairs(loops) : moves;
        }
        if (words.equals("Knit.")) {
            return moves;
        }
        assertThat(words).startsWith("On each needle: ");
        moves.clear();
        for (String move : words.substring("On each needle: ".length()).split("[, .]+")) {
            switch (move) {
                case "ssk", "k2tog" -> moves.add(2);
                case "m1" -> moves.add(0);
                default -> {
                    Matcher knit = KNIT.matcher(move);
                    assertThat(knit.find()).as(words).isTrue();
                    moves.addAll(Collections.nCopies(Integer.parseInt(knit.group(1)), 1));
                }
            }
        }
        return moves;
    }

    private static List<Integer> pairs(int loops) {
        List<Integer> moves = new ArrayList<>();
        moves.add(2);
        moves.addAll(Collections.nCopies(loops - 4, 1));
        moves.add(2);
        return moves;
    }
}
