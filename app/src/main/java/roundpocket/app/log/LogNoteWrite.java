package roundpocket.app.log;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import roundpocket.core.explain.Problem;
import roundpocket.core.explain.Refusal;
import roundpocket.core.plan.Section;
import roundpocket.core.wear.FitNote;
import roundpocket.core.wear.WearNote;

/**
 * A note on a worn pair as it is sent.
 *
 * @param kind what it is about
 * @param fit how it fits, of a note on that
 * @param wear what became of it, of a note on that
 * @param section where
 * @param sock on which sock, 1 or 2, or of the fit on which foot, the first or the other; on both where it is left out
 * @param words anything else, at most 2000 characters
 * @param on the day it is of; today where it is left out
 */
public record LogNoteWrite(
        LogNoteKind kind,
        @Nullable FitNote fit,
        @Nullable WearNote wear,
        @Nullable Section section,
        @Nullable Integer sock,
        @Nullable String words,
        @Nullable LocalDate on) {
    private static final int MOST_IN_WORDS = 2000;

    void check(LocalDate today) {
        if (kind == null
                || (fit != null) != (kind == LogNoteKind.FIT)
                || (wear != null) != (kind == LogNoteKind.WEAR)) {
            throw refusal(
                    "kind", "A note is on how it fits, on how it wears, or on anything else.", "Choose one of them.");
        }
        if (sock != null && sock != 1 && sock != 2) {
            throw refusal(
                    "sock",
                    "A pair has a sock 1 and a sock 2 (you entered " + sock + ").",
                    "Choose one of the two, or both.");
        }
        String told = words == null ? "" : words.strip();
        if (kind == LogNoteKind.OTHER && told.isEmpty()) {
            throw refusal("words", "This note is empty.", "Write what you noticed.");
        }
        if (told.length() > MOST_IN_WORDS) {
            throw refusal(
                    "words",
                    "A note has at most " + MOST_IN_WORDS + " characters; this one has " + told.length() + ".",
                    "Split it in two.");
        }
        if (on != null && on.isAfter(today)) {
            throw refusal("on", on + " is still to come.", "Give the day on which you noticed it.");
        }
    }

    private static Refusal refusal(String field, String template, String remedy) {
        return new Refusal(List.of(new Problem("log.note", field, template, remedy, Map.of())));
    }
}
