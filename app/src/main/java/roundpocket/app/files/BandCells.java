package roundpocket.app.files;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Bands of colour in a cell: parted by strokes, each its colour, then numbers, then its name. A name that could be taken for
 * anything else stands in quotes, a quote in it is written twice. Read sign by sign: a cell comes from anywhere.
 */
final class BandCells {
    private static final char QUOTE = '"';
    private static final char STROKE = '/';

    private BandCells() {}

    /** A name as it stands behind the numbers. */
    static String named(@Nullable String name) {
        if (name == null || name.isEmpty()) {
            return "";
        }
        boolean plain = Character.isLetter(name.charAt(0)) && name.indexOf(QUOTE) < 0 && name.indexOf(STROKE) < 0;
        return plain ? name : QUOTE + name.replace("\"", "\"\"") + QUOTE;
    }

    /** The name that stands there. */
    static @Nullable String name(String words) {
        String stripped = words.strip();
        if (stripped.length() >= 2 && stripped.charAt(0) == QUOTE && stripped.charAt(stripped.length() - 1) == QUOTE) {
            return stripped.substring(1, stripped.length() - 1).replace("\"\"", "\"");
        }
        return stripped.isEmpty() ? null : stripped;
    }

    static String joined(List<String> bands) {
        return bands.stream().collect(Collectors.joining(Cells.LIST_SIGN));
    }

    /** The bands in a cell; a stroke within quotes parts nothing. */
    static List<String> parts(String cell) {
        List<String> parts = new ArrayList<>();
        StringBuilder part = new StringBuilder();
        boolean quoted = false;
        for (int i = 0; i < cell.length(); i++) {
            char sign = cell.charAt(i);
            boolean opens = part.isEmpty() || Character.isWhitespace(part.charAt(part.length() - 1));
            boolean twice = quoted && sign == QUOTE && i + 1 < cell.length() && cell.charAt(i + 1) == QUOTE;
            if (twice) {
                part.append(QUOTE);
                i++;
            } else if (sign == QUOTE && (quoted || opens)) {
                quoted = !quoted;
            }
            if (sign == STROKE && !quoted) {
                parts.add(part.toString().strip());
                part.setLength(0);
            } else {
                part.append(sign);
            }
        }
        parts.add(part.toString().strip());
        return parts;
    }

    /** What stands before the first blank, and what behind it. */
    record Split(String first, String rest) {
        static Split of(String words) {
            String stripped = words.strip();
            for (int i = 0; i < stripped.length(); i++) {
                if (Character.isWhitespace(stripped.charAt(i))) {
                    return new Split(
                            stripped.substring(0, i), stripped.substring(i).strip());
                }
            }
            return new Split(stripped, "");
        }
    }

    /** Whether a word means to be a number: it begins with a digit, and is no count of rounds on stitches. */
    static boolean number(String word) {
        int from = word.startsWith("-") ? 1 : 0;
        return word.length() > from && digit(word.charAt(from)) && word.indexOf('x') < 0;
    }

    /** Whether it has no other signs than a number of rounds has. */
    static boolean rounds(String word) {
        return !word.isEmpty() && word.chars().allMatch(sign -> digit((char) sign) || sign == '.' || sign == ',');
    }

    private static boolean digit(char sign) {
        return sign >= '0' && sign <= '9';
    }
}
