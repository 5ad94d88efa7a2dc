package roundpocket.core;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** What a machine can see is amiss in a text for people: plurals, glue, codes, too many digits, words that are not ours. */
public final class PlainWords {
    private static final Map<String, Pattern> AMISS = Map.of(
            "plural",
            pattern("(?<![\\d.,/½×+] ?)\\b1" + " (rounds|sts|stitches|moves|times|needles|rows|presses|pairs|cuts)\\b"),
            "singular",
            pattern("\\b([2-9]|\\d{2,}) (round|st|stitch|move|row|pair|cut)\\b(?! (of|is|from|cut))"),
            "glue",
            pattern(" [,.;:]|[,;:]{2}|\\.\\.|\\(\\s|\\s\\)|  +\\S"),
            "placeholder",
            pattern("\\{\\w+\\}|undefined|\\bnull\\b|NaN"),
            "code",
            pattern("\\b[A-Z]+_[A-Z_]+\\b|[0-9a-f]{8}-[0-9a-f]{4}"),
            "digits",
            pattern("±? ?\\d+\\.\\d{3,}|give or take \\d{3,}\\.\\d"),
            "twice",
            pattern("\\b([a-z]{2,}) \\1\\b"),
            "article",
            pattern("\\b[Aa] (?=[aeio]\\w|8 |11 |18 )(?!one\\b)"),
            "apostrophe",
            pattern("[A-Za-z]'(s|t|re|ll|ve|d)\\b"),
            "word",
            pattern(
                    "(?i)\\b((?<!one )loops?|lap|ravel(led)?|reckon\\w*|such as|put by|at hand|a side|thrown? away|draw(n)?"
                            + " (together"
                            + "|through)|doubts?|schools?|otherwise than|begun on|heel pocket)\\b"));

    private PlainWords() {}

    private static Pattern pattern(String regex) {
        return Pattern.compile(regex);
    }

    /** What is amiss in a line, each with the line. */
    public static List<String> amiss(String line) {
        String text = line.strip();
        return AMISS.entrySet().stream()
                .filter(each -> each.getValue().matcher(text).find())
                .map(each -> each.getKey() + ": " + text)
                .toList();
    }
}
