package roundpocket.app.store;

import java.text.BreakIterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/** What a name may be, 1 to 80 characters that can be seen, and what notes may be. */
public final class Names {
    public static final int MOST_CHARACTERS = 80;

    /** How many a name takes where it is stored: one that is read may be several. */
    public static final int MOST_STORED = 400;

    private static final int JOINER = 0x200D;

    /** How many characters notes have at most. */
    public static final int MOST_IN_NOTES = 2000;

    private Names() {}

    /** The name without blanks around it; refused when nothing or too much is left. */
    public static String checked(@Nullable String name, String field) {
        String stripped = name == null ? "" : plain(name);
        boolean seen = stripped.codePoints().anyMatch(Names::canBeSeen);
        int length = seen ? read(stripped) : 0;
        if (length < 1 || length > MOST_CHARACTERS || stripped.length() > MOST_STORED) {
            throw new Refusal(List.of(new Problem(
                    "name.length",
                    field,
                    length < 1 ? "Give it a name." : "A name can have up to {max} characters (this one has {found}).",
                    "A word or two is enough.",
                    Map.of(
                            "max", new Amount(MOST_CHARACTERS, Unit.NUMBER),
                            "found", new Amount(length, Unit.NUMBER)))));
        }
        return stripped;
    }

    /** Line breaks and the like become blanks, several of them one. */
    private static String plain(String name) {
        StringBuilder plain = new StringBuilder(Math.min(name.length(), MOST_STORED + 1));
        for (int i = 0; i < name.length() && plain.length() <= MOST_STORED; i++) {
            boolean control = Character.isISOControl(name.charAt(i));
            if (!control) {
                plain.append(name.charAt(i));
            } else if (plain.length() > 0 && plain.charAt(plain.length() - 1) != ' ') {
                plain.append(' ');
            }
        }
        return plain.toString().strip();
    }

    private static boolean canBeSeen(int sign) {
        return switch (Character.getType(sign)) {
            case Character.FORMAT,
                    Character.CONTROL,
                    Character.SPACE_SEPARATOR,
                    Character.LINE_SEPARATOR,
                    Character.PARAGRAPH_SEPARATOR,
                    Character.UNASSIGNED,
                    Character.SURROGATE,
                    Character.NON_SPACING_MARK -> false;
            default ->
                sign != 0x3164 && sign != 0x115F && sign != 0x1160 && sign != 0xFFA0 && sign != 0x2800; // fillers
        };
    }

    /** As many as somebody counts who reads: a letter with its accents is one, and so is a face of five signs. */
    private static int read(String text) {
        BreakIterator signs = BreakIterator.getCharacterInstance(Locale.ROOT);
        signs.setText(text);
        int count = 0;
        boolean joined = false;
        int from = signs.first();
        for (int to = signs.next(); to != BreakIterator.DONE; from = to, to = signs.next()) {
            int first = text.codePointAt(from);
            boolean part =
                    joined || first == JOINER || Character.getType(first) == Character.MODIFIER_SYMBOL && from > 0;
            count += part ? 0 : 1;
            joined = text.codePointBefore(to) == JOINER;
        }
        return count;
    }

    /** Notes without blanks around them; null where there are none, refused when they are too long. */
    public static @Nullable String notes(@Nullable String notes, String field) {
        String stripped = notes == null ? "" : notes.strip();
        if (stripped.length() > MOST_IN_NOTES) {
            throw new Refusal(List.of(new Problem(
                    "notes.length",
                    field,
                    "Notes can have up to {max} characters (these have {found}).",
                    "Use fewer words.",
                    Map.of(
                            "max", new Amount(MOST_IN_NOTES, Unit.NUMBER),
                            "found", new Amount(stripped.length(), Unit.NUMBER)))));
        }
        return stripped.isEmpty() ? null : stripped;
    }
}
