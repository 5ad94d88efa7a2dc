package roundpocket.app.store;

/** Keeps a spreadsheet from taking for a formula what somebody wrote. */
public final class Formulas {
    private static final String BEGINS = "=+-@'";

    private Formulas() {}

    /** The text with a quote before it, where a spreadsheet would take it for a formula. */
    public static String guarded(String text) {
        return text.codePoints().dropWhile(Formulas::unseen).limit(1).anyMatch(first -> BEGINS.indexOf(first) >= 0)
                ? "'" + text
                : text;
    }

    /** Spreadsheets look past these: blanks, line breaks of every kind, and signs that cannot be seen. */
    private static boolean unseen(int sign) {
        return Character.isWhitespace(sign)
                || Character.isSpaceChar(sign)
                || Character.isISOControl(sign)
                || Character.getType(sign) == Character.FORMAT;
    }

    /** The text as it was before it was guarded. */
    public static String unguarded(String text) {
        return text.startsWith("'") && guarded(text.substring(1)).equals(text) ? text.substring(1) : text;
    }
}
