package roundpocket.app.store;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.measure.Amount;
import roundpocket.core.measure.Unit;

/** What a name may be, 1 to 80 characters that can be seen, and what notes may be. */
public final class Names {
    public static final int MOST_CHARACTERS = 80;

    /** How many characters notes have at most. */
    public static final int MOST_IN_NOTES = 2000;

    private Names() {}

    /** The name without blanks around it; refused when nothing or too much is left. */
    public static String checked(@Nullable String name, String field) {
        String stripped =
                name == null ? "" : name.replaceAll("\\p{Cntrl}+", " ").strip();
        int length = stripped.codePointCount(0, stripped.length());
        if (length < 1 || stripped.length() > MOST_CHARACTERS) {
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
