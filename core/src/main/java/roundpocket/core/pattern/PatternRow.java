package roundpocket.core.pattern;

import java.util.ArrayList;
import java.util.List;

/**
 * One round of a repeat, in the order in which it is worked.
 *
 * @param stitches what is worked
 */
public record PatternRow(List<PatternStitch> stitches) {
    public PatternRow {
        stitches = List.copyOf(stitches);
    }

    /** Stitches that it takes from the needle. */
    public int takes() {
        return stitches.stream().mapToInt(PatternStitch::takes).sum();
    }

    /** Stitches that it leaves on the needle. */
    public int leaves() {
        return stitches.stream().mapToInt(PatternStitch::leaves).sum();
    }

    /** As it is written: {@code k2, p2}. Reading these words gives the same round. */
    public String words() {
        List<String> words = new ArrayList<>();
        int i = 0;
        while (i < stitches.size()) {
            PatternStitch stitch = stitches.get(i);
            int run = 1;
            while (stitch.counted() && i + run < stitches.size() && stitches.get(i + run) == stitch) {
                run++;
            }
            words.add(word(stitch, run));
            i += run;
        }
        return String.join(", ", words);
    }

    private static String word(PatternStitch stitch, int run) {
        if (stitch == PatternStitch.TWISTED) {
            return "k" + run + "tbl";
        }
        return stitch.counted() ? stitch.token() + run : stitch.token();
    }
}
