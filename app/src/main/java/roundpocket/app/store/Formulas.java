package roundpocket.app.store;

/**
 * Keeps a spreadsheet from taking for a formula what somebody wrote: at its beginning, and behind every sign at which a
 * spreadsheet set up otherwise would begin another cell.
 */
public final class Formulas {
    /** Also as they are typed in East Asian scripts. */
    private static final String BEGINS = "=+-@'\uFF1D\uFF0B\uFF0D\uFF20";

    private static final String PARTS = ";\t\n\r";
    private static final char QUOTE = '\'';

    private Formulas() {}

    /** The text with a quote before whatever a spreadsheet would take for a formula. */
    public static String guarded(String text) {
        StringBuilder guarded = new StringBuilder(text.length() + 1);
        for (int i = 0; i < text.length(); i++) {
            boolean first = i == 0;
            if ((first || PARTS.indexOf(text.charAt(i - 1)) >= 0) && begins(text, i, first)) {
                guarded.append(QUOTE);
            }
            guarded.append(text.charAt(i));
        }
        return guarded.toString();
    }

    /** Whether a formula begins at a place. Spreadsheets look past what cannot be seen; from the first cell on into the next. */
    private static boolean begins(String text, int from, boolean intoTheNext) {
        for (int i = from; i < text.length(); i += Character.charCount(text.codePointAt(i))) {
            int sign = text.codePointAt(i);
            if (BEGINS.indexOf(sign) >= 0) {
                return true;
            }
            if (!unseen(sign) || !intoTheNext && PARTS.indexOf(sign) >= 0) {
                return false;
            }
        }
        return false;
    }

    /** Blanks, line breaks of every kind, and signs that cannot be seen. */
    private static boolean unseen(int sign) {
        return Character.isWhitespace(sign)
                || Character.isSpaceChar(sign)
                || Character.isISOControl(sign)
                || Character.getType(sign) == Character.FORMAT;
    }

    /** The text as it was before it was guarded; as it is where it was not. */
    public static String unguarded(String text) {
        String inner = withoutQuotes(text, false);
        if (guarded(inner).equals(text)) {
            return inner;
        }
        String all = withoutQuotes(text, true);
        return guarded(all).equals(text) ? all : text;
    }

    /** Without the quotes behind signs that part cells, and without the first where that is wanted. */
    private static String withoutQuotes(String text, boolean alsoTheFirst) {
        StringBuilder plain = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            boolean begins = i == 0 ? alsoTheFirst : PARTS.indexOf(text.charAt(i - 1)) >= 0;
            if (!begins || text.charAt(i) != QUOTE) {
                plain.append(text.charAt(i));
            }
        }
        return plain.toString();
    }
}
