package roundpocket.core.pattern;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Problems;
import roundpocket.core.explain.Refusal;

/** Reads the rounds of a repeat from words, and says in which line something cannot be read. */
final class ChartReader {
    static final int MOST_TEXT = 12_000;

    private static final String FIELD = "rows";
    private static final Pattern NUMBERED =
            Pattern.compile("\\A\\s*+(?:(?:round|rnd|row|r)\\s*+)?+\\d{1,3}+\\s*+[:.)]\\s*+");
    /** A stitch through the back loop; one that has a name; several of a kind, or one alone. */
    private static final Pattern STITCH = Pattern.compile("k(?<twisted>\\d{0,3}) ?tbl|(?<named>yo|ssk|k2tog|p2tog|sk2p)"
            + "|(?<kind>sl|k|p) ?(?<number>\\d{1,3})|(?<alone>sl|k|p)(?![a-z])");

    private static final Pattern WORD = Pattern.compile("[^\\s,()]{1,12}");
    private static final String TIMES_SIGNS = "x×*";
    private static final String KNOWN = "Use k, p, yo, ssk, k2tog, p2tog, sk2p, k1tbl or sl, as in “k2, yo, ssk, k3”.";

    private ChartReader() {}

    static List<PatternRow> rows(String text) {
        if (text.length() > MOST_TEXT) {
            throw refusal("pattern.rows.long", "The repeat is too long.", "Write one repeat only.");
        }
        List<PatternRow> rows = new ArrayList<>();
        Problems problems = new Problems();
        int number = 0;
        for (String line : text.split("\\R|;")) {
            number++;
            String words = NUMBERED.matcher(line.toLowerCase(Locale.ROOT)).replaceFirst("");
            if (!words.isBlank()) {
                new Line(words, number).row(problems).ifPresent(rows::add);
            }
        }
        problems.throwIfAny();
        return rows;
    }

    static void check(List<PatternRow> rows, Problems problems) {
        if (rows.isEmpty()) {
            problems.add(problem("pattern.rows.none", "Write at least one round.", KNOWN));
            return;
        }
        if (rows.size() > PatternChart.HIGHEST) {
            problems.add(problem(
                    "pattern.rows.high",
                    "A repeat can have up to " + PatternChart.HIGHEST + " rounds; this one has " + rows.size() + ".",
                    "Write one repeat only."));
        }
        int width = rows.get(0).takes();
        if (width < 1 || width > PatternChart.WIDEST) {
            problems.add(problem(
                    "pattern.rows.wide",
                    "A repeat can be 1 to " + PatternChart.WIDEST + " stitches wide; round 1 works " + width + ".",
                    "Write one repeat only, without the edge stitches."));
            return;
        }
        for (int i = 0; i < rows.size(); i++) {
            PatternRow row = rows.get(i);
            int round = i + 1;
            if (row.takes() != width) {
                problems.add(problem(
                        "pattern.rows.uneven",
                        "Round " + round + " works " + stitches(row.takes()) + " and round 1 works " + width + ".",
                        "Every round works the whole repeat."));
            } else if (row.leaves() != width) {
                problems.add(problem(
                        "pattern.rows.unbalanced",
                        "Round " + round + " takes " + stitches(width) + " and leaves " + row.leaves() + ".",
                        "A round gives back as many as it takes: a yarn over for every decrease."));
            }
        }
    }

    private static String stitches(int number) {
        return number + (number == 1 ? " stitch" : " stitches");
    }

    /** One line, read from its beginning. */
    private static final class Line {
        private final String words;
        private final int number;
        private int at;

        Line(String words, int number) {
            this.words = words;
            this.number = number;
        }

        Optional<PatternRow> row(Problems problems) {
            List<PatternStitch> all = new ArrayList<>();
            List<PatternStitch> inside = null;
            while (skip()) {
                char next = words.charAt(at);
                if (next == '(' && inside == null) {
                    inside = new ArrayList<>();
                    at++;
                } else if (next == ')' && inside != null) {
                    at++;
                    int times = times();
                    for (int i = 0; i < times && all.size() <= 2 * PatternChart.WIDEST; i++) {
                        all.addAll(inside);
                    }
                    inside = null;
                } else if (!one(inside == null ? all : inside)) {
                    problems.add(unknown());
                    return Optional.empty();
                }
            }
            if (inside != null) {
                problems.add(problem(
                        "pattern.rows.bracket",
                        "Line " + number + " opens a bracket and does not close it.",
                        "Write it as “(k1, p1) x 3”."));
                return Optional.empty();
            }
            return Optional.of(new PatternRow(all));
        }

        /** Passes over what stands between stitches; false at the end. */
        private boolean skip() {
            while (at < words.length() && " \t,.\u00a0".indexOf(words.charAt(at)) >= 0) {
                at++;
            }
            return at < words.length();
        }

        /** The number behind a bracket, with or without a sign before it; 1 where none stands there. */
        private int times() {
            int sign = blanks(at);
            int from = sign < words.length() && TIMES_SIGNS.indexOf(words.charAt(sign)) >= 0 ? blanks(sign + 1) : sign;
            int to = from;
            while (to < words.length() && to < from + 2 && Character.digit(words.charAt(to), 10) >= 0) {
                to++;
            }
            if (to == from) {
                return 1;
            }
            at = to;
            return Integer.parseInt(words.substring(from, to));
        }

        private int blanks(int from) {
            int to = from;
            while (to < words.length() && Character.isWhitespace(words.charAt(to))) {
                to++;
            }
            return to;
        }

        private boolean one(List<PatternStitch> to) {
            Matcher stitch = STITCH.matcher(words).region(at, words.length());
            if (!stitch.lookingAt()) {
                return false;
            }
            if (stitch.group("twisted") != null) {
                return several(to, PatternStitch.TWISTED, stitch.group("twisted"), stitch.end());
            }
            String single = stitch.group("named") != null ? stitch.group("named") : stitch.group("alone");
            return single != null
                    ? several(to, byToken(single), "", stitch.end())
                    : several(to, byToken(stitch.group("kind")), stitch.group("number"), stitch.end());
        }

        private boolean several(List<PatternStitch> to, PatternStitch stitch, String number, int end) {
            int times = number.isEmpty() ? 1 : Integer.parseInt(number);
            // More than a repeat can hold is refused for its width afterwards.
            to.addAll(Collections.nCopies(Math.min(times, 2 * PatternChart.WIDEST), stitch));
            if (times > 0) {
                at = end;
            }
            return times > 0;
        }

        private Problem unknown() {
            Matcher word = WORD.matcher(words).region(at, words.length());
            String what = word.lookingAt() ? word.group() : words.substring(at, at + 1);
            return problem("pattern.rows.unknown", "Line " + number + ": I don’t know “" + what + "”.", KNOWN);
        }
    }

    private static PatternStitch byToken(String token) {
        for (PatternStitch stitch : PatternStitch.values()) {
            if (stitch.token().equals(token)) {
                return stitch;
            }
        }
        throw new IllegalArgumentException(token);
    }

    private static Problem problem(String code, String words, String remedy) {
        // A brace in the knitter's own words is no place for an amount.
        return new Problem(code, FIELD, words.replace("{", "(").replace("}", ")"), remedy, Map.of());
    }

    private static Refusal refusal(String code, String words, String remedy) {
        return new Refusal(List.of(problem(code, words, remedy)));
    }
}
