package roundpocket.app.plans;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;

/** What a colour may be: #rrggbb. */
public final class Colours {
    /** The colour of wool that nobody gave a colour. */
    public static final String UNDYED = "#d9cdb8";

    private Colours() {}

    /** The colour in small letters; refused where it is none. */
    public static String checked(@Nullable String colour) {
        if (colour == null) {
            return UNDYED;
        }
        if (!colour.matches("#[0-9a-fA-F]{6}")) {
            throw new Refusal(List.of(new Problem(
                    "colour.form",
                    "colour",
                    "A colour is a # and six digits or letters a to f, for example " + UNDYED + ".",
                    "Choose one from the palette.",
                    Map.of())));
        }
        return colour.toLowerCase(Locale.ROOT);
    }
}
