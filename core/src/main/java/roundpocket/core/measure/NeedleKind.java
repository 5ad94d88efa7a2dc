package roundpocket.core.measure;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The kind of needles in use. It changes no loop, only how one says where the loops lie. Common practice, no source. */
public enum NeedleKind {
    /** Half of the loops on each of two circular needles. */
    TWO_CIRCULARS,
    /** Both halves on one long circular needle, whose cable comes out in a loop between them. */
    LONG_LOOP,
    /** Half of the loops on each two of four double points; a fifth knits. */
    DOUBLE_POINTS,
    /** All loops round one short circular needle; heel and toe, which are too narrow for it, on double points. */
    SHORT_CIRCULAR;

    /** What holds half of the loops: one needle of two, or a half. */
    public static final String HALF = told("needle", "half", "half", "half");

    /** What holds both halves. */
    public static final String HALVES = told("needles", "halves", "halves", "halves");

    /** The needles as such. */
    public static final String ALL = told("needles", "needle", "needles", "needle");

    private static final Pattern TOLD =
            Pattern.compile("\\[([^\\[\\]|]*+)\\|([^\\[\\]|]*+)\\|([^\\[\\]|]*+)\\|([^\\[\\]|]*+)]");

    /** Words that are others for each kind, in its place: {@code [two circulars|long|double points|short]}. */
    public static String told(String twoCirculars, String longLoop, String doublePoints, String shortCircular) {
        return "[" + twoCirculars + "|" + longLoop + "|" + doublePoints + "|" + shortCircular + "]";
    }

    /** Words for double points alone; those who use a short circular have heel and toe on them. */
    public static String onDoublePoints(String words) {
        return told("", "", words, words);
    }

    /** Words with what is said for this kind put in. */
    public String says(String words) {
        return TOLD.matcher(words).replaceAll(found -> Matcher.quoteReplacement(found.group(ordinal() + 1)));
    }
}
