package roundpocket.app.almanac;

import java.util.Arrays;
import java.util.Locale;
import roundpocket.core.almanac.Almanac;
import roundpocket.core.almanac.Almanac.Entry;
import roundpocket.core.almanac.Almanac.Kind;
import roundpocket.core.almanac.Chapter;

/**
 * One entry of the almanac.
 *
 * @param kind what it is
 * @param id stable name for programs; workings name rules by it
 * @param kindTitle the kind in words
 * @param chapter where it stands
 * @param chapterTitle the chapter in words
 * @param title its name
 * @param text the formula, the description, the value or the caution
 * @param goodFor what a school is good for; empty for anything else
 * @param mark provenance mark: P, C, M or D
 * @param markMeaning the mark in words
 * @param source the source in words
 * @param asked whether it is a rule that can be asked with numbers of one's own
 */
public record AlmanacEntryView(
        Kind kind,
        String kindTitle,
        String id,
        Chapter chapter,
        String chapterTitle,
        String title,
        String text,
        String goodFor,
        String mark,
        String markMeaning,
        String source,
        boolean asked) {
    static AlmanacEntryView of(Entry entry) {
        return new AlmanacEntryView(
                entry.kind(),
                entry.kind().title(),
                entry.id(),
                entry.chapter(),
                entry.chapter().title(),
                entry.title(),
                entry.text(),
                entry.goodFor(),
                entry.source().provenance().mark(),
                entry.source().provenance().meaning(),
                entry.source().text(),
                entry.kind() == Kind.RULE && Almanac.rule(entry.id()).isPresent());
    }

    boolean hasAll(String[] words) {
        String all = String.join(" ", id, kindTitle, chapterTitle, title, text, goodFor, source)
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(words).allMatch(all::contains);
    }
}
