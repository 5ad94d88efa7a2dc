package roundpocket.app.almanac;

import java.util.Arrays;
import java.util.Locale;
import roundpocket.core.almanac.Almanac.Entry;
import roundpocket.core.almanac.Almanac.Kind;

/**
 * One entry of the almanac.
 *
 * @param kind what it is
 * @param id stable name for programs; workings name rules by it
 * @param group what it is about
 * @param title its name
 * @param text the formula, the description, the value or the caution
 * @param goodFor what a school is good for; empty for anything else
 * @param mark provenance mark: P, C, M or D
 * @param markMeaning the mark in words
 * @param source the source in words
 */
public record AlmanacEntryView(
        Kind kind,
        String id,
        String group,
        String title,
        String text,
        String goodFor,
        String mark,
        String markMeaning,
        String source) {
    static AlmanacEntryView of(Entry entry) {
        return new AlmanacEntryView(
                entry.kind(),
                entry.id(),
                entry.group(),
                entry.title(),
                entry.text(),
                entry.goodFor(),
                entry.source().provenance().mark(),
                entry.source().provenance().meaning(),
                entry.source().text());
    }

    boolean hasAll(String[] words) {
        String all = String.join(" ", id, group, title, text, goodFor, source).toLowerCase(Locale.ROOT);
        return Arrays.stream(words).allMatch(all::contains);
    }
}
